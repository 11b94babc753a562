import { readFile } from 'node:fs/promises';
import { readText, type MachineRead, type Proposal } from '@/core/spec-text';
import { guessColumns, upright } from '@/core/tables';
import { parseCsv } from '@/store/tables/parse-csv';

export const USAGE = `Usage: npm run -s read -- text.txt
       npm run -s read -- --table columns.csv
       (- reads from the standard input)

Prints what the reader proposes as JSON: for each machine its name, class, whether it is for sale, figures and facts with unit,
basis, side, doubts, words and their place in the text. Nothing is entered anywhere. With --table: what each column is taken for.`;

type Out = Pick<NodeJS.WritableStream, 'write'>;

/** Front or rear, where a figure or fact has an end. */
const sideOf = (key: string): 'front' | 'rear' | undefined =>
  /Front$|^fork/.test(key) ? 'front' : /Rear$|^shock/.test(key) ? 'rear' : undefined;

const proposalOut = (p: Proposal) => ({
  kind: p.kind,
  key: p.key,
  ...(p.kind === 'fact'
    ? { value: p.value }
    : {
        amount: p.amount,
        unit: p.unit,
        basis: p.basis,
        ...(p.spread === undefined ? {} : { spread: p.spread }),
        ...(p.origin === undefined ? {} : { origin: p.origin }),
        ...(p.onlyOne ? { onlyOne: true } : {}),
      }),
  ...(sideOf(p.key) === undefined ? {} : { side: sideOf(p.key) }),
  ticked: p.ticked,
  doubts: p.doubts,
  words: p.words,
  from: p.from,
  to: p.to,
});

const machineOut = (m: MachineRead) => ({
  maker: m.maker,
  model: m.model,
  year: m.year ?? null,
  class: m.donorClass?.donorClass ?? null,
  classChance: m.donorClass ? Number(m.donorClass.chance.toFixed(2)) : null,
  kind: m.sale ? 'sale' : 'model',
  ...(m.sale
    ? {
        sale: {
          odometer: m.sale.odometer ?? null,
          hours: m.sale.hours ?? null,
          said: m.sale.said,
        },
      }
    : {}),
  from: m.from,
  to: m.to,
  proposals: m.proposals.map(proposalOut),
  passedOver: m.passedOver,
});

/** What a text tells, or what a table's columns mean, as JSON on `out`. Returns the exit code. */
export async function main(args: readonly string[], out: Out, err: Out): Promise<number> {
  const table = args.includes('--table');
  const file = args.find((a) => !a.startsWith('--'));
  if (file === undefined || args.includes('--help')) {
    err.write(`${USAGE}\n`);
    return args.includes('--help') ? 0 : 2;
  }
  let text: string;
  try {
    text = file === '-' ? await fromInput() : await readFile(file, 'utf8');
  } catch (fault) {
    err.write(
      `${file} cannot be read: ${fault instanceof Error ? fault.message : 'no reason given'}\n`,
    );
    return 1;
  }
  out.write(`${JSON.stringify(table ? columnsOf(text) : textOf(text), undefined, 2)}\n`);
  return 0;
}

async function fromInput(): Promise<string> {
  const parts: Buffer[] = [];
  for await (const part of process.stdin) parts.push(Buffer.from(part as Uint8Array));
  return Buffer.concat(parts).toString('utf8');
}

function textOf(text: string) {
  const read = readText(text);
  return {
    aboutMotorcycles: read.ours,
    toldBy: read.toldBy,
    gallons: read.gallon ?? null,
    gallonsBy: read.countryBy,
    leftOut: read.leftOut,
    machines: read.machines.map(machineOut),
  };
}

function columnsOf(text: string) {
  const parsed = parseCsv(text);
  // Headings without a row are a table that waits for its machines.
  const alone = parsed.kind === 'fault' && parsed.fault.code === 'table-empty';
  const whole = alone ? parseCsv(`${text.trim()}\n${text.trim()}`) : parsed;
  if (whole.kind === 'fault') return { fault: whole.fault, columns: [] };
  const table = upright(whole);
  const targets = guessColumns(table.headings, undefined);
  return {
    machinesAsColumns: table.turned,
    rows: alone ? 0 : table.rows.length,
    columns: table.headings.map((heading, i) => ({ heading, ...targets[i] })),
  };
}
