import { assess, sheetFigures } from '@/core/assessment';
import { spendable } from '@/core/brief';
import { kindOfMachine, type MachineFacts } from '@/core/donor';
import { fittedWorth, repairs } from '@/core/money';
import { bisect } from '@/core/numeric';
import { fitScore } from '@/core/preference';
import type { Dossier } from '../records';
import { resolvedDonors } from './donors';
import { donorsOf, partsOf } from './gathered';
import type { Standing, StandingCandidate } from './standing';

/** What a machine that stands somewhere is worth an offer of, in the brief's currency. */
export interface Offer {
  /** Absent: nobody has said what is asked. */
  readonly asked: number | undefined;
  /** To be put right; absent: a cost is not known. */
  readonly mending: number | undefined;
  /** Parts aboard, at what they would cost this rider, less wear. */
  readonly aboard: number;
  /** The price from which on another machine of the shortlist is the better one as it stands, or the money is gone. */
  readonly walkAway:
    | { readonly kind: 'rival'; readonly amount: number; readonly rivalId: string }
    | { readonly kind: 'money'; readonly amount: number }
    /** What its model costs without anything done to it, with the parts aboard and less what must be put right. */
    | { readonly kind: 'new'; readonly amount: number }
    /** Even given away it stays behind that one. */
    | { readonly kind: 'never'; readonly rivalId: string }
    | { readonly kind: 'unknown' };
}

/** To a whole unit of money. */
const TOLERANCE = 0.5;

/** What to offer for a machine, and where to walk away; nothing for models and variants. */
export function offerFor(
  dossier: Dossier,
  standing: Standing,
  entry: StandingCandidate,
): Offer | undefined {
  const own = donorsOf(dossier)[entry.candidate.donorId];
  if (own?.kind !== 'machine') return undefined;
  const { money } = standing.brief;
  const put = repairs(entry.donor.weakPoints ?? [], money);
  const mending = put.kind === 'known' ? put.mid : undefined;
  const price = entry.stock.figures.price;
  const aboard = aboardWorth(own.machine, partsOf(dossier), money);
  return {
    asked: price.reading && price.estimate.kind === 'known' ? price.estimate.mid : undefined,
    mending,
    aboard,
    walkAway:
      mending === undefined
        ? { kind: 'unknown' }
        : noDearerThan(
            lineFor(standing, entry, mending),
            modelPrice(dossier, own.baseId, standing),
            aboard - mending,
          ),
  };
}

/** What the model or variant that a machine stands on costs on the road; absent: nobody has said. */
function modelPrice(
  dossier: Dossier,
  baseId: string | undefined,
  { brief }: Standing,
): number | undefined {
  const base = resolvedDonors(dossier).get(baseId ?? '');
  const price = base && sheetFigures(base, brief).price;
  return price?.reading && price.estimate.kind === 'known' ? price.estimate.mid : undefined;
}

/** Nobody pays more for one that has been ridden than for the same new, parts and repairs counted. */
function noDearerThan(
  line: Offer['walkAway'],
  model: number | undefined,
  more: number,
): Offer['walkAway'] {
  if (model === undefined || !('amount' in line)) return line;
  const most = Math.max(0, Math.round(model + more));
  return line.amount > most ? { kind: 'new', amount: most } : line;
}

function aboardWorth(
  machine: MachineFacts,
  parts: ReturnType<typeof partsOf>,
  money: Standing['brief']['money'],
): number {
  const fitted = machine.fitted.flatMap((f) => {
    const part = parts[f.partId];
    return part ? [{ part, wear: f.wear }] : [];
  });
  return fittedWorth(fitted, money).worth;
}

function lineFor(
  { brief, curves, weights, candidates, stockRanking }: Standing,
  { candidate, bare }: StandingCandidate,
  mending: number,
): Offer['walkAway'] {
  const most = spendable(brief.money) - mending;
  if (most <= 0) return { kind: 'money', amount: 0 };
  const pointsAt = (amount: number): number => {
    const reading = {
      id: 'offered',
      amount: Math.max(1, amount),
      unit: brief.money.currency,
      basis: 'paid' as const,
      origin: 'measured' as const,
      note: '',
    };
    const donor = {
      ...bare.donor,
      figures: { ...bare.donor.figures, price: { readings: [reading] } },
    };
    const { metrics } = assess({ ...bare, donor, parts: [] });
    return fitScore(metrics, curves, weights, kindOfMachine(donor)).points.mid;
  };
  const [rival] = stockRanking
    .filter((r) => r.id !== candidate.id && r.place !== undefined)
    .flatMap((r) => candidates.find((c) => c.candidate.id === r.id) ?? [])
    .toSorted((a, b) => b.stockScore.points.mid - a.stockScore.points.mid);
  if (!rival) return { kind: 'money', amount: most };
  const ahead = (amount: number): number => pointsAt(amount) - rival.stockScore.points.mid;
  if (ahead(1) <= 0) return { kind: 'never', rivalId: rival.candidate.id };
  if (ahead(most) >= 0) return { kind: 'money', amount: most };
  return {
    kind: 'rival',
    amount: Math.round(bisect(ahead, 1, most, TOLERANCE)),
    rivalId: rival.candidate.id,
  };
}
