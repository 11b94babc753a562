import type { Ground } from '../brief';

/** What each ground asks of a machine, mm. Our own assumption, from what riders call enough; shown in the working. */
export const TRAVEL_ASKED: Readonly<Record<Ground, number>> = {
  motorway: 120,
  openRoad: 130,
  town: 120,
  gravel: 180,
  twoTrack: 220,
  singleTrack: 250,
  sandMud: 240,
};

/** Ground clearance asked, mm. 285 mm is a trail machine's, 125–150 mm a road machine's (common practice, no source). */
export const CLEARANCE_ASKED: Readonly<Record<Ground, number>> = {
  motorway: 125,
  openRoad: 130,
  town: 135,
  gravel: 180,
  twoTrack: 220,
  singleTrack: 265,
  sandMud: 240,
};
