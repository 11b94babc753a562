import { spelt } from '../spec-text';
interface Rows {
  readonly headings: readonly string[];
  readonly rows: readonly (readonly string[])[];
}

/** Front and rear in one heading, in this order, and each by itself. */
const BOTH: readonly (readonly [RegExp, string, string])[] = [
  [spelt(/(?<!\p{L})(?:front ?(?:[/&+]|and) ?rear|f ?[/&+] ?r)(?!\p{L})/iu), 'front', 'rear'],
  [spelt(/(?<!\p{L})(?:vorne? ?[/&+] ?hinten|v ?\/ ?h)(?!\p{L})/iu), 'vorn', 'hinten'],
  [spelt(/(?<!\p{L})(?:avant ?[/&+] ?arrière|av\.? ?\/ ?ar\.?)(?!\p{L})/iu), 'avant', 'arrière'],
  [
    spelt(/(?<!\p{L})(?:anteriore ?[/&+] ?posteriore|ant\.? ?\/ ?post\.?)(?!\p{L})/iu),
    'anteriore',
    'posteriore',
  ],
  [
    spelt(/(?<!\p{L})(?:delanter[oa] ?[/&+] ?traser[oa]|del\.? ?\/ ?tras\.?)(?!\p{L})/iu),
    'delantero',
    'trasero',
  ],
  [spelt(/(?<!\p{L})voor ?[/&+] ?achter(?!\p{L})/iu), 'voor', 'achter'],
];

/** "230/225 mm", "90/90-21 / 140/80-18". */
const PAIR = spelt(
  /^\s*(?:(\S+) +[/|] +(\S+)|([\d.,]+)(?: ?(?:mm|cm|in\.?|"))? ?[/|] ?([\d.,]+))( ?\p{L}[\p{L}./]*|")?\s*$/u,
);
const pairIn = (cell: string): readonly [string, string] | undefined => {
  const found = PAIR.exec(cell);
  if (!found) return undefined;
  const unit = found[5] ?? '';
  return [`${found[1] ?? found[3] ?? ''}${unit}`, `${found[2] ?? found[4] ?? ''}${unit}`];
};

/** Shares of a column's cells that must be pairs. Own assumption. */
const MOST = 0.5;

/**
 * "Travel F/R (mm)" over "230/225" as two columns, "Travel front (mm)" and "Travel rear (mm)". A cell that holds no pair stays whole in
 * the first of them.
 */
export function endsApart({ headings, rows }: Rows): Rows {
  const parted = headings.map((heading, column) => {
    const both = BOTH.find(([words]) => words.test(heading));
    const cells = rows.map((r) => r[column] ?? '').filter((c) => c.trim() !== '');
    const pairs = cells.filter((c) => pairIn(c)).length;
    return both && pairs > 0 && pairs / cells.length >= MOST ? both : undefined;
  });
  if (parted.every((p) => p === undefined)) return { headings, rows };
  return {
    headings: headings.flatMap((heading, i) => {
      const both = parted[i];
      return both
        ? [heading.replace(both[0], both[1]), heading.replace(both[0], both[2])]
        : [heading];
    }),
    rows: rows.map((row) =>
      headings.flatMap((_, i) => {
        const cell = row[i] ?? '';
        return parted[i] ? (pairIn(cell) ?? [cell, '']) : [cell];
      }),
    ),
  };
}
