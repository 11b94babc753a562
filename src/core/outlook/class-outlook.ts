import { assess, caseOf, surenessOf, verdictOf, type Assessment } from '../assessment';
import type { Brief, MustKey } from '../brief';
import type { DonorClass } from '../donor';
import type { Evidence } from '../evidence';
import { allOf, shareOf, type Interval } from '../numeric';
import { fitScore, wantCurves, wantWeights } from '../preference';
import { pricedMachine } from './typical-machine';

/** How one must fares with the machines of a class. */
export interface MustOutlook {
  readonly key: MustKey;
  /** Share of the draws in which it holds, 0–1; absent: nothing is known of it, a price nobody has told above all. */
  readonly chance: number | undefined;
}

/** What a class of machine promises for a brief, before any machine is known. */
export interface ClassOutlook {
  readonly donorClass: DonorClass;
  readonly musts: readonly MustOutlook[];
  /** Share of the draws in which all musts hold of which anything is known, 0–1. */
  readonly all: number;
  /** Points of 100, with what the spread of the class leaves of them. */
  readonly fit: Interval;
  /** The must that holds least often; absent: each holds as surely as is asked. */
  readonly binds: MustOutlook | undefined;
  /** `likely`: every must holds as surely as is asked. `search`: some machines of the class will do. `unlikely`: a must is broken as surely. */
  readonly promise: 'likely' | 'search' | 'unlikely';
  /** No price of this class is known, so that money is left out. */
  readonly unpriced: boolean;
  /** A year of keeping one, in the brief's currency; absent: the brief does not say enough, or no price is known. */
  readonly yearly: Interval | undefined;
  readonly assessment: Assessment;
}

/**
 * A class weighed for a brief from what is typical of it and its spread: the same assessment as for a machine of which nothing is told.
 *
 * @param price what machines of the class are asked, low to high, in the brief's currency; absent: not known
 */
export function classOutlook(
  brief: Brief,
  donorClass: DonorClass,
  evidence: Evidence | undefined,
  price?: Interval,
): ClassOutlook {
  const donor = pricedMachine(donorClass, price, brief.money.currency);
  const assessment = assess(caseOf({ brief, donor, ...(evidence ? { evidence } : {}) }));
  const { metrics } = assessment;
  const holds = assessment.musts.flatMap(({ key, holds }) =>
    holds.kind === 'known' ? [{ key, holds }] : [],
  );
  const musts = assessment.musts.map(
    ({ key, holds }): MustOutlook => ({
      key,
      chance: holds.kind === 'known' ? shareOf(holds) : undefined,
    }),
  );
  const sureness = surenessOf(brief);
  const told = musts.filter((m): m is MustOutlook & { chance: number } => m.chance !== undefined);
  const worst = told.reduce<(typeof told)[number] | undefined>(
    (least, m) => (!least || m.chance < least.chance ? m : least),
    undefined,
  );
  const verdict = worst ? verdictOf(worst.chance, sureness) : 'pass';
  // What it costs to keep waits for a simulation, which only a brief that says how long and how far can use.
  const { yearsKept, yearly_km } = brief.money;
  const yearly =
    price && yearsKept !== undefined && yearly_km !== undefined
      ? assessment.underLoad().yearlyCost.estimate
      : undefined;
  return {
    donorClass,
    musts,
    all: holds.length === 0 ? 1 : shareOf(allOf(holds.map((h) => h.holds))),
    fit: fitScore(metrics, wantCurves(brief), wantWeights(brief), donor.id).points,
    binds: verdict === 'pass' ? undefined : worst,
    promise: verdict === 'pass' ? 'likely' : verdict === 'fail' ? 'unlikely' : 'search',
    unpriced: price === undefined,
    yearly: yearly?.kind === 'known' ? yearly.interval : undefined,
    assessment,
  };
}

const ORDER = ['likely', 'search', 'unlikely'] as const;

/** Classes as they promise: those that will do first, by their fit; then the others, by how often all musts hold. */
export const byPromise = (all: readonly ClassOutlook[]): readonly ClassOutlook[] =>
  all.toSorted(
    (a, b) =>
      ORDER.indexOf(a.promise) - ORDER.indexOf(b.promise) ||
      (a.promise === 'likely' ? 0 : b.all - a.all) ||
      b.fit.mid - a.fit.mid,
  );
