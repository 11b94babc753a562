import { COMFORT_REASONS } from '../assessment';
import { FACT_DEFINITIONS } from '../facts';
import { FIRST_COUNTS, MOST_FELT, TRIAL_TIMES, type Felt, type Impression } from '../evidence';
import { NEED_VALUE, type WantCurve } from './want-curve';
import type { WantKey } from './wants';

/** What is felt of which want: marks say how much the want was worth to this rider there, several by their mean. Own choice. */
export const FELT_OF_WANT = {
  kneeAngle: ['kneeRoom'],
  standingRoom: ['reachStanding'],
  readyMass: ['pushing'],
  wind: ['windHelmet', 'windChest'],
  suspension: ['bigHits'],
  powerToMass: ['lowPull'],
} as const satisfies { readonly [W in WantKey]?: readonly Felt[] };
/** Wants whose need can be learned from rides. */
export type LearnedWant = keyof typeof FELT_OF_WANT;
export const LEARNED_WANTS = Object.keys(FELT_OF_WANT) as readonly LearnedWant[];

/** Engine layouts on which a rider may call other revs fine than is usual; told by what buzzes. */
const LAYOUTS = FACT_DEFINITIONS.layout.options;
type Layout = (typeof LAYOUTS)[number];
type RevsNeed = `revs/${Layout}`;
export const FELT_OF_REVS: readonly Felt[] = ['buzz'];
export const REVS_NEEDS = LAYOUTS.map((layout): RevsNeed => `revs/${layout}`);

/** All that rides can teach of a rider: needs of wants, and revs by engine layout. */
export type OwnNeedKey = LearnedWant | RevsNeed;
export const OWN_NEED_KEYS: readonly OwnNeedKey[] = [...LEARNED_WANTS, ...REVS_NEEDS];

const { nothing, all } = COMFORT_REASONS.cruiseRevs;
/** What revs at the cruise are usually worth, as a share of the redline: a curve like that of a want. */
export const REVS_CURVE: WantCurve = {
  floor: nothing,
  need: nothing + NEED_VALUE * (all - nothing),
  ideal: all,
};

/** Standard normal quantile of 0.95. */
const Z95 = 1.645;
/** Nine riders in ten need between a quarter of the curve's span less and more than is usual. Own assumption. */
const RIDERS_DIFFER = 0.25;
/** A mark is taken to lie within one mark, nine times in ten. Own assumption. */
const MARK_SPREAD = 1 / MOST_FELT;

/** One machine that was felt: what its want is reckoned at, with 5th and 95th percentile, and what was felt of it. */
export interface FeltMachine {
  readonly at: { readonly low: number; readonly mid: number; readonly high: number };
  readonly impression: Pick<Impression, 'marks' | 'mean'>;
}

/** What rides say of one need of this rider. */
export interface LearnedNeed {
  readonly want: OwnNeedKey;
  /** As is usual, and as learned; the metric's base unit. */
  readonly usual: number;
  readonly need: number;
  /** Half of what nine in ten such riders would lie within, before and after. */
  readonly sureBefore: number;
  readonly sureAfter: number;
  /** Machines that say something of it. */
  readonly machines: number;
}

/** Where on a curve a worth of 0–1 lies, and how much worth a unit is there. */
function placeOf({ floor, need, ideal }: WantCurve, worth: number) {
  const below = worth < NEED_VALUE;
  const [from, to] = below ? [floor, need] : [need, ideal];
  const span = below ? NEED_VALUE : 1 - NEED_VALUE;
  const share = (worth - (below ? 0 : NEED_VALUE)) / span;
  return { at: from + share * (to - from), slope: span / Math.abs(to - from) };
}

/** How much an impression counts: as its surest time does. */
const countsOf = ({ marks }: Pick<Impression, 'marks'>): number =>
  Math.max(...TRIAL_TIMES.map((t) => (marks[t] === undefined ? 0 : FIRST_COUNTS[t])));

/**
 * What rides say of a need: the usual need as a normal prior, each machine as one normal observation of the shift that would make its
 * want worth what was felt there (conjugate normal update, known variances; Gelman et al., Bayesian Data Analysis, 2.5, from memory).
 * The doubt of the mark and of the figure both count; a first impression counts half, so its variance is doubled. The best and the worst
 * mark only say "at least" and "at most": they count where they contradict the usual need.
 *
 * @param curve the want's usual curve
 */
export function learnedNeed(
  want: OwnNeedKey,
  curve: WantCurve,
  felt: readonly FeltMachine[],
): LearnedNeed | undefined {
  const better = Math.sign(curve.ideal - curve.floor);
  const prior = (RIDERS_DIFFER * Math.abs(curve.ideal - curve.floor)) / Z95;
  const seen = felt.flatMap(({ at, impression }) => {
    const worth = Math.min(1, Math.max(0, impression.mean / MOST_FELT));
    const { at: place, slope } = placeOf(curve, worth);
    const shift = at.mid - place;
    // Beyond the ends of the curve a machine may be worth as much: the mark bounds the need from one side only.
    if ((worth === 1 && shift * better > 0) || (worth === 0 && shift * better < 0)) return [];
    const mark = MARK_SPREAD / Z95 / slope;
    const figure = (at.high - at.low) / 2 / Z95;
    return [{ shift, precision: countsOf(impression) / (mark ** 2 + figure ** 2) }];
  });
  if (seen.length === 0) return undefined;
  const own = 1 / prior ** 2;
  const all = seen.reduce((sum, s) => sum + s.precision, own);
  const shift = seen.reduce((sum, s) => sum + s.precision * s.shift, 0) / all;
  return {
    want,
    usual: curve.need,
    need: curve.need + shift,
    sureBefore: prior * Z95,
    sureAfter: Z95 / Math.sqrt(all),
    machines: seen.length,
  };
}
