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
export function lazily<N extends number>(
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
