import type { Ground } from '../brief';
import { certain, plusMinus, source, type Known } from '../numeric';
import { kilometresPerHour } from '../units';

/** Pace that "mixed riding" stands for, km/h. */
export const MIXED_PACE = kilometresPerHour(90);
/** What slow ground costs against mixed riding: low gears, slip, standing starts. Our own assumption, ±10 %. */
const SLOW_GROUND: Readonly<Record<Exclude<Ground, 'motorway' | 'openRoad'>, number>> = {
  town: 1.1,
  gravel: 1.1,
  twoTrack: 1.3,
  singleTrack: 1.45,
  sandMud: 1.7,
};
const SLOW_GROUND_SPREAD = 0.1;
/** Pace on slow ground at which load and wind are reckoned, km/h. Own assumption. */
const SLOW_PACE: Readonly<Record<keyof typeof SLOW_GROUND, number>> = {
  town: 30,
  gravel: 50,
  twoTrack: 30,
  singleTrack: 18,
  sandMud: 22,
};

/** Pace on a ground, km/h: motorway at the cruise wanted, open road at the cruise or 90, slow ground at its own, never above the cruise. */
export function paceOn(ground: Ground, cruise_kmh: number): number {
  if (ground === 'motorway') return cruise_kmh;
  if (ground === 'openRoad') return Math.min(cruise_kmh, MIXED_PACE);
  return Math.min(cruise_kmh, SLOW_PACE[ground]);
}

/** What a ground itself costs in fuel ÷ mixed riding. On roads nothing; on slow ground one source for each ground, the same for every machine. */
export function groundFactor(ground: Ground): Known {
  if (ground === 'motorway' || ground === 'openRoad') return certain(1);
  const factor = SLOW_GROUND[ground];
  return source(`fuel-on/${ground}`, plusMinus(factor, (factor - 1) * SLOW_GROUND_SPREAD));
}
