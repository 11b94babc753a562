import type { Interval } from './interval';

/** A figure that may not be known. Absence carries the names of what is missing; it never becomes 0. */
export type Estimate<N extends number = number> =
  | { readonly kind: 'known'; readonly interval: Interval<N> }
  | { readonly kind: 'unknown'; readonly missing: readonly string[] };

export const known = <N extends number>(interval: Interval<N>): Estimate<N> => ({
  kind: 'known',
  interval,
});
export const unknown = (...missing: readonly string[]): Estimate<never> => ({
  kind: 'unknown',
  missing: [...new Set(missing)],
});

/** Applies `f` when every input is known; otherwise names everything that is missing. */
export function combine<const E extends readonly Estimate[], N extends number>(
  inputs: E,
  f: (
    ...intervals: { [K in keyof E]: E[K] extends Estimate<infer M> ? Interval<M> : never }
  ) => Interval<N>,
): Estimate<N> {
  const missing = inputs.flatMap((e) => (e.kind === 'unknown' ? e.missing : []));
  if (missing.length > 0) return unknown(...missing);
  const intervals = inputs.flatMap((e) => (e.kind === 'known' ? [e.interval] : []));
  return known((f as (...intervals: Interval[]) => Interval<N>)(...intervals));
}
