import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

/**
 * One sheet of figures in fourteen languages, in every layout that pages, files, forums and copied tables give it; common practice, no
 * source. Numbers are made up. In `layouts.txt` a row is what is meant, the label and the value.
 */
interface Row {
  readonly meant: readonly string[];
  readonly label: string;
  readonly value: string;
}
const SHEETS: ReadonlyMap<string, readonly Row[]> = new Map(
  readFileSync('test/corpus/layouts.txt', 'utf8')
    .split(/^# /m)
    .slice(1)
    .map((block) => {
      const [language = '', ...rows] = block.trim().split('\n');
      return [
        language,
        rows.map((row) => {
          const [meant = '', label = '', value = ''] = row.split(' | ');
          return { meant: meant.split(' + '), label, value };
        }),
      ];
    }),
);

type Layout = (rows: readonly Row[]) => string;
const each =
  (line: (row: Row, at: number) => string, between = '\n'): Layout =>
  (rows) =>
    rows.map(line).join(between);
const byTwo =
  (line: (a: Row, b: Row | undefined) => string): Layout =>
  (rows) =>
    rows.flatMap((row, i) => (i % 2 === 0 ? [line(row, rows[i + 1])] : [])).join('\n');

/** Number and unit apart; a speed, a tyre and what is no number stay whole. */
const parted = ({ meant, value }: Row): readonly [string, string] => {
  const [, number = value, unit = ''] =
    /tyre|gears|power|torque/.test(meant[0] ?? '') || !/^\d/.test(value)
      ? []
      : (/^(\d[\d.,]*(?: \d{3})*)\s*(\D.*)$/u.exec(value) ?? []);
  return [number, unit];
};
const withUnit =
  (both: (label: string, number: string, unit: string) => string): Layout =>
  (rows) =>
    rows
      .map((row) => {
        const [number, unit] = parted(row);
        return unit === '' ? `${row.label}\t${number}` : both(row.label, number, unit);
      })
      .join('\n');

/** A saved page as its text: ends of cells are tabs, ends of blocks are lines. */
const page = (html: string): string =>
  html
    .replace(/<\/(?:t[dh]|dt)>|<\/span>(?=<span)/gu, '\t')
    .replace(/<(?:br|\/(?:p|div|li|tr|dd))>/gu, '\n')
    .replace(/<[^>]*>/gu, '');

const LAYOUTS: Readonly<Record<string, Layout>> = {
  'a colon': each((r) => `${r.label}: ${r.value}`),
  'a colon without a gap': each((r) => `${r.label}:${r.value}`),
  'a colon with gaps': each((r) => `${r.label} : ${r.value}`),
  'a colon and a tab': each((r) => `${r.label}:\t${r.value}`),
  'a tab': each((r) => `${r.label}\t${r.value}`),
  blanks: each((r) => `${r.label.padEnd(34)}${r.value}`),
  'one blank': each((r) => `${r.label} ${r.value}`),
  'nothing between': each((r) => `${r.label}${r.value}`),
  'the next line': each((r) => `${r.label}\n${r.value}`),
  'the next line after a colon': each((r) => `${r.label}:\n${r.value}`),
  'the next line but one': each((r) => `${r.label}\n\n${r.value}\n`),
  'the next line, indented': each((r) => `${r.label}\n    ${r.value}`),
  'pairs of lines': each((r) => `${r.label}\n${r.value}`, '\n\n'),
  'the value above': each((r) => `${r.value}\n${r.label}`),
  'the value above, in pairs': each((r) => `${r.value}\n${r.label}`, '\n\n'),
  'the value first': each((r) => `${r.value} ${r.label}`),
  'the value first, a dash': each((r) => `${r.value} – ${r.label}`),
  'a table of bars': each((r) => `| ${r.label} | ${r.value} |`),
  'a table in bold': each((r) => `| **${r.label}** | ${r.value} |`),
  bullets: each((r) => `• ${r.label}: ${r.value}`),
  'bullets and dashes': each((r) => `- ${r.label} – ${r.value}`),
  bold: each((r) => `**${r.label}:** ${r.value}`),
  'bold alone': each((r) => `**${r.label}** ${r.value}`),
  ticks: each((r) => `✅ ${r.label}: ${r.value}`),
  numbers: each((r, i) => `${i + 1}. ${r.label}: ${r.value}`),
  'leading dots': each((r) => `${r.label} ............ ${r.value}`),
  'leading dots without a gap': each((r) => `${r.label}........${r.value}`),
  'leading lines': each((r) => `${r.label}________${r.value}`),
  'an equals sign': each((r) => `${r.label} = ${r.value}`),
  'an arrow': each((r) => `${r.label} → ${r.value}`),
  'a dash': each((r) => `${r.label} - ${r.value}`),
  'a long dash': each((r) => `${r.label} — ${r.value}`),
  capitals: each((r) => `${r.label.toUpperCase()}: ${r.value}`),
  'small letters': each((r) => `${r.label.toLowerCase()}: ${r.value.toLowerCase()}`),
  'a run with commas': each((r) => `${r.label}: ${r.value}`, ', '),
  'a run with semicolons': each((r) => `${r.label}: ${r.value}`, '; '),
  'a run with bars': each((r) => `${r.label}: ${r.value}`, ' | '),
  'a run with dots': each((r) => `${r.label}: ${r.value}`, ' • '),
  'a run with slashes': each((r) => `${r.label}: ${r.value}`, ' / '),
  'a run with blanks': each((r) => `${r.label}: ${r.value}`, ' '),
  semicolons: each((r) => `${r.label};${r.value}`),
  'quotes and commas': each((r) => `"${r.label}","${r.value}"`),
  'named values': each((r) => `  "${r.label}": "${r.value}",`),
  'named values on one line': (rows) =>
    `{${rows.map((r) => `"${r.label}":"${r.value}"`).join(',')}}`,
  'names with underscores': each(
    (r) => `  ${r.label.toLowerCase().replaceAll(' ', '_')}: ${r.value}`,
  ),
  'a page of cells': (rows) =>
    page(rows.map((r) => `<tr><th>${r.label}</th><td>${r.value}</td></tr>`).join('')),
  'a page of terms': (rows) =>
    page(rows.map((r) => `<dt>${r.label}</dt><dd>${r.value}</dd>`).join('')),
  'a page of boxes in lines': (rows) =>
    page(rows.map((r) => `<li><span>${r.label}</span><span>${r.value}</span></li>`).join('')),
  'a page of boxes': (rows) =>
    page(rows.map((r) => `<div>${r.label}</div><div>${r.value}</div>`).join('')),
  'two pairs a line': byTwo(
    (a, b) => `${a.label}: ${a.value}\t${b ? `${b.label}: ${b.value}` : ''}`,
  ),
  'two pairs a line, by tabs': byTwo(
    (a, b) => `${a.label}\t${a.value}\t${b ? `${b.label}\t${b.value}` : ''}`,
  ),
  'two pairs a line, by bars': byTwo(
    (a, b) => `| ${a.label} | ${a.value} | ${b ? `${b.label} | ${b.value}` : ''} |`,
  ),
  'two pairs a line, by blanks': byTwo(
    (a, b) => `${a.label.padEnd(32)}${a.value.padEnd(32)}${b ? b.label.padEnd(32) + b.value : ''}`,
  ),
  'cards side by side': byTwo(
    (a, b) => `${a.label}\t${b?.label ?? ''}\n${a.value}\t${b?.value ?? ''}`,
  ),
  'all labels, then all values': (rows) =>
    `${rows.map((r) => r.label).join('\n')}\n\n${rows.map((r) => r.value).join('\n')}`,
  'a head and one row': (rows) =>
    `${rows.map((r) => r.label).join(';')}\n${rows.map((r) => r.value).join(';')}`,
  'the unit in a column before': withUnit((l, n, u) => `${l}\t${u}\t${n}`),
  'the unit in a column behind': withUnit((l, n, u) => `${l}\t${n}\t${u}`),
  'the unit on a line of its own': withUnit((l, n, u) => `${l}\n${n}\n${u}`),
  'the unit in brackets': withUnit((l, n, u) => `${l} (${u}): ${n}`),
  'marks of footnotes': each((r, i) => `${r.label}${i % 2 ? '¹' : '*'}\t${r.value}`),
  'about so much': each((r) => `${r.label}: ca. ${r.value}`),
  'broken before its revs': each(
    (r) => `${r.label}: ${r.value.replace(/ (?=(?:@|bei|à|a|bij|às|przy|vid|ved|při) )/, '\n')}`,
  ),
  'a quoted post': each((r) => `> ${r.label}: ${r.value}`),
  'labels in brackets': each((r) => `[${r.label}] ${r.value}`),
  'boxes ticked': each((r) => `- [x] ${r.label}: ${r.value}`),
  headings: each((r) => `### ${r.label}\n${r.value}`),
  'within a page': (rows) =>
    `Home › Motorcycles\nShare  Print\nOverview\nSpecifications\nReviews (12)\n\n${rows
      .map((r) => `${r.label}\n${r.value}`)
      .join('\n')}\n\nFind a dealer\nBook a test ride`,
  'under headings': (rows) =>
    rows
      .map((r, i) => `${i % 6 === 0 ? 'CHASSIS & ENGINE\n' : ''}${r.label}\t${r.value}`)
      .join('\n'),
};

const NAME = 'Orvane 450 Trailhead';
const read = (text: string) => {
  const { machines } = readText(`${NAME}\n\n${text}`);
  const found = machines.flatMap((m) =>
    m.proposals.map((p) => ({
      is:
        p.kind === 'fact'
          ? `${p.key} ${p.value}`
          : `${p.key} ${p.amount} ${p.unit} ${p.basis === 'ready' || p.basis === 'ready-90' || p.basis === 'dry' ? p.basis : ''}`.trim(),
      ticked: p.ticked,
    })),
  );
  return { machines, found };
};
/** `gears 6` and `compression 11.8 ratio` are meant whatever the unit is called. */
const isMeant = (is: string, meant: string): boolean =>
  is === meant || (/^(?:gears|compression) /.test(meant) && is.startsWith(meant));
/** Facts that follow from another of the sheet: no line says more. */
const FOLLOWS = /^(?:tyre|wheel|layout|starter|fuelling)/;

/** Share of what the sheets say that is found in whichever layout. */
const FOUND = 0.95;
const languages = [...SHEETS.keys()];
const AT_ONCE = 4;

describe('the same sheet in every layout', () => {
  test.each(Object.keys(LAYOUTS).map((name, i) => [name, i] as const))('%s', (name, i) => {
    const layout = LAYOUTS[name];
    let meant = 0;
    let met = 0;
    const wrong: string[] = [];
    for (let k = 0; k < AT_ONCE; k += 1) {
      // Every language comes in turn, so that each meets a third of the layouts.
      const language = languages[(i * AT_ONCE + k) % languages.length] ?? 'en';
      const rows = SHEETS.get(language) ?? [];
      const { machines, found } = read(layout?.(rows) ?? '');
      const all = rows.flatMap((r) => r.meant);
      meant += all.length;
      met += all.filter((m) => found.some((f) => isMeant(f.is, m))).length;
      wrong.push(
        ...found
          .filter((f) => f.ticked && !FOLLOWS.test(f.is) && !all.some((m) => isMeant(f.is, m)))
          .map((f) => `${language}: ${f.is}`),
        ...(machines.length === 1 ? [] : [`${language}: ${machines.length} machines`]),
      );
    }
    expect(wrong).toEqual([]);
    expect(meant).toBeGreaterThan(80);
    expect(met / meant).toBeGreaterThanOrEqual(FOUND);
  });
});

describe('what is laid out in no such way stays as it is', () => {
  const figures = (text: string) =>
    readText(text).machines.flatMap((m) =>
      m.proposals.flatMap((p) =>
        p.kind === 'figure' ? [`${p.key} ${p.amount} ${p.unit}${p.ticked ? '' : ' ?'}`] : [],
      ),
    );
  test('two labels against their values are too few to be a layout, three are one', () => {
    const glued = ['Seat height868 mm', 'Wheelbase1,482 mm', 'Kerb weight176 kg'];
    expect(figures(`Orvane 450\n${glued.slice(0, 2).join('\n')}`)).not.toContain(
      'seatHeight 868 mm',
    );
    expect(figures(`Orvane 450\n${glued.join('\n')}`)).toEqual([
      'seatHeight 868 mm',
      'wheelbase 1482 mm',
      'mass 176 kg',
    ]);
  });
  test('values whose units do not fit their labels in order are not dealt out', () => {
    const labels = 'Seat height\nKerb weight\nFuel capacity\nWheelbase\nPayload';
    const dealt = (values: string) => figures(`Orvane 450\n\n${labels}\n\n${values}`);
    expect(dealt('868 mm\n176 kg\n14.5 L\n1,482 mm\n182 kg')).toEqual([
      'seatHeight 868 mm',
      'mass 176 kg',
      'tank 14.5 L',
      'wheelbase 1482 mm',
      'payload 182 kg',
    ]);
    // One is missing: what is left stands against the wrong labels.
    const short = dealt('868 mm\n14.5 L\n1,482 mm\n182 kg');
    expect(short.filter((f) => /payload 182|wheelbase 1482/.test(f) && !f.endsWith('?'))).toEqual(
      [],
    );
  });
  test('a value stands between two labels: below its own or above it, as most of the others do', () => {
    const pairs = [
      ['Seat height', '868 mm'],
      ['Kerb weight', '176 kg'],
      ['Fuel capacity', '14.5 L'],
      ['Power', '33 kW'],
    ];
    const wanted = ['seatHeight 868 mm', 'mass 176 kg', 'tank 14.5 L', 'power 33 kW'];
    const below = pairs.map(([l, v]) => `${l}\n${v}`).join('\n');
    const above = pairs.map(([l, v]) => `${v}\n${l}`).join('\n');
    expect(figures(`Orvane 450\n\n${below}`)).toEqual(wanted);
    expect(figures(`Orvane 450\n\n${above}`)).toEqual(wanted);
  });
  test('two values under each label are two machines still', () => {
    const { machines } = readText(
      'Orvane 450\nTarnish 520\nSeat height\n868 mm\n875 mm\nKerb weight\n176 kg\n191 kg\nFuel capacity\n14.5 L\n18 L',
    );
    expect(machines.map((m) => m.proposals.map((p) => p.kind === 'figure' && p.amount))).toEqual([
      [868, 176, 14.5],
      [875, 191, 18],
    ]);
  });
  test('a mark behind a label that no other opened is a footnote', () => {
    const { machines } = readText(
      'Orvane 450\nKerb weight** 176 kg\nSeat height** 868 mm\nFuel capacity** 14.5 L\n** without fuel',
    );
    const [mass] = machines[0]?.proposals.filter((p) => p.key === 'mass') ?? [];
    expect(mass?.kind === 'figure' && mass.basis).toBe('dry');
  });
});

describe('where a figure stood is kept, and its label is said with it', () => {
  test.each([
    [
      'against its label',
      'Seat height868 mm\nWheelbase1,482 mm\nKerb weight176 kg',
      'Seat height868 mm',
      'Seat height 868 mm',
    ],
    [
      'above its label',
      '868 mm\nSeat height\n176 kg\nKerb weight\n33 kW\nPower',
      '868 mm',
      'Seat height 868 mm',
    ],
    [
      'far from its label',
      'Seat height\nKerb weight\nFuel capacity\nPower\nTorque\nClearance\nPayload\nWheelbase\n868 mm\n176 kg\n14.5 L\n33 kW\n43 Nm\n240 mm\n182 kg\n1,482 mm',
      '868 mm',
      'Seat height 868 mm',
    ],
  ])('%s', (_, sheet, stood, words) => {
    const text = `Orvane 450\n\n${sheet}`;
    const seat = readText(text).machines[0]?.proposals.find((p) => p.key === 'seatHeight');
    expect(seat?.words).toBe(words);
    expect(text.slice(seat?.from, seat?.to)).toBe(stood);
  });
});
