import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { factInUse, FACT_KEYS } from '@/core/facts';
import { FIGURE_KEYS, figureDefinition, readingInUse } from '@/core/readings';
import {
  donorTable,
  guessColumns,
  headingsKey,
  partColumns,
  partTable,
  readDonorRow,
  readPartRow,
  setupTable,
  trialTable,
  type ColumnTarget,
  type RowSetting,
  type Table,
} from '@/core/tables';
import type { Trial } from '@/core/evidence';
import type { SetUp } from '@/core/set-up';
import { convert } from '@/core/units';
import { SHIPPED_PARTS } from '@/core/catalogue';
import { demoDossier } from '@/demo/scenario';
import { resolvedDonors } from '@/store/queries';
import { donorSchema, newDonor, partSchema } from '@/store/records';
import { csvText, parseCsv, xlsxBlob } from '@/store/tables';
import {
  BASIS_WORDS,
  cellFaultWords,
  nameWords,
  partCellFaultWords,
  tableFaultWords,
} from '@/ui/messages';

const donors = [...resolvedDonors(demoDossier()).values()];
const setting = (columns: readonly ColumnTarget[]): RowSetting => ({
  columns,
  origin: 'claimed',
  note: 'table',
  donorClass: 'rally-twin',
  id: 'row',
});
const read = (headings: readonly string[], cells: readonly string[], gallon?: 'us' | 'imp') =>
  readDonorRow(cells, setting(guessColumns(headings, gallon)));

describe('one row of a table', () => {
  test('units and bases come from the headings', () => {
    const result = read(
      ['Make', 'Model', 'Weight (lb, dry)', 'Seat (in)', 'ABS', 'Tags'],
      ['Hollin', 'Plover', '271', '34,6', 'switchable', 'light; cheap'],
    );
    expect(result).toMatchObject({
      kind: 'donor',
      donor: { maker: 'Hollin', model: 'Plover', tags: ['light', 'cheap'] },
    });
    if (result.kind !== 'donor') return;
    expect(readingInUse(result.donor.figures.mass)).toMatchObject({
      amount: 271,
      unit: 'lb',
      basis: 'dry',
      origin: 'claimed',
      note: 'table',
    });
    expect(readingInUse(result.donor.figures.seatHeight)).toMatchObject({
      amount: 34.6,
      unit: 'in',
    });
    expect(factInUse(result.donor.facts?.abs)?.value).toBe('both-off');
    expect(donorSchema.safeParse(result.donor).success).toBe(true);
  });
  test('a cell may say another unit of the same kind', () =>
    expect(read(['Model', 'Mass (kg)'], ['X', '300 lb'])).toMatchObject({
      donor: { figures: { mass: { readings: [{ amount: 300, unit: 'lb' }] } } },
    }));
  test('what is had for more money is not told, and no fault; another word is one', () => {
    const facts = (cruise: string, screen: string) => {
      const result = read(['Model', 'Cruise control', 'Screen'], ['Plover', cruise, screen]);
      return result.kind === 'donor' ? Object.keys(result.donor.facts ?? {}) : result.kind;
    };
    expect(facts('optional', 'tall (option)')).toEqual([]);
    expect(facts('yes (optional)', 'small (tall optional)')).toEqual(['screen']);
    expect(facts('○', 'opt.')).toEqual([]);
    expect(facts('yes', 'tall')).toEqual(['cruiseControl', 'screen']);
    expect(facts('perhaps', 'tall')).toBe('faults');
  });
  test('empty cells and dashes are not known, never 0', () => {
    const result = read(['Model', 'Mass (kg)', 'Power (kW)', 'ABS'], ['X', '', 'n/a', '?']);
    expect(result).toMatchObject({ kind: 'donor', donor: { figures: {} } });
    expect(read(['Model', 'Mass (kg)'], ['', ' '])).toEqual({ kind: 'empty' });
  });
  test.each([
    [['Model', 'Mass (kg)'], ['X', '900'], 'out-of-limits'],
    [['Model', 'Mass (kg)'], ['X', 'heavy'], 'not-a-number'],
    [['Model', 'Mass (kg)'], ['X', '34 in'], 'unit-of-other-dimension'],
    [['Model', 'Tank (gal)'], ['X', '3.1'], 'unit-unsaid'],
    [['Model', 'ABS'], ['X', 'perhaps'], 'not-an-option'],
    [['Model', 'Class'], ['X', 'spaceship'], 'class-unknown'],
    [['Mass (kg)'], ['200'], 'no-name'],
    [['Model', 'Gears'], ['X', '5.5'], 'not-whole'],
    [['Model'], ['x'.repeat(200)], 'too-long'],
    [['Model', 'Mass (kg)'], ['X', '=1+1'], 'not-a-number'],
  ] as const)('%j %j: %s', (headings, cells, code) => {
    const result = read(headings, cells);
    expect(result).toMatchObject({ kind: 'faults', faults: [{ fault: { code } }] });
    if (result.kind === 'faults')
      for (const f of result.faults) expect(cellFaultWords(f.fault)).toMatch(/^\S.*\.$/);
  });
  test('gallons are taken once the rider has said which', () =>
    expect(read(['Model', 'Tank (gal)'], ['X', '3.1'], 'imp')).toMatchObject({
      donor: { figures: { tank: { readings: [{ unit: 'gal-imp' }] } } },
    }));
  test('no row makes the reader throw', () => {
    fc.assert(
      fc.property(
        fc.array(fc.string({ maxLength: 30 }), { minLength: 1, maxLength: 8 }),
        fc.array(fc.string({ maxLength: 30 }), { maxLength: 8 }),
        (headings, cells) => {
          expect(['donor', 'faults', 'empty']).toContain(read(headings, cells).kind);
        },
      ),
      { seed: 71 },
    );
  });
});

test('headings are known again whatever their case and spaces; order counts', () => {
  expect(headingsKey([' Seat  height', 'MASS'])).toBe(headingsKey(['seat height', 'mass']));
  expect(headingsKey(['a', 'b'])).not.toBe(headingsKey(['b', 'a']));
});

describe('donors out as separated values and in again', () => {
  test.each(['metric', 'us', 'uk'] as const)(
    'every figure in use and every fact comes back, %s',
    (units) => {
      const table = donorTable(donors, {
        units,
        currency: 'EUR',
        nameOf: nameWords,
        basisOf: (b) => (b === 'stated' ? '' : BASIS_WORDS[b]),
      });
      const parsed = parseCsv(csvText(table));
      if (parsed.kind !== 'table') throw new Error(tableFaultWords(parsed.fault));
      const columns = guessColumns(parsed.headings, undefined);
      expect(columns.filter((c) => c.kind === 'ignore')).toEqual([]);
      parsed.rows.forEach((cells, i) => {
        const result = readDonorRow(cells, setting(columns));
        const before = donors[i];
        if (result.kind !== 'donor' || !before) throw new Error(JSON.stringify(result));
        expect(result.donor).toMatchObject({
          maker: before.maker,
          model: before.model,
          version: before.version,
          donorClass: before.donorClass,
        });
        for (const key of FIGURE_KEYS) {
          const [was, is] = [
            readingInUse(before.figures[key]),
            readingInUse(result.donor.figures[key]),
          ];
          expect(is?.basis, key).toBe(was?.basis);
          if (was && is)
            expect(
              figureDefinition(key).dimension === 'money'
                ? is.amount
                : convert(is.amount, is.unit, was.unit),
              key,
            ).toBeCloseTo(was.amount, 3);
        }
        for (const key of FACT_KEYS)
          expect(factInUse(result.donor.facts?.[key])?.value, key).toBe(
            factInUse(before.facts?.[key])?.value,
          );
      });
    },
  );
});

describe('a spreadsheet calculates nothing that Jugator writes', () => {
  const risky = ['=1+1', '+cmd', '-2+3', '@SUM(A1)', '\tx', '\rx'];
  const table = { headings: ['Name', 'Figure'], rows: risky.map((text) => [text, -3.5] as const) };
  // OWASP, CSV injection (from memory): such text gets a quote mark before it.
  test('separated values: risky text is quoted, numbers stay numbers', () => {
    const lines = csvText(table).split('\r\n').slice(1, 5);
    for (const line of lines) expect(line).toMatch(/^"?'[=+\-@]/);
    for (const line of lines) expect(line).toMatch(/,-3\.5$/);
  });
  test('and our own reader takes the mark off again', () => {
    const parsed = parseCsv(csvText({ headings: ['Model', 'Note'], rows: [['Plover', '=1+1']] }));
    expect(parsed.kind === 'table' && read(['Model', 'Note'], parsed.rows[0] ?? [])).toMatchObject({
      donor: { note: '=1+1' },
    });
  });
  test('a workbook: every text cell is typed as text', async () => {
    const bytes = new Uint8Array(await (await xlsxBlob(table, 'Donors')).arrayBuffer());
    expect([...bytes.slice(0, 2)]).toEqual([0x50, 0x4b]);
    const { unzipSync, strFromU8 } = await import('fflate');
    const files = unzipSync(bytes);
    const sheet = strFromU8(files['xl/worksheets/sheet1.xml'] ?? new Uint8Array());
    expect(sheet).not.toContain('<f>');
    expect(sheet.match(/-3\.5/g)).toHaveLength(risky.length);
  });
});

describe('tables that cannot be read', () => {
  test('a semicolon file with decimal commas is read', () =>
    expect(parseCsv('Model;Mass (kg)\r\nPlover;118,5\r\n')).toMatchObject({
      kind: 'table',
      headings: ['Model', 'Mass (kg)'],
      rows: [['Plover', '118,5']],
    }));
  test.each([
    ['', 'table-empty'],
    ['Model', 'table-empty'],
    [`Model\n${'x\n'.repeat(5001)}`, 'table-too-long'],
    ['Model,Note\nPlover,"never closed', 'table-broken'],
  ] as const)('%#', (text, code) => {
    const parsed = parseCsv(text);
    expect(parsed).toMatchObject({ kind: 'fault', fault: { code } });
    if (parsed.kind === 'fault') expect(tableFaultWords(parsed.fault)).toMatch(/^[A-Z].*\.$/);
  });
  test('too large', () =>
    expect(parseCsv(`Model\n${'x'.repeat(9 * 1024 * 1024)}`)).toMatchObject({
      fault: { code: 'table-too-large' },
    }));
});

describe('parts out and in again', () => {
  test('every shipped part comes back as it was, now the rider’s own', () => {
    const parsed = parseCsv(csvText(partTable(SHIPPED_PARTS)));
    if (parsed.kind !== 'table') throw new Error('no table');
    const columns = partColumns(parsed.headings);
    parsed.rows.forEach((cells, i) => {
      const result = readPartRow(cells, columns, 'fresh');
      expect(result).toEqual({ kind: 'part', part: { ...SHIPPED_PARTS[i], own: true } });
      if (result.kind === 'part') expect(partSchema.safeParse(result.part).success).toBe(true);
    });
  });
  const row = (cells: Readonly<Record<string, string>>) =>
    readPartRow(Object.values(cells), partColumns(Object.keys(cells)), 'fresh');
  const good = { Name: 'Rack', Kind: 'luggage', Price: '120', Currency: 'EUR' };
  test('few columns are enough; an id is made', () =>
    expect(row(good)).toMatchObject({
      kind: 'part',
      part: { id: 'fresh', fits: { kind: 'all' }, fitting_h: 0, own: true },
    }));
  test.each([
    [{ ...good, Name: '' }, 'missing'],
    [{ ...good, Price: 'cheap' }, 'not-a-number'],
    [{ ...good, Price: '-5' }, 'out-of-limits'],
    [{ ...good, Kind: 'magic' }, 'not-an-option'],
    [{ ...good, Currency: 'QQQ' }, 'not-an-option'],
    [{ ...good, Effects: 'seat lower' }, 'not-an-effect'],
    [{ ...good, Effects: 'seatHeight +-25 ±wide' }, 'not-an-effect'],
    [{ ...good, Fits: 'everything' }, 'not-an-option'],
    [{ ...good, Flags: 'dangerous' }, 'not-an-option'],
    [{ ...good, Name: 'x'.repeat(130) }, 'too-long'],
  ])('%j: %s', (cells, code) => {
    const result = row(cells);
    expect(result).toMatchObject({ kind: 'faults', faults: [{ code }] });
    if (result.kind === 'faults')
      for (const f of result.faults) expect(partCellFaultWords(f)).toMatch(/^[A-Z].*\.$/);
  });
});

describe('trials and set-up sheets out', () => {
  const cell = ({ headings, rows }: Table, heading: string, row = 0) =>
    rows[row]?.[headings.indexOf(heading)];
  test('a trial is a row, oldest first; what was not noted is empty and never 0', () => {
    const trials: readonly Trial[] = [
      {
        id: 'b',
        kind: 'inspection',
        on: '2026-06-01',
        machine: 'Wren 230',
        observed: {
          ticks: { chain: 'bad', brakes: 'good' },
          findings: [
            {
              id: 'seen-chain',
              what: 'chain worn',
              cost: { amount: 140, currency: 'EUR' },
              mend: true,
              origin: 'measured',
              note: '',
            },
          ],
          answers: { keys: 'one; the other is lost' },
        },
        note: '=HYPERLINK("x")',
      },
      {
        id: 'a',
        kind: 'ride',
        on: '2026-05-01',
        when: 'first',
        machine: 'Wren 230',
        conditions: { minutes: 40, inKit: true },
        observed: { felt: { buzz: 0 }, heart: 8 },
        note: '',
      },
    ];
    const table = trialTable(trials);
    for (const row of table.rows) expect(row).toHaveLength(table.headings.length);
    expect([cell(table, 'Day'), cell(table, 'Day', 1)]).toEqual(['2026-05-01', '2026-06-01']);
    expect(cell(table, 'buzz')).toBe(0);
    expect(cell(table, 'seat')).toBe('');
    expect(cell(table, 'Heart (of 10)', 1)).toBe('');
    expect(cell(table, 'Kit on')).toBe('yes');
    expect(cell(table, 'Bad', 1)).toBe('chain');
    expect(cell(table, 'To put right', 1)).toBe('chain worn 140 EUR');
    expect(cell(table, 'Seller', 1)).toBe('keys: one; the other is lost');
    // No program that opens it reckons with it.
    expect(csvText(table)).toContain(`"'=HYPERLINK(""x"")"`);
  });
  test('a set-up sheet is a row for each end, with the sags that its lengths come to', () => {
    const sheet: SetUp = {
      id: 's',
      donorId: 'wren-230',
      name: 'As lent',
      on: '2026-06-01',
      load: 'solo',
      school: 'adventure',
      ends: {
        rear: {
          readings: {
            extended_mm: 600,
            freeAbove_mm: 580,
            freeBelow_mm: 588,
            riderAbove_mm: 540,
            riderBelow_mm: 548,
          },
          turns: 3,
        },
        front: { raised_mm: 12 },
      },
      changes: [],
      note: '',
    };
    const table = setupTable([sheet], () => 'Wren 230');
    expect(table.rows).toHaveLength(2);
    for (const row of table.rows) expect(row).toHaveLength(table.headings.length);
    // 600 − (580 + 588)/2 = 16 free, 600 − (540 + 548)/2 = 56 with the rider.
    expect([cell(table, 'Free sag (mm)'), cell(table, 'Rider sag (mm)')]).toEqual([16, 56]);
    expect(cell(table, 'Rider sag (mm)', 1)).toBe('');
    expect(cell(table, 'Fork up in the clamps (mm)', 1)).toBe(12);
  });
});

test('a new donor is a good record', () =>
  expect(donorSchema.safeParse(newDonor('x')).success).toBe(true));
