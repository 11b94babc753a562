/** Both ends of a machine, as set-up speaks of them. */
export const SETUP_ENDS = ['rear', 'front'] as const;
export type SetupEnd = (typeof SETUP_ENDS)[number];

/** With what aboard the rider's sag was taken. */
export const SETUP_LOADS = ['solo', 'loaded', 'passenger'] as const;
export type SetupLoad = (typeof SETUP_LOADS)[number];

/** What the springs are set for. */
export const SAG_SCHOOLS = ['adventure', 'road', 'enduro'] as const;
export type SagSchool = (typeof SAG_SCHOOLS)[number];

/** The five lengths of one end, wheel axle to a fixed point above it, mm. What is absent was not taken. */
export const SAG_LENGTHS = [
  'extended_mm',
  'freeAbove_mm',
  'freeBelow_mm',
  'riderAbove_mm',
  'riderBelow_mm',
] as const;
export type SagLength = (typeof SAG_LENGTHS)[number];
export type SagReadings = { readonly [L in SagLength]?: number | undefined };

/** How lengths were taken. */
export const SAG_TOOLS = ['tape', 'meter'] as const;
export type SagTool = (typeof SAG_TOOLS)[number];

/** One end as it is set. Clicks and turns are counted from fully in and fully out, as each adjuster's book counts them. */
export interface EndSetup {
  readonly readings?: SagReadings | undefined;
  readonly tool?: SagTool | undefined;
  /** Travel that one turn of the preload adjuster gives the spring, mm. */
  readonly pitch_mm?: number | undefined;
  /** Turns of preload wound in now, and the most that the adjuster has. */
  readonly turns?: number | undefined;
  readonly turnsMost?: number | undefined;
  /** Clicks out from fully in. */
  readonly compression?: number | undefined;
  readonly rebound?: number | undefined;
  /** Tyre, cold, bar. */
  readonly pressure_bar?: number | undefined;
  /** Of the front: how far the fork tubes stand over the upper clamp beyond the book, mm. */
  readonly raised_mm?: number | undefined;
}

/** What can be turned, one thing at a time. */
export const ADJUSTERS = ['preload', 'compression', 'rebound', 'pressure', 'spring'] as const;
export type Adjuster = (typeof ADJUSTERS)[number];

/** What the same piece of track said. */
export const CHANGE_VERDICTS = ['better', 'worse', 'same'] as const;
export type ChangeVerdict = (typeof CHANGE_VERDICTS)[number];

/** One thing that was changed, ridden before and after. */
export interface TriedChange {
  readonly id: string;
  /** ISO day. */
  readonly on: string;
  readonly end: SetupEnd;
  readonly what: Adjuster;
  /** In the rider's words: "12 clicks", "N 70". */
  readonly from: string;
  readonly to: string;
  /** Absent: not ridden yet. */
  readonly verdict?: ChangeVerdict | undefined;
  readonly words: string;
}

/** A set-up sheet: one machine, one load, as it was set that day. */
export interface SetUp {
  readonly id: string;
  readonly donorId: string;
  readonly name: string;
  /** ISO day. */
  readonly on: string;
  readonly load: SetupLoad;
  readonly school: SagSchool;
  /** Parts of the build that were on; absent: as the donor stands. */
  readonly partIds?: readonly string[] | undefined;
  readonly ends: { readonly [E in SetupEnd]?: EndSetup | undefined };
  readonly changes: readonly TriedChange[];
  readonly note: string;
}

/** Limits of what is noted; schema, editors and tests read them. */
export const SETUP_LIMITS = {
  length_mm: { min: 50, max: 1500 },
  pitch_mm: { min: 0.3, max: 10 },
  turns: { min: 0, max: 60 },
  clicks: { min: 0, max: 60 },
  pressure_bar: { min: 0.3, max: 4.5 },
  raised_mm: { min: 0, max: 40 },
} as const;
