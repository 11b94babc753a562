import { stagePlan, USUAL_STAGE, type BuildStage } from '@/core/build';
import type { Assessment } from '@/core/assessment';
import { buildTotal } from '@/core/money';
import { needsOf, type FitScore, type Need, type Ranked } from '@/core/preference';
import { lookFirst, type LookFirst } from '@/core/suitability';
import type { Dossier } from '../records';
import { type Standing, type StandingCandidate } from './standing';

/** Stock and go · stage it · build once · buy one already built · the dearer machine · keep the money for the trip. */
export type WayKind = 'stock' | 'staged' | 'once' | 'ready-built' | 'dearer' | 'keep';

export interface Way {
  readonly kind: WayKind;
  readonly entry: StandingCandidate;
  /** Parts paid for on this way. */
  readonly parts: number;
  /** Of them those that bring what the machine may have already. */
  readonly look: readonly LookFirst[];
  readonly now: number | undefined;
  readonly byTrip: number | undefined;
  /** By the trip, and on the first ride. */
  readonly score: FitScore;
  readonly firstRide: FitScore;
  readonly assessment: Assessment;
  readonly gaps: readonly Need[];
  /** Money left for the trip beyond its fund. */
  readonly left: number | undefined;
}

export type WayOut =
  | Way
  | {
      readonly kind: WayKind;
      readonly none: 'no-parts' | 'no-listing' | 'no-dearer' | 'nobody-passes' | 'this-one';
    };

const outlayOf = ({ metrics: { outlay } }: Assessment): number | undefined =>
  outlay.estimate.kind === 'known' ? outlay.estimate.interval.mid : undefined;

/** The six ways out of the question, for one candidate beside the rest of the shortlist. */
export function waysOut(
  dossier: Dossier,
  standing: Standing,
  entry: StandingCandidate,
  spend: number,
): readonly WayOut[] {
  const { candidates } = standing;
  const asItStands = (kind: WayKind, e: StandingCandidate): Way => {
    const outlay = outlayOf(e.stock);
    return {
      kind,
      entry: e,
      parts: 0,
      look: [],
      now: outlay,
      byTrip: outlay,
      score: e.stockScore,
      firstRide: e.stockScore,
      assessment: e.stock,
      gaps: needsOf(e.stockScore),
      left: outlay === undefined ? undefined : spend - outlay,
    };
  };
  const best = (list: readonly StandingCandidate[]): StandingCandidate | undefined => {
    const first = standing.stockRanking.find((r) => list.some((c) => c.candidate.id === r.id));
    return list.find((c) => c.candidate.id === first?.id);
  };
  const inGroup = (group: Ranked['group']): readonly StandingCandidate[] => {
    const ids = standing.stockRanking.filter((r) => r.group === group).map((r) => r.id);
    return candidates.filter(
      (c) => ids.includes(c.candidate.id) && outlayOf(c.stock) !== undefined,
    );
  };
  const listings = candidates.filter((c) => c.aboard.length > 0 && c !== entry);
  const mine = outlayOf(entry.stock) ?? Number.POSITIVE_INFINITY;
  const dearer = candidates.filter(
    (c) => c !== entry && c.aboard.length === 0 && (outlayOf(c.stock) ?? 0) > mine,
  );
  const sound = inGroup('kept').length > 0 ? inGroup('kept') : inGroup('doubtful');
  const [cheapest] = sound.toSorted((a, b) => (outlayOf(a.stock) ?? 0) - (outlayOf(b.stock) ?? 0));
  const [readyBuilt, dearest] = [best(listings), best(dearer)];
  const keep = (one: StandingCandidate | undefined): WayOut => {
    if (!one) return { kind: 'keep', none: 'nobody-passes' };
    return one === entry ? { kind: 'keep', none: 'this-one' } : asItStands('keep', one);
  };
  return [
    asItStands('stock', entry),
    ...builds(dossier, entry, spend),
    readyBuilt
      ? asItStands('ready-built', readyBuilt)
      : { kind: 'ready-built', none: 'no-listing' },
    dearest ? asItStands('dearer', dearest) : { kind: 'dearer', none: 'no-dearer' },
    keep(cheapest),
  ];
}

function builds(dossier: Dossier, entry: StandingCandidate, spend: number): readonly WayOut[] {
  if (entry.parts.length === 0)
    return [
      { kind: 'staged', none: 'no-parts' },
      { kind: 'once', none: 'no-parts' },
    ];
  const stages = dossier.builds[entry.candidate.id]?.stages;
  const steps = stagePlan(entry.bare, entry.parts, (id): BuildStage => stages?.[id] ?? USUAL_STAGE);
  const [first, , trip] = steps;
  const machine = outlayOf(entry.stock);
  const spentAfter = (assessment: Assessment | undefined) =>
    assessment && machine !== undefined && assessment.cost.noRate.length === 0
      ? machine + buildTotal(assessment.cost)
      : undefined;
  const byThen = steps.slice(0, 3).flatMap((s) => s.parts);
  const whole = outlayOf(entry.built);
  const byTrip = spentAfter(trip?.after);
  return [
    ...(trip
      ? [
          {
            kind: 'staged' as const,
            entry,
            parts: byThen.length,
            look: lookFirst(byThen, entry.donor),
            now: spentAfter(first?.after),
            byTrip,
            score: trip.score,
            firstRide: first?.score ?? trip.score,
            assessment: trip.after,
            gaps: needsOf(trip.score),
            left: byTrip === undefined ? undefined : spend - byTrip,
          },
        ]
      : []),
    {
      kind: 'once',
      entry,
      parts: entry.parts.length,
      look: lookFirst(entry.parts, entry.donor),
      now: whole,
      byTrip: whole,
      score: entry.builtScore,
      firstRide: entry.builtScore,
      assessment: entry.built,
      gaps: needsOf(entry.builtScore),
      left: whole === undefined ? undefined : spend - whole,
    },
  ];
}
