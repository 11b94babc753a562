import { type Assessment } from '@/core/assessment';
import { briefForPurpose, WHOLE, type Brief, type MustKey } from '@/core/brief';
import type { DonorClass } from '@/core/donor';
import { inCurrency } from '@/core/money';
import type { Interval } from '@/core/numeric';
import {
  classOutlook,
  liftsTo,
  justShowing,
  lookForMust,
  type ClassOutlook,
  type FitWanted,
  type LookFor,
  type LookForLine,
} from '@/core/outlook';
import { BRIEF_KEY, type Dossier } from '../records';
import { figureOf, resolvedDonors } from './donors';
import { classHelpers } from './class-helpers';
import { evidenceIn } from './gathered';

/** The brief of a purpose; the whole where it names none that there is. */
const briefOf = (dossier: Dossier, purpose: string): Brief | undefined => {
  const brief = dossier.briefs[BRIEF_KEY];
  const id = brief?.purposes?.some((p) => p.id === purpose) ? purpose : WHOLE;
  return brief && briefForPurpose(brief, id);
};

/** How far a single known price may be off for its class, as a share either way. Own assumption. */
const ONE_PRICE = 0.2;

/**
 * What machines of a class are asked, in the brief's currency: as the rider holds it, where a rate leads there, else by the donors of
 * this dossier, on the road; `undefined` where neither tells.
 */
export function classPrice(dossier: Dossier, donorClass: DonorClass): Interval | undefined {
  const brief = dossier.briefs[BRIEF_KEY];
  if (!brief) return undefined;
  const { money, classPrices } = brief;
  const own = classPrices?.[donorClass];
  const [low, high] = own
    ? [own.low, own.high].map((end) => inCurrency(end, own.currency, money))
    : [];
  if (low?.kind === 'amount' && high?.kind === 'amount')
    return { low: low.amount, mid: (low.amount + high.amount) / 2, high: high.amount };
  const mids = [...resolvedDonors(dossier).values()]
    .filter((donor) => donor.donorClass === donorClass && !donor.archived)
    .flatMap((donor) => {
      const { estimate } = figureOf(donor, 'price', money);
      return estimate.kind === 'known' ? [estimate.interval.mid] : [];
    })
    .toSorted((a, b) => a - b);
  const [least] = mids;
  const most = mids.at(-1);
  if (least === undefined || most === undefined) return undefined;
  const mid = mids[Math.floor((mids.length - 1) / 2)] ?? least;
  return {
    low: Math.min(least, mid * (1 - ONE_PRICE)),
    mid,
    high: Math.max(most, mid * (1 + ONE_PRICE)),
  };
}

/** One class weighed for the dossier's brief; `undefined` without a brief. */
export function outlookOf(
  dossier: Dossier,
  donorClass: DonorClass,
  purpose: string = WHOLE,
): ClassOutlook | undefined {
  const brief = briefOf(dossier, purpose);
  return (
    brief && classOutlook(brief, donorClass, evidenceIn(dossier), classPrice(dossier, donorClass))
  );
}

/** What to look for in a machine of a class for one must. Parts of the catalogue that help it lower what its figure has to show. */
export function lookForLineIn(
  dossier: Dossier,
  donorClass: DonorClass,
  purpose: string,
  must: MustKey,
): LookForLine | undefined {
  const brief = briefOf(dossier, purpose);
  if (!brief) return undefined;
  const helpers = classHelpers(dossier, brief, donorClass, must);
  const price = classPrice(dossier, donorClass);
  return lookForMust(brief, donorClass, evidenceIn(dossier), must, helpers, price);
}

/** What a machine comes to that just shows what these lines ask. */
export function justShowingIn(
  dossier: Dossier,
  donorClass: DonorClass,
  purpose: string,
  lines: readonly LookForLine[],
): LookFor | undefined {
  const brief = briefOf(dossier, purpose);
  return brief && justShowing(brief, donorClass, evidenceIn(dossier), lines);
}

/** The musts that a purpose asks. */
export const mustsAsked = (dossier: Dossier, purpose: string): readonly MustKey[] =>
  briefOf(dossier, purpose)?.musts.on ?? [];

/** What one figure must show beyond the musts for the fit to reach so many points. */
export function liftsIn(
  dossier: Dossier,
  donorClass: DonorClass,
  purpose: string,
  found: LookFor,
  atLeast: number,
): FitWanted | undefined {
  const brief = briefOf(dossier, purpose);
  const price = classPrice(dossier, donorClass);
  return brief && liftsTo(brief, donorClass, evidenceIn(dossier), found, atLeast, price);
}

/** What of an assessment's musts is kept, missed and not told: the first thing that is said of a machine. */
export interface Meets {
  readonly kept: number;
  readonly of: number;
  readonly broken: Assessment['musts'];
  readonly open: Assessment['musts'];
}

export const meetsOf = ({ musts }: Pick<Assessment, 'musts'>): Meets => ({
  kept: musts.filter((m) => m.verdict === 'pass' && !m.typical).length,
  of: musts.length,
  broken: musts.filter((m) => m.verdict === 'fail'),
  open: musts.filter((m) => m.verdict !== 'fail' && (m.verdict !== 'pass' || m.typical)),
});
