import { GROUNDS, type Brief, type Schools } from '../brief';
import { clamp } from '../numeric';
import { WANT_KEYS, wantDefinition, wantsOf, type WantKey } from './wants';

export type WantWeights = Readonly<Record<WantKey, number>>;

/** What the rider's beliefs multiply a want's weight by. */
const tilt = (schools: Schools, want: WantKey): number => {
  const tilts = (wantDefinition(want).tilts ?? {}) as Readonly<
    Record<string, Readonly<Record<string, number>> | undefined>
  >;
  return Object.entries(schools).reduce(
    (product, [key, school]: [string, string | undefined]) =>
      product * (school === undefined ? 1 : (tilts[key]?.[school] ?? 1)),
    1,
  );
};

type OfWeights = Pick<Brief, 'ground' | 'schools'> & {
  readonly trip?: Pick<Brief['trip'], 'cold_C' | 'wet_percent'>;
};

/** Below this air temperature shelter counts the more, °C, and how much more: at 20 degrees less, and where every day is wet. Own assumption. */
const SEASON = { mild_C: 15, span_C: 20, cold: 0.6, wet: 0.4 } as const;

/** What the season multiplies a want's weight by. */
function season({ trip }: OfWeights, want: WantKey): number {
  if (want !== 'wind' || !trip) return 1;
  const cold = clamp((SEASON.mild_C - (trip.cold_C ?? SEASON.mild_C)) / SEASON.span_C, 0, 1);
  return 1 + SEASON.cold * cold + (SEASON.wet * (trip.wet_percent ?? 0)) / 100;
}

/** Swing points of every want, the heaviest 100: Σ ground share × matter, tilted by the schools and the season. What the rider is asked to change. */
export function swingPoints(brief: OfWeights): Readonly<Record<WantKey, number>> {
  const { ground, schools } = brief;
  const counting = new Set(wantsOf(brief));
  const raw = WANT_KEYS.map(
    (want) =>
      Number(counting.has(want)) *
      season(brief, want) *
      GROUNDS.reduce((sum, g) => sum + ground[g] * wantDefinition(want).matters[g], 0) *
      (schools ? tilt(schools, want) : 1),
  );
  const most = Math.max(...raw);
  return Object.fromEntries(
    WANT_KEYS.map((want, i) => [want, ((raw[i] ?? 0) / most) * 100]),
  ) as Record<WantKey, number>;
}

/** Weights of the wants, adding to 1: swing points by ground and schools, replaced by the rider's own where given, normalised. All zero: the ground's. */
export function wantWeights(brief: OfWeights & Pick<Brief, 'swings'>): WantWeights {
  const points = swingPoints(brief);
  const own = WANT_KEYS.map((want) => brief.swings?.[want] ?? points[want]);
  const given = own.some((p) => p > 0) ? own : WANT_KEYS.map((want) => points[want]);
  const total = given.reduce((a, b) => a + b, 0);
  return Object.fromEntries(WANT_KEYS.map((want, i) => [want, (given[i] ?? 0) / total])) as Record<
    WantKey,
    number
  >;
}
