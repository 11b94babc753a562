import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { expect, test } from 'vitest';
import { main } from '@/cli/read';

async function run(text: string, ...options: readonly string[]) {
  const file = path.join(mkdtempSync(path.join(tmpdir(), 'read-')), 'text.txt');
  writeFileSync(file, text);
  let [out, err] = ['', ''];
  const code = await main(
    [...options, file],
    { write: (part: string) => ((out += part), true) },
    { write: (part: string) => ((err += part), true) },
  );
  return { code, out: out === '' ? undefined : (JSON.parse(out) as unknown), err };
}

test('an advert is printed with its machine, its sale and its figures', async () => {
  const text = '2019 Tundry Ridge 450, 7,200 miles, 379 lbs wet, rear travel 9.4 in, $4,900 OBO';
  const { code, out } = await run(text);
  expect(code).toBe(0);
  expect(out).toMatchObject({
    gallons: 'us',
    machines: [
      {
        maker: 'Tundry',
        model: 'Ridge 450',
        year: 2019,
        kind: 'sale',
        sale: { odometer: { amount: 7200, unit: 'mi' } },
        proposals: [
          { key: 'mass', amount: 379, unit: 'lb', basis: 'ready', ticked: true, words: '379 lbs' },
          { key: 'travelRear', amount: 9.4, unit: 'in', side: 'rear', ticked: true },
          { key: 'price', amount: 4900, unit: 'USD', basis: 'asked', ticked: true },
        ],
      },
    ],
  });
});
test('the columns of a table, and headings without a row', async () => {
  expect((await run('Model;Wet kg\nX;150\n', '--table')).out).toEqual({
    machinesAsColumns: false,
    rows: 1,
    columns: [
      { heading: 'Model', kind: 'text', column: 'model' },
      { heading: 'Wet kg', kind: 'figure', key: 'mass', basis: 'ready', unit: 'kg' },
    ],
  });
  expect((await run('Model;kW\n', '--table')).out).toMatchObject({ rows: 0 });
});
test('a file that is not there, and no file at all', async () => {
  let err = '';
  const sink = { write: (part: string) => ((err += part), true) } as never;
  expect(await main(['/nowhere/at/all.txt'], sink, sink)).toBe(1);
  expect(err).toContain('cannot be read');
  expect(await main([], sink, sink)).toBe(2);
});
