import { unitEntry, type UnitWord } from '../units';

/** What a comma, semicolon, bar or full stop between a word and a figure costs, in characters. */
export const COMMA_COSTS = 20;
/** What standing behind the figure costs a word. */
export const AFTER_COSTS = 6;

/** Marks between a word and a figure that part them. */
export function commas(gap: string): number {
  let count = 0;
  for (let i = 0; i < gap.length; i += 1) {
    const mark = gap[i];
    if (
      mark === ',' ||
      mark === ';' ||
      mark === '|' ||
      mark === '\t' ||
      (mark === '.' && gap[i + 1] === ' ')
    )
      count += 1;
  }
  return count;
}

/** The dimension a written unit belongs to; a bare gallon is a volume, mpg a consumption. */
export const dimensionOf = (unit: UnitWord | undefined): string | undefined =>
  unit === undefined
    ? undefined
    : unit === 'gallon'
      ? 'volume'
      : unit === 'mpg'
        ? 'consumption'
        : unitEntry(unit).dimension;
