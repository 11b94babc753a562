import type { Felt, FeltPart, TrialKind, TrialTime } from '@/core/evidence';

export const TRIAL_KIND_WORDS: Readonly<Record<TrialKind, string>> = {
  sit: 'sit',
  ride: 'ride',
  inspection: 'look at it',
};
export const TRIAL_TIME_WORDS: Readonly<Record<TrialTime, string>> = {
  first: 'first time',
  week: 'after a week',
  month: 'after a month',
};
export const FELT_PART_WORDS: Readonly<Record<FeltPart, string>> = {
  astride: 'Astride',
  town: 'Town',
  openRoad: 'Open road at the cruise',
  gravel: 'Gravel',
  rough: 'Rough',
  hill: 'A hill',
  longer: 'An hour on, luggage on',
};

/** A thing that is felt: its name, and what stands at 0 and at the top of its scale. */
interface FeltWords {
  readonly name: string;
  readonly worst: string;
  readonly best: string;
}
export const FELT_WORDS: Readonly<Record<Felt, FeltWords>> = {
  reachSitting: { name: 'Reach, sitting', worst: 'arms locked or cramped', best: 'elbows loose' },
  reachStanding: {
    name: 'Reach, standing',
    worst: 'bent double',
    best: 'upright, light on the bar',
  },
  kneeRoom: { name: 'Knee room', worst: 'knees hurt', best: 'no thought of knees' },
  pushing: { name: 'Pushing and turning it', worst: 'nearly dropped it', best: 'like a bicycle' },
  bootsClear: { name: 'Boots, pegs, exhaust', worst: 'in the way', best: 'nothing touches' },
  stalls: { name: 'Pulling away', worst: 'stalls', best: 'walks off by itself' },
  surges: { name: 'Part throttle', worst: 'lurches', best: 'smooth' },
  gearGaps: { name: 'Gear gaps', worst: 'always the wrong gear', best: 'one for everything' },
  buzz: { name: 'Buzz', worst: 'numb hands', best: 'none' },
  windHelmet: { name: 'Wind at the helmet', worst: 'cannot see straight', best: 'calm' },
  windChest: { name: 'Wind on the chest', worst: 'hanging on to the bar', best: 'none' },
  brakes: { name: 'Brakes', worst: 'frightening', best: 'strong and even' },
  dive: { name: 'Dive under braking', worst: 'on its nose', best: 'stays level' },
  smallBumps: { name: 'Small bumps', worst: 'hammers', best: 'gone' },
  standingBalance: { name: 'Standing balance', worst: 'hanging on', best: 'hands free' },
  bigHits: { name: 'Big hits', worst: 'bottoms, kicks', best: 'swallows them' },
  lowPull: { name: 'Pull from low revs', worst: 'none', best: 'from nothing' },
  seat: { name: 'Seat after an hour', worst: 'unbearable', best: 'forgot it' },
  loadedFeel: {
    name: 'With the luggage on',
    worst: 'another machine, a bad one',
    best: 'no difference',
  },
};

/** A mark of what is felt, between the two words of its scale. */
export const markWords = (felt: Felt, mark: number): string => {
  const { worst, best } = FELT_WORDS[felt];
  return [`0 ${worst}`, '1 bad', '2 bearable', '3 good', `4 ${best}`][mark] ?? String(mark);
};

/** A like or dislike as a note. */
export const likeWords = (felt: Felt, side: 'likes' | 'dislikes'): string => {
  const { name, worst, best } = FELT_WORDS[felt];
  return `${name}: ${side === 'likes' ? best : worst}`;
};

/** What to look at where a thing was felt otherwise than the figures foretell. */
export const FELT_LOOK: { readonly [F in Felt]?: string } = {
  kneeRoom: 'Peg and seat heights may be another version’s; tape both.',
  reachStanding: 'Tape peg to bar; a bar turned in its clamps is a hand’s breadth.',
  pushing: 'Weight carried low pushes lighter than the scale says.',
  windHelmet: 'Helmet, height and the screen’s edge decide; try another helmet or half a screen.',
  windChest: 'A screen may be taller or nearer than the sheet says; kit and posture count as well.',
  bigHits: 'Measure the sag before judging: springs for another rider feel like bad suspension.',
  lowPull: 'Gearing decides how it pulls away; see the sprockets.',
};
