import { GROUNDS, type Brief, type Schools } from '../brief';
import { WANT_KEYS, wantDefinition, type WantKey } from './wants';

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

/** Swing points of every want, the heaviest 100: Σ ground share × matter, tilted by the schools. What the rider is asked to change. */
export function swingPoints({
  ground,
  schools,
}: Pick<Brief, 'ground' | 'schools'>): Readonly<Record<WantKey, number>> {
  const raw = WANT_KEYS.map(
    (want) =>
      GROUNDS.reduce((sum, g) => sum + ground[g] * wantDefinition(want).matters[g], 0) *
      (schools ? tilt(schools, want) : 1),
  );
  const most = Math.max(...raw);
  return Object.fromEntries(
    WANT_KEYS.map((want, i) => [want, ((raw[i] ?? 0) / most) * 100]),
  ) as Record<WantKey, number>;
}

/** Weights of the wants, adding to 1: swing points by ground and schools, replaced by the rider's own where given, normalised. All zero: the ground's. */
export function wantWeights(brief: Pick<Brief, 'ground' | 'schools' | 'swings'>): WantWeights {
  const points = swingPoints(brief);
  const own = WANT_KEYS.map((want) => brief.swings?.[want] ?? points[want]);
  const given = own.some((p) => p > 0) ? own : WANT_KEYS.map((want) => points[want]);
  const total = given.reduce((a, b) => a + b, 0);
  return Object.fromEntries(WANT_KEYS.map((want, i) => [want, (given[i] ?? 0) / total])) as Record<
    WantKey,
    number
  >;
}
