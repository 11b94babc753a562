import { assess, type Assessment, type BareCase } from '@/core/assessment';
import type { Money } from '@/core/brief';
import { findChecks, isPriceNew, type Check } from '@/core/checks';
import { resolveDonor, type Donor, type DonorTable } from '@/core/donor';
import { onTheRoadPrice } from '@/core/money';
import {
  normalFigure,
  normalFigures,
  type FigureKey,
  type NormalFigure,
  type NormalFigures,
} from '@/core/readings';
import { withLikelyClasses } from '@/core/typical';
import { BRIEF_KEY, newBrief, type Dossier } from '../records';
import { donorsOf } from './gathered';
import { bareCase } from './standing';

const resolvedTables = new WeakMap<DonorTable, ReadonlyMap<string, Donor>>();

/** Every donor with what it inherits and what was seen on it, by id; computed once for each state of the tables. */
export const resolvedDonors = (
  dossier: Pick<Dossier, 'donors' | 'trials' | 'parts' | 'catalogues'>,
): ReadonlyMap<string, Donor> => resolvedAll(donorsOf(dossier));

function resolvedAll(donors: DonorTable): ReadonlyMap<string, Donor> {
  const known = resolvedTables.get(donors);
  if (known) return known;
  const made = new Map(
    Object.keys(donors).flatMap((id) => {
      const donor = resolveDonor(donors, id);
      return donor ? [[id, withLikelyClasses(donor)] as const] : [];
    }),
  );
  resolvedTables.set(donors, made);
  return made;
}

const STAND_IN_MONEY = newBrief('EUR').money;

/** The money of the brief, or a stand-in while there is none. */
export const moneyOf = (dossier: Pick<Dossier, 'briefs'>): Money =>
  dossier.briefs[BRIEF_KEY]?.money ?? STAND_IN_MONEY;

/** A store of one computed thing for each donor object, thrown away when what it was computed against changes. */
function perDonor<C extends object, R>(
  compute: (donor: Donor, context: C) => R,
): (donor: Donor, context: C) => R {
  const made = new WeakMap<Donor, { readonly context: C; readonly result: R }>();
  return (donor, context) => {
    const known = made.get(donor);
    if (known?.context === context) return known.result;
    const result = compute(donor, context);
    made.set(donor, { context, result });
    return result;
  };
}

const allFigures = perDonor(
  (donor, money: Money): NormalFigures =>
    normalFigures(donor.figures, (reading, key) => onTheRoadPrice(reading, money, key), donor),
);

/** All figures of a resolved donor on one basis. */
export const figuresOf = (donor: Donor, money: Money): NormalFigures => allFigures(donor, money);
/** One figure of a resolved donor on one basis, without computing the others. */
export const figureOf = (donor: Donor, key: FigureKey, money: Money): NormalFigure =>
  normalFigure(
    donor.figures,
    key,
    (reading, source) => onTheRoadPrice(reading, money, source),
    donor,
  );

const assessments = new WeakMap<Donor, { readonly of: BareCase; readonly made: Assessment }>();

/** A donor as it stands against the brief, shortlisted or not; `undefined` without a brief. Kept while nothing it hangs on changes. */
export function assessmentOf(donor: Donor, dossier: Dossier): Assessment | undefined {
  const brief = dossier.briefs[BRIEF_KEY];
  const of = brief && bareCase(dossier, brief, donor.id);
  if (!of) return undefined;
  const known = assessments.get(donor);
  const same =
    known?.of.brief === of.brief &&
    known.of.donor === of.donor &&
    known.of.evidence === of.evidence &&
    known.of.takenAsKept === of.takenAsKept &&
    known.of.aboard.parts.length === of.aboard.parts.length &&
    known.of.aboard.parts.every((p, i) => p === of.aboard.parts[i]);
  if (same) return known.made;
  const made = assess({ ...of, parts: [] });
  assessments.set(donor, { of, made });
  return made;
}

/** From so many priced donors up a usual price per kW is named. */
const PRICED_ENOUGH = 5;
const usualPrices = new WeakMap<
  DonorTable,
  { readonly money: Money; readonly usual: number | undefined }
>();

function usualPricePerKw(dossier: Dossier, money: Money): number | undefined {
  const donors = donorsOf(dossier);
  const known = usualPrices.get(donors);
  if (known?.money === money) return known.usual;
  const perKw = [...resolvedAll(donors).values()]
    .flatMap((d) => {
      const [offer, power] = [figureOf(d, 'price', money), figureOf(d, 'power', money).estimate];
      const price = offer.estimate;
      return isPriceNew(offer) && price.kind === 'known' && power.kind === 'known'
        ? [price.interval.mid / power.interval.mid]
        : [];
    })
    .sort((a, b) => a - b);
  const usual = perKw.length >= PRICED_ENOUGH ? perKw[Math.floor(perKw.length / 2)] : undefined;
  usualPrices.set(donors, { money, usual });
  return usual;
}

/** Cross-checks of one resolved donor among the others. */
export function checksOf(donor: Donor, dossier: Dossier): readonly Check[] {
  const money = moneyOf(dossier);
  return findChecks({
    donor,
    figures: figuresOf(donor, money),
    usualPricePerKw: usualPricePerKw(dossier, money),
  });
}
