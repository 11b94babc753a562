import { clamp } from '../numeric';
import type { MeasuredSag } from './measured-sag';
import type { SagSchool, SetupEnd, SetupLoad } from './set-up';

/** Windows of free and rider sag, and rider less free sag where springs suit their rider, as shares of the travel. */
export interface SagWindow {
  readonly difference: number;
  readonly free: readonly [number, number];
  readonly rider: readonly [number, number];
}

/**
 * Windows of the rear, and 0.2 between road (0.19), touring (0.175) and competition (0.225): reference 8, from memory. Front: the same rider sag; a fork carries less than half of the rider, so that free sag lies some 7 % of
 * the travel below it (fork springs sold for a rider's mass; common practice, no source).
 */
export const SAG_TARGETS: Readonly<Record<SetupEnd, Readonly<Record<SagSchool, SagWindow>>>> = {
  rear: {
    adventure: { difference: 0.2, free: [0.08, 0.15], rider: [0.25, 0.33] },
    road: { difference: 0.2, free: [0.05, 0.15], rider: [0.25, 0.33] },
    enduro: { difference: 0.225, free: [0.1, 0.15], rider: [0.32, 0.38] },
  },
  front: {
    adventure: { difference: 0.072, free: [0.18, 0.25], rider: [0.25, 0.33] },
    road: { difference: 0.072, free: [0.17, 0.25], rider: [0.25, 0.33] },
    enduro: { difference: 0.085, free: [0.23, 0.31], rider: [0.32, 0.38] },
  },
};

/** What one end of a machine is, as far as it is known. */
export interface SpringOf {
  readonly end: SetupEnd;
  readonly travel_mm: number;
  readonly school: SagSchool;
  /** Wheel travel for each mm of preload: 1 ÷ motion ratio behind, 1 along a fork. Absent: not known. */
  readonly wheelPerPreload: number | undefined;
  readonly rate_Npmm: number | undefined;
  readonly pitch_mm: number | undefined;
  readonly turns: number | undefined;
  readonly turnsMost: number | undefined;
  /** Weight on this end beyond the machine's own, kg, for the load it was measured with and for each that may be carried. */
  readonly measured_kg: number;
  readonly loads: Readonly<Record<SetupLoad, number | undefined>>;
}

/** How far the preload has to go to bring rider sag to the middle of its asked. */
export interface PreloadAdvice {
  /** Sag to be taken away, mm of wheel travel; below 0: given. */
  readonly sag_mm: number;
  /** On the spring, mm; above 0: wind in. Absent: no motion ratio. */
  readonly spring_mm: number | undefined;
  /** Turns of the adjuster. Absent: no thread pitch. */
  readonly turns: number | undefined;
  /** Turns that the adjuster cannot give, 0 where it can; absent: its range is not known. */
  readonly short_turns: number | undefined;
}

/** How likely the springs are too soft, right, and too stiff once rider sag is set, 0–1, from the noise of the readings alone. */
export interface SpringChances {
  readonly soft: number;
  readonly right: number;
  readonly stiff: number;
}

/** The spring that suits one load. */
export interface SpringFor {
  readonly load: SetupLoad;
  /** Whether the one fitted would do: some preload keeps free and rider sag in their windows. */
  readonly fittedDoes: boolean;
  /** Its rate by that of the one fitted, with nine in ten of what the readings allow. */
  readonly factor: { readonly low: number; readonly mid: number; readonly high: number };
  /** N/mm; absent: the rate of the one fitted is not known. */
  readonly rate_Npmm: number | undefined;
}

export interface SpringAdvice {
  /** Shares of the travel now. */
  readonly freeShare: number;
  readonly riderShare: number;
  readonly asked: SagWindow;
  /** The rider whom these springs suit by what was measured, by the one who sat on them: nine in ten. */
  readonly suits: { readonly low: number; readonly mid: number; readonly high: number };
  readonly preload: PreloadAdvice;
  /** Free sag once rider sag is set, as a share of the travel. */
  readonly freeThen: number;
  readonly chances: SpringChances;
  readonly springs: readonly SpringFor[];
}

/** Standard normal distribution up to z (Abramowitz and Stegun 7.1.26, error below 1.5e-7; from memory). */
export function normalBelow(z: number): number {
  const x = Math.abs(z) / Math.SQRT2;
  const t = 1 / (1 + 0.3275911 * x);
  const poly =
    t *
    (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))));
  const erf = 1 - poly * Math.exp(-x * x);
  return z >= 0 ? (1 + erf) / 2 : (1 - erf) / 2;
}

const Z95 = 1.6448536269514722;

/**
 * What to do with one end: preload brings rider sag into its asked, free sag then tells of the spring. Rider less free sag is ΔW ÷ wheel
 * rate whatever the preload (reference 8), so it alone says how stiff the spring should be: rate × difference ÷ the difference wanted.
 * Nothing where free and rider sag are not both known, or contradict each other.
 */
export function springAdvice(sag: MeasuredSag, of: SpringOf): SpringAdvice | undefined {
  const { free, rider, difference, faults } = sag;
  if (!free || !rider || !difference || faults.length > 0) return undefined;
  const { travel_mm, school, end } = of;
  const asked = SAG_TARGETS[end][school];
  const { least_mm, most_mm } = differencesIn(asked, travel_mm);
  const wanted = wantedSag(free.mm, rider.mm, difference.mm, asked, travel_mm);
  const freeThen = wanted - difference.mm;
  const stiff = normalBelow((least_mm - difference.mm) / difference.sd_mm);
  const soft = 1 - normalBelow((most_mm - difference.mm) / difference.sd_mm);
  const wantedDifference = asked.difference * travel_mm;
  const springs = (Object.entries(of.loads) as [SetupLoad, number | undefined][]).flatMap(
    ([load, kg]): SpringFor[] => {
      if (kg === undefined || of.measured_kg <= 0) return [];
      const more = kg / of.measured_kg;
      const mid = (difference.mm * more) / wantedDifference;
      const half = (Z95 * difference.sd_mm * more) / wantedDifference;
      return [
        {
          load,
          fittedDoes: difference.mm * more >= least_mm && difference.mm * more <= most_mm,
          factor: { low: mid - half, mid, high: mid + half },
          rate_Npmm: of.rate_Npmm === undefined ? undefined : of.rate_Npmm * mid,
        },
      ];
    },
  );
  return {
    freeShare: free.mm / travel_mm,
    riderShare: rider.mm / travel_mm,
    asked,
    suits: suitsOf(difference, wantedDifference),
    preload: preloadFor(rider.mm - wanted, of),
    freeThen: freeThen / travel_mm,
    chances: { soft, right: Math.max(0, 1 - soft - stiff), stiff },
    springs,
  };
}

/** Rider less free sag that some preload brings into both windows at once, mm. */
const differencesIn = (
  { free, rider }: SagWindow,
  travel_mm: number,
): { readonly least_mm: number; readonly most_mm: number } => ({
  least_mm: Math.max(0, rider[0] - free[1]) * travel_mm,
  most_mm: (rider[1] - free[0]) * travel_mm,
});

/** Rider sag to aim at, mm: as it is where both lie in their windows or only another spring would help, else as near the middle as keeps free sag in its own. */
function wantedSag(
  free_mm: number,
  rider_mm: number,
  difference_mm: number,
  asked: SagWindow,
  travel_mm: number,
): number {
  const [low, high] = asked.rider.map((s) => s * travel_mm) as [number, number];
  const [freeLow, freeHigh] = asked.free.map((s) => s * travel_mm) as [number, number];
  const inWindow = rider_mm >= low && rider_mm <= high;
  const { least_mm, most_mm } = differencesIn(asked, travel_mm);
  const fits = difference_mm >= least_mm && difference_mm <= most_mm;
  // Where no preload helps the spring, rider sag within its asked is left alone.
  if (inWindow && (!fits || (free_mm >= freeLow && free_mm <= freeHigh))) return rider_mm;
  const aim = clamp((low + high) / 2, freeLow + difference_mm, freeHigh + difference_mm);
  return clamp(aim, low, high);
}

/** Riders differ by so much in what they take for right: 0.17 to 0.23 about 0.2, as in `core/suspension`. */
const TASTE = 0.15;

/** A rider heavier by so much would sag by just what is wanted: wanted ÷ measured difference. */
function suitsOf(
  { mm, sd_mm }: { readonly mm: number; readonly sd_mm: number },
  wanted_mm: number,
): SpringAdvice['suits'] {
  const half = Z95 * sd_mm;
  return {
    low: (wanted_mm * (1 - TASTE)) / (mm + half),
    mid: wanted_mm / mm,
    high: (wanted_mm * (1 + TASTE)) / Math.max(mm - half, mm / 4),
  };
}

function preloadFor(sag_mm: number, of: SpringOf): PreloadAdvice {
  const { wheelPerPreload, pitch_mm, turns, turnsMost } = of;
  const spring_mm = wheelPerPreload === undefined ? undefined : sag_mm / wheelPerPreload;
  const wanted =
    spring_mm === undefined || pitch_mm === undefined ? undefined : spring_mm / pitch_mm;
  const left = (by: number): number | undefined => {
    if (turns === undefined) return undefined;
    if (by < 0) return Math.max(0, -by - turns);
    return turnsMost === undefined ? undefined : Math.max(0, by - (turnsMost - turns));
  };
  return {
    sag_mm,
    spring_mm,
    turns: wanted,
    short_turns: wanted === undefined ? undefined : left(wanted),
  };
}
