import type { MustResult } from '@/core/assessment';
import { orderBy, USUAL_STAGE } from '@/core/build';
import type { Brief } from '@/core/brief';
import type { Caution } from '@/core/cautions';
import { shortName } from '@/core/donor';
import { firmness, type RankDoubt } from '@/core/doubt';
import { inCurrency, partsCost } from '@/core/money';
import { said } from '@/core/numeric';
import { knownAs, type FigureKey } from '@/core/readings';
import { stakes, type Stake } from '@/core/stakes';
import type { FactKey } from '@/core/facts';
import { BRIEF_KEY, SHEET_VERSION, type Dossier, type Sheet } from '../records';
import { gapClosers } from './gap-closers';
import { type Standing, type StandingCandidate } from './standing';

/** What a sheet takes from elsewhere: the day, long computations as far as they are done, and the words of the screen. */
export interface SheetSources {
  /** ISO day. */
  readonly on: string;
  readonly doubt?:
    | {
        readonly result: RankDoubt;
        readonly rivalId: string | undefined;
        readonly turns: readonly string[];
      }
    | undefined;
  readonly curve?: Sheet['curve'];
  readonly cautionWords: (caution: Caution) => Sheet['cautions'][number];
  readonly mustWords: (must: MustResult) => string;
}

/** How many questions a sheet asks at most. */
const MOST_ASKED = 12;

/** A candidate as it stands, or with the parts chosen, with everything that goes on its sheet. */
export function candidateSheet(
  dossier: Dossier,
  standing: Standing,
  entry: StandingCandidate,
  view: 'stock' | 'built',
  sources: SheetSources,
): Sheet {
  const { candidate, donor } = entry;
  const [assessment, score] =
    view === 'stock' ? [entry.stock, entry.stockScore] : [entry.built, entry.builtScore];
  const ranking = view === 'stock' ? standing.stockRanking : standing.builtRanking;
  const place = ranking.find((r) => r.id === candidate.id)?.place;
  const parts = view === 'stock' ? [] : entry.parts;
  return {
    version: SHEET_VERSION,
    on: sources.on,
    brief: frozenBrief(standing.brief),
    purpose: purposeName(dossier, standing),
    view,
    machine: {
      candidateId: candidate.id,
      donorId: candidate.donorId,
      plate: candidate.plate,
      name: shortName(donor),
      listing: donor.kind === 'machine',
    },
    points: { ...score.points },
    ...(place === undefined ? {} : { place }),
    wants: score.contributions.map(({ want, weight, curve, value }) => {
      const { estimate, typical } = assessment.metrics[want];
      return {
        want,
        weight,
        need: curve.need,
        estimate: said(estimate),
        ...(typical ? { typical: [...typical] } : {}),
        worth: value.mid,
      };
    }),
    gaps: gapClosers(dossier, standing, entry, view).map(({ want, loss, helpers, closer }) => ({
      want,
      loss,
      helpers,
      ...(closer
        ? {
            closer: {
              part: closer.part.name,
              along: closer.along,
              cost: closer.cost,
              closes: closer.closes,
              becomes: closer.becomes,
            },
          }
        : {}),
    })),
    musts: assessment.musts.map((must) => ({
      key: must.key,
      verdict: must.verdict,
      ...(must.chance === undefined ? {} : { chance: must.chance }),
      words: sources.mustWords(must),
    })),
    ...stanceOf(assessment),
    parts: partLines(dossier, standing, entry, parts),
    mends: (donor.weakPoints ?? [])
      .filter((w) => w.mend)
      .map(({ what, cost }) => {
        const own = cost && inCurrency(cost.amount, cost.currency, standing.brief.money);
        return { what, ...(own?.kind === 'amount' ? { cost: own.amount } : {}) };
      }),
    outlay: said(assessment.metrics.outlay.estimate),
    field: fieldOf(standing, view, sources),
    curve: sources.curve ?? [],
    ...doubtOf(candidate.id, sources),
    cautions: assessment.cautions.map(sources.cautionWords),
    open: stakes({ ...entry.bare, parts })
      .slice(0, MOST_ASKED)
      .map((stake) => question(stake, assessment.figures)),
  };
}

/** The brief as a sheet keeps it: where its figures came from is nobody’s matter later. */
function frozenBrief({
  origins: _origins,
  typical: _typical,
  typicalFacts: _typicalFacts,
  classPrices: _classPrices,
  ...brief
}: Brief): Sheet['brief'] {
  return brief;
}

const purposeName = (dossier: Dossier, { purpose }: Standing): string =>
  dossier.briefs[BRIEF_KEY]?.purposes?.find((p) => p.id === purpose)?.name ?? '';

function stanceOf({ stance, metrics, figures }: StandingCandidate['stock']): Pick<Sheet, 'stance'> {
  const [gap, seat] = [metrics.heelGap.estimate, figures.seatHeight.estimate];
  if (stance.kind === 'unknown' || gap.kind === 'unknown' || seat.kind === 'unknown') return {};
  const { band, oneFootBand, probabilities, shape } = stance;
  return {
    stance: {
      band,
      oneFootBand,
      probabilities,
      gap: { ...gap.interval },
      seatHeight_mm: seat.interval.mid,
      shape,
    },
  };
}

function partLines(
  dossier: Dossier,
  { brief }: Standing,
  { candidate }: StandingCandidate,
  parts: StandingCandidate['parts'],
): Sheet['parts'] {
  const stages = dossier.builds[candidate.id]?.stages;
  return parts.map((part) => {
    const stage = stages?.[part.id] ?? USUAL_STAGE;
    const day = stage === 'someday' ? undefined : brief.trip.days?.[stage];
    const cost = partsCost(part, brief.money);
    return {
      partId: part.id,
      name: part.name,
      stage,
      workshop: part.workshop || !brief.money.ownSpanners,
      ...(cost === undefined ? {} : { cost }),
      ...(day === undefined ? {} : { orderBy: orderBy(day, part.leadTime_days) }),
      ...(part.legal === undefined ? {} : { legal: part.legal }),
    };
  });
}

function fieldOf(
  { candidates, stockRanking, builtRanking }: Standing,
  view: 'stock' | 'built',
  { doubt }: SheetSources,
): Sheet['field'] {
  const ranking = view === 'stock' ? stockRanking : builtRanking;
  return candidates.map((c) => {
    const {
      metrics: { outlay },
    } = view === 'stock' ? c.stock : c.built;
    const place = ranking.find((r) => r.id === c.candidate.id)?.place;
    const first = doubt?.result.acceptability[doubt.result.ids.indexOf(c.candidate.id)]?.[0];
    return {
      candidateId: c.candidate.id,
      name: shortName(c.donor),
      plate: c.candidate.plate,
      points: (view === 'stock' ? c.stockScore : c.builtScore).points,
      ...(place === undefined ? {} : { place }),
      ...(outlay.estimate.kind === 'known' ? { outlay: outlay.estimate.interval.mid } : {}),
      ...(first === undefined ? {} : { first }),
    };
  });
}

function doubtOf(candidateId: string, { doubt }: SheetSources): Pick<Sheet, 'doubt'> {
  if (!doubt || doubt.result.samples === 0) return {};
  const { result, rivalId, turns } = doubt;
  const { firmness: firm, first, placed, ahead } = firmness(result, candidateId, rivalId);
  return {
    doubt: {
      samples: result.samples,
      error: result.error,
      firmness: firm,
      first,
      placed,
      turns,
      ...(rivalId === undefined ? {} : { rivalId }),
      ...(ahead === undefined ? {} : { ahead }),
    },
  };
}

/** One open question as it is asked: what hangs on it, and what is thought now, how it is known and on which basis. */
export function question(
  { kind, key, points, decides }: Pick<Stake, 'kind' | 'key' | 'points' | 'decides'>,
  figures: StandingCandidate['stock']['figures'],
): Sheet['open'][number] {
  if (kind === 'fact') return { kind, key: key as FactKey, points, decides };
  const figure = key as FigureKey;
  const { estimate, basis } = figures[figure];
  const origin = knownAs(figures[figure]);
  return {
    kind,
    key: figure,
    points,
    decides,
    ...(origin === undefined ? {} : { origin, basis }),
    ...(estimate.kind === 'known' ? { now: { ...estimate.interval } } : {}),
  };
}
