import { percentiles, ROWS, scoresOf, splitNormal, strataOf, type Rows } from './draws';
import { exactly, type Interval } from './interval';

/** A figure that is known, perhaps with doubt. */
export interface Known<N extends number = number> {
  readonly kind: 'known';
  /** With every source at its middle (row 0 of the table of draws): the figure that is shown. */
  readonly mid: N;
  /** The middle, and the 5th and 95th percentile: nine in ten. */
  readonly interval: Interval<N>;
  /** Its value in each row of the table of draws; absent where there is no doubt. */
  readonly rows?: Rows | undefined;
}

/** A figure that may not be known. Absence carries the names of what is missing; it never becomes 0. */
export type Estimate<N extends number = number> =
  | Known<N>
  | { readonly kind: 'unknown'; readonly missing: readonly string[] };

/** An estimate as it is said or kept on paper: without its rows. */
export type Said<N extends number = number> =
  | { readonly kind: 'known'; readonly interval: Interval<N> }
  | { readonly kind: 'unknown'; readonly missing: readonly string[] };

/** What an estimate says, as plain data. */
export const said = (estimate: Said): Said =>
  estimate.kind === 'unknown'
    ? { kind: 'unknown', missing: estimate.missing }
    : { kind: 'known', interval: { ...estimate.interval } };

/** Rows and percentiles are made when somebody asks, and kept. */
function lazily<N extends number>(
  mid: N,
  make: () => Rows,
  given?: { readonly low: N; readonly high: N },
): Known<N> {
  let rows: Rows | undefined;
  let interval: Interval<N> | undefined;
  return {
    kind: 'known',
    mid,
    get interval() {
      return (interval ??= lazyInterval(mid, () => given ?? spanOf(mid, (rows ??= make()))));
    },
    get rows() {
      return (rows ??= make());
    },
  };
}

/** Ends that are looked for when somebody asks. */
function lazyInterval<N extends number>(
  mid: N,
  find: () => { readonly low: N; readonly high: N },
): Interval<N> {
  let ends: { readonly low: N; readonly high: N } | undefined;
  return {
    get low() {
      return (ends ??= find()).low;
    },
    mid,
    get high() {
      return (ends ??= find()).high;
    },
  };
}

/** 5th and 95th percentile; the middle is always within. */
function spanOf<N extends number>(mid: N, rows: Rows): { readonly low: N; readonly high: N } {
  const [low = mid, high = mid] = percentiles(rows, 0.05, 0.95);
  return { low: Math.min(low, mid) as N, high: Math.max(high, mid) as N };
}

/** How a source is drawn. */
export interface SourceOptions {
  /** Another source that it goes along with, and the share of its variance that comes from there. */
  readonly shared?: { readonly key: string; readonly share: number } | undefined;
  /** Values beyond are cut there. */
  readonly cut?: { readonly min: number; readonly max: number } | undefined;
}

/**
 * One thing that is not exactly known: a split normal whose 5th and 95th percentile are the ends of its interval. The key is the
 * source: whoever names it again gets the same value in every row.
 */
export function source<N extends number>(
  key: string,
  interval: Interval<N>,
  options: SourceOptions = {},
): Known<N> {
  const { low, mid, high } = interval;
  if (!(high > low)) return known(exactly(mid));
  const { shared, cut } = options;
  const name = [key, low, mid, high, shared?.key, shared?.share, cut?.min, cut?.max].join('|');
  const kept = sources.get(name);
  if (kept) return kept as Known<N>;
  if (sources.size >= SOURCES_KEPT) sources.clear();
  const made = drawn(key, interval, options);
  sources.set(name, made);
  return made;
}

/** Sources that were named before: they are the same in every row. */
const sources = new Map<string, Known>();
const SOURCES_KEPT = 1000;

function drawn<N extends number>(
  key: string,
  interval: Interval<N>,
  { shared, cut }: SourceOptions,
): Known<N> {
  return lazily(
    interval.mid,
    () => {
      const rows = scoresOf(key, shared);
      const [min, max] = [cut?.min ?? -Infinity, cut?.max ?? Infinity];
      const count = rows.length;
      for (let i = 0; i < count; i += 1)
        rows[i] = Math.min(max, Math.max(min, splitNormal(interval, rows[i] ?? 0)));
      return rows;
    },
    interval,
  );
}

/**
 * A number that is one of several, each with its chance: in row 0 `mid`, in the others as often as its chance says.
 *
 * @param answers chances add to 1
 */
export const oneOf = (
  key: string,
  mid: number,
  answers: readonly { readonly value: number; readonly chance: number }[],
): Known =>
  lazily(mid, () => {
    const order = strataOf(key);
    return Float64Array.from(order, (stratum) => {
      let share = (stratum + 0.5) / ROWS;
      return (answers.find(({ chance }) => (share -= chance) <= 0) ?? answers.at(-1))?.value ?? mid;
    });
  });

/** A figure without a source of its own: exact, or one that nothing else shares. */
export const known = <N extends number>(interval: Interval<N>): Known<N> =>
  interval.high > interval.low
    ? source(`${interval.low}/${interval.mid}/${interval.high}`, interval)
    : { kind: 'known', mid: interval.mid, interval };

/** A number that is certain. */
export const certain = <N extends number>(value: N): Known<N> => known(exactly(value));

/** A figure by its value in each row. */
export const fromRows = <N extends number>(mid: N, rows: () => Rows): Known<N> => lazily(mid, rows);

export const unknown = (...missing: readonly string[]): Estimate<never> => ({
  kind: 'unknown',
  missing: [...new Set(missing)],
});

/** Everything that is missing of several figures. */
export const missingOf = (inputs: readonly Estimate[]): readonly string[] =>
  inputs.flatMap((e) => (e.kind === 'unknown' ? e.missing : []));

/** Whether a figure differs from row to row. */
export const isDoubtful = (e: Known): boolean => 'rows' in e;

/**
 * A formula over figures, written once for plain numbers: at the middles it gives the figure shown, and in each row of the table what
 * it would be there. Not known when one of them is not, naming everything that is missing.
 */
export function combine<const E extends readonly Estimate[], N extends number>(
  inputs: E,
  f: (...values: { [K in keyof E]: E[K] extends Estimate<infer M> ? M : never }) => N,
): Estimate<N> {
  if (inputs.some((e) => e.kind === 'unknown')) return unknown(...missingOf(inputs));
  const all = inputs.flatMap((e) => (e.kind === 'known' ? [e] : []));
  return derive(all, f as (...values: number[]) => N);
}

/** {@link combine} of figures that are all known. */
export function derive<N extends number>(
  inputs: readonly Known[],
  f: (...values: number[]) => N,
): Known<N> {
  const mid = f(...inputs.map((e) => e.mid));
  return inputs.some(isDoubtful) ? lazily(mid, () => rowsOf(inputs, f)) : certain(mid);
}

/** Columns of figures that are the same in every row, by their value: nobody writes into them. */
const evens = new Map<number, Rows>();
const EVENS_KEPT = 500;

/** A column for a figure that is the same in every row; not to be written into. */
export function even(value: number): Rows {
  let rows = evens.get(value);
  if (!rows) {
    if (evens.size >= EVENS_KEPT) evens.clear();
    evens.set(value, (rows = new Float64Array(ROWS).fill(value)));
  }
  return rows;
}

/** A formula in every row. Written out for up to four inputs: spreading them costs more than most formulas. */
function rowsOf(inputs: readonly Known[], f: (...values: number[]) => number): Rows {
  const columns = inputs.map((e) => e.rows ?? even(e.mid));
  const rows = new Float64Array(ROWS);
  const count = rows.length;
  const [a = rows, b = rows, c = rows, d = rows] = columns;
  if (columns.length === 1) for (let i = 0; i < count; i += 1) rows[i] = f(a[i] as number);
  else if (columns.length === 2)
    for (let i = 0; i < count; i += 1) rows[i] = f(a[i] as number, b[i] as number);
  else if (columns.length === 3)
    for (let i = 0; i < count; i += 1) rows[i] = f(a[i] as number, b[i] as number, c[i] as number);
  else if (columns.length === 4)
    for (let i = 0; i < count; i += 1)
      rows[i] = f(a[i] as number, b[i] as number, c[i] as number, d[i] as number);
  else {
    const values = columns.map(() => 0);
    for (let i = 0; i < count; i += 1) {
      for (let k = 0; k < values.length; k += 1) values[k] = columns[k]?.[i] as number;
      rows[i] = f(...values);
    }
  }
  return rows;
}

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

/** Share of the rows in which a figure of 0 and 1 is 1. */
export function shareOf({ rows, mid }: Known): number {
  if (!rows) return mid;
  const count = rows.length;
  let sum = 0;
  for (let i = 0; i < count; i += 1) sum += rows[i] as number;
  return sum / count;
}

/** Share of the rows in which a figure is at most so much; a hair is allowed, as in {@link reaches}. */
export function shareWithin({ rows, mid }: Known, most: number): number {
  if (!rows) return Number(mid <= most + 1e-9);
  const all = rows.length;
  let count = 0;
  for (let i = 0; i < all; i += 1) if ((rows[i] as number) <= most + 1e-9) count += 1;
  return count / all;
}
