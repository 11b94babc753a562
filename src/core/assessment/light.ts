import type { Brief } from '../brief';
import { shortestLight } from '../season';
import { meanSpeed } from './mean-speed';

/** Of a day's light so much goes on stops: fuel, food, the map. Own assumption. */
const STOPS = 0.25;

/** What daylight allows on the shortest day of the months that are ridden. */
export interface Light {
  readonly hours: number;
  /** At the mean pace of the ground, stops taken off. */
  readonly distance_km: number;
  /** Share of the light that goes on stops. */
  readonly stops: number;
}

/** Nothing where the brief names no months or no latitude. */
export function lightOf(brief: Brief): Light | undefined {
  const { season, latitude_deg } = brief.trip;
  if (!season || latitude_deg === undefined) return undefined;
  const hours = shortestLight(season, latitude_deg);
  return { hours, distance_km: hours * (1 - STOPS) * meanSpeed(brief), stops: STOPS };
}
