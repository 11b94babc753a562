/**
 * What is looked at on a machine that has been used, in the order of a walk around it. Common practice, no source.
 * `grave` points are for a qualified workshop before the machine is ridden.
 */
export const INSPECTION_POINTS = [
  { key: 'cold-start', grave: false },
  { key: 'frame', grave: true },
  { key: 'head-bearings', grave: true },
  { key: 'fork-seals', grave: true },
  { key: 'brakes', grave: true },
  { key: 'spokes-rims', grave: true },
  { key: 'tyres', grave: true },
  { key: 'wheel-bearings', grave: true },
  { key: 'swingarm', grave: true },
  { key: 'shock', grave: false },
  { key: 'chain', grave: false },
  { key: 'guard', grave: false },
  { key: 'leaks', grave: false },
  { key: 'hangers', grave: false },
  { key: 'electrics', grave: false },
] as const satisfies readonly { readonly key: string; readonly grave: boolean }[];

/** What is read in the papers before any money changes hands. */
export const PAPER_POINTS = [
  'frame-number',
  'owner',
  'recalls',
  'accidents',
  'service-book',
  'fitted-in-papers',
] as const;

export type InspectionPoint = (typeof INSPECTION_POINTS)[number]['key'];
export type PaperPoint = (typeof PAPER_POINTS)[number];
export const INSPECTION_KEYS = INSPECTION_POINTS.map((p) => p.key);
