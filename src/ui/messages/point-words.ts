import type { InspectionPoint, PaperPoint } from '@/core/inspection';

interface PointWords {
  readonly name: string;
  readonly good: string;
  /** What a bad one is called as a weak point. */
  readonly bad: string;
}

const INSPECTION_WORDS: Readonly<Record<InspectionPoint, PointWords>> = {
  'cold-start': {
    name: 'Cold start',
    good: 'engine cold to the hand; starts, idles, no smoke',
    bad: 'starts badly or smokes',
  },
  frame: {
    name: 'Frame and subframe',
    good: 'straight; no cracks or corrosion at the welds',
    bad: 'frame or subframe bent, cracked or corroded',
  },
  'head-bearings': {
    name: 'Steering head',
    good: 'turns smoothly from lock to lock, no notch',
    bad: 'notchy steering-head bearings',
  },
  'fork-seals': {
    name: 'Fork',
    good: 'legs dry, no pits; dives evenly',
    bad: 'weeping fork seals',
  },
  brakes: {
    name: 'Brakes',
    good: 'firm lever; discs above their stamped least thickness',
    bad: 'brakes worn or soft',
  },
  'spokes-rims': {
    name: 'Spokes and rims',
    good: 'all tight, rims round and without dents',
    bad: 'loose spokes or a dented rim',
  },
  tyres: { name: 'Tyres', good: 'even wear, no cracks, date stamp read', bad: 'tyres worn or old' },
  'wheel-bearings': {
    name: 'Wheel bearings',
    good: 'no play when rocked',
    bad: 'play in the wheel bearings',
  },
  swingarm: {
    name: 'Swingarm and linkage',
    good: 'no play, bearings greased',
    bad: 'play in the swingarm or linkage',
  },
  shock: {
    name: 'Shock',
    good: 'dry; rebounds slowly, does not bob',
    bad: 'shock leaks or has lost its damping',
  },
  chain: {
    name: 'Chain and sprockets',
    good: 'not stretched, teeth not hooked',
    bad: 'chain kit worn',
  },
  guard: {
    name: 'Engine guard',
    good: 'scuffed at most; cases whole',
    bad: 'guard holed or cases cracked',
  },
  leaks: { name: 'Leaks', good: 'dry underneath after ten minutes', bad: 'leaks oil or coolant' },
  hangers: {
    name: 'Hangers and levers',
    good: 'straight; peg hangers not bent',
    bad: 'bent hangers or levers',
  },
  electrics: {
    name: 'Lights and wiring',
    good: 'everything works, no bare splices',
    bad: 'faults in the wiring',
  },
};

const PAPER_WORDS: Readonly<Record<PaperPoint, PointWords>> = {
  'frame-number': {
    name: 'Frame number',
    good: 'on the frame as in the papers; not in a theft register',
    bad: 'frame number does not match',
  },
  owner: {
    name: 'Owner',
    good: 'the seller owns it, or has it in writing; no loan on it',
    bad: 'ownership unclear',
  },
  recalls: { name: 'Recalls', good: 'asked at the maker’s; all done', bad: 'recall work open' },
  accidents: { name: 'Accidents', good: 'asked, and answered in writing', bad: 'accident history' },
  'service-book': {
    name: 'Service book',
    good: 'complete, by kilometres and hours',
    bad: 'service history missing',
  },
  'fitted-in-papers': {
    name: 'Fitted parts',
    good: 'approved or entered in the papers',
    bad: 'fitted parts not approved',
  },
};

/** What is looked at or read on a used machine. */
export const pointWords = (point: InspectionPoint | PaperPoint): PointWords =>
  point in PAPER_WORDS
    ? PAPER_WORDS[point as PaperPoint]
    : INSPECTION_WORDS[point as InspectionPoint];
