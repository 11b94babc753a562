import type { FigureKey, NormalFigures } from '../readings';
import type { Donor } from '../donor';
import type { TorqueCurve } from '../engine';

/** A figure of the pull, or what it wants. */
export type Found<T> =
  | { readonly kind: 'known'; readonly value: T }
  | { readonly kind: 'unknown'; readonly missing: readonly string[] };

/** What engine and gears are computed from, and may be tried at other values than their middles. */
export type PullKey = EngineKey | 'speedFirst' | 'speedTop';

/** Whose engine and gears, with the figures as its parts leave them. */
export interface PullOf {
  readonly donor: Donor;
  readonly figures: NormalFigures;
}

export type Curve = Extract<TorqueCurve, { kind: 'curve' }>;
export const ENGINE_KEYS = [
  'power',
  'powerRpm',
  'torque',
  'torqueRpm',
  'redline',
  'idleSpeed',
] as const satisfies readonly FigureKey[];
export type EngineKey = (typeof ENGINE_KEYS)[number];

/** Values to be tried, by what they stand for; the middle where none is named. */
export type Tried = {
  readonly [K in PullKey]?: number | undefined;
};

export const mids = (
  figures: NormalFigures,
  keys: readonly FigureKey[],
  tried: Tried = {},
): Found<readonly number[]> => {
  const missing = keys.filter((key) => figures[key].estimate.kind === 'unknown');
  if (missing.length > 0) return { kind: 'unknown', missing };
  return {
    kind: 'known',
    value: keys.flatMap((key) => {
      const { estimate } = figures[key];
      return estimate.kind === 'known'
        ? [(tried as Record<string, number>)[key] ?? estimate.mid]
        : [];
    }),
  };
};

/** Section height of a rear tyre where only its rim is known, mm. Own assumption. */
export const USUAL_SECTION = 100;
