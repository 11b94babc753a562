import { GROUNDS, type Brief, type Ground } from '../brief';

/** Mean moving speed on each ground, km/h; motorway and open road no faster than the cruise. Own assumption. */
const PACE: Readonly<Record<Ground, number>> = {
  motorway: 110,
  openRoad: 75,
  town: 30,
  gravel: 50,
  twoTrack: 30,
  singleTrack: 18,
  sandMud: 22,
};

/** Mean moving speed over the ground shares: total distance ÷ total time. */
export function meanSpeed({ ground, trip }: Brief): number {
  const hours = GROUNDS.reduce((sum, g) => sum + ground[g] / Math.min(PACE[g], trip.cruise_kmh), 0);
  return 100 / hours;
}
