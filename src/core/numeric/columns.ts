import { ROWS, type Rows } from './draws';
import { Known, isDoubtful, certain, lazily, even } from './estimate';

/** Σ weight × figure: what {@link derive} would give, a column at a time. */
export function weightedSum(
  terms: readonly { readonly figure: Known; readonly weight: number }[],
): Known {
  const mid = terms.reduce((sum, t) => sum + t.weight * t.figure.mid, 0);
  const doubtful = terms.filter((t) => t.weight !== 0 && isDoubtful(t.figure));
  if (doubtful.length === 0) return certain(mid);
  return lazily(mid, () => {
    const sure = terms.filter((t) => !doubtful.includes(t));
    const base = sure.reduce((sum, t) => sum + t.weight * t.figure.mid, 0);
    const rows = new Float64Array(ROWS).fill(base);
    const count = rows.length;
    for (const { figure, weight } of doubtful) {
      const column = figure.rows ?? even(figure.mid);
      for (let i = 0; i < count; i += 1)
        rows[i] = (rows[i] as number) + weight * (column[i] as number);
    }
    return rows;
  });
}

/** 1 in each row in which all of several figures of 0 and 1 are 1, else 0. */
export function allOf(figures: readonly Known[]): Known {
  const mid = Number(figures.every((f) => f.mid === 1));
  const doubtful = figures.filter(isDoubtful);
  if (doubtful.length === 0) return certain(mid);
  return lazily(mid, () => {
    const sure = figures.every((f) => isDoubtful(f) || f.mid === 1);
    const rows = new Float64Array(ROWS).fill(sure ? 1 : 0);
    const count = rows.length;
    if (sure)
      for (const { rows: column } of doubtful)
        for (let i = 0; column && i < count; i += 1) if (column[i] !== 1) rows[i] = 0;
    return rows;
  });
}

/** 1 in each row in which a figure is at most (`less`) or at least (`more`) so much, else 0; a hair is allowed. */
export function reaches(figure: Known, need: number, better: 'less' | 'more'): Known {
  const sign = better === 'less' ? -1 : 1;
  const least = sign * need - 1e-9;
  const mid = Number(sign * figure.mid >= least);
  if (!isDoubtful(figure)) return certain(mid);
  return lazily(mid, () => {
    const column = figure.rows as Rows;
    const rows = new Float64Array(ROWS);
    const count = rows.length;
    for (let i = 0; i < count; i += 1) if (sign * (column[i] as number) >= least) rows[i] = 1;
    return rows;
  });
}

/** Mean of a figure over the rows. */
export function meanOf({ rows, mid }: Known): number {
  if (!rows) return mid;
  const count = rows.length;
  let sum = 0;
  for (let i = 0; i < count; i += 1) sum += rows[i] as number;
  return sum / count;
}

/** Share of the rows in which a figure of 0 and 1 is 1. */
export const shareOf = (figure: Known): number => meanOf(figure);

/** Share of the rows in which a figure is at most so much; a hair is allowed, as in {@link reaches}. */
export function shareWithin({ rows, mid }: Known, most: number): number {
  if (!rows) return Number(mid <= most + 1e-9);
  const all = rows.length;
  let count = 0;
  for (let i = 0; i < all; i += 1) if ((rows[i] as number) <= most + 1e-9) count += 1;
  return count / all;
}
