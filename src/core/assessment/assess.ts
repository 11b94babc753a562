import type { Brief, StanceBand } from '../brief';
import { findCautions, type Caution } from '../cautions';
import type { Donor } from '../donor';
import {
  oneFootGap,
  personalFit,
  seatShape,
  stanceBand,
  stanceProbabilities,
  stanceSigma,
  type FitCalibration,
} from '../fit';
import { factInUse } from '../facts';
import { licenceCheck, type LicenceResult } from '../licence';
import { runningOrderMass } from '../mass';
import { buildCost, onTheRoadPrice, repairs, type BuildCost } from '../money';
import { combine, exactly, known, type Estimate, type Interval } from '../numeric';
import { applyParts, applySets, type Part, type PartFlag } from '../part';
import { normalFigures, type FigureKey, type NormalFigures } from '../readings';
import type { SuspensionEnd } from '../suspension';
import { parseTyre } from '../tyre';
import type { Kilograms, Kilowatts, Litres, Millimetres } from '../units';
import { axleLoads, frontShareOf } from './axles';
import type { Case } from './case';
import { loadMetrics, metricsOf, wattsLeft, type LoadMetrics, type Metrics } from './metrics';
import { mustResults, type MustResult } from './musts';

export type Stance =
  | {
      readonly kind: 'known';
      readonly band: StanceBand;
      readonly oneFootBand: StanceBand;
      readonly probabilities: Readonly<Record<StanceBand, number>>;
    }
  | { readonly kind: 'unknown' };

/** Everything computed for one rider on one machine with one set of parts. */
export interface Assessment {
  /** With the facts that its parts change. */
  readonly donor: Donor;
  readonly figures: NormalFigures;
  readonly metrics: Metrics;
  /** What the loaded machine does on the road; simulated at the first call and kept. */
  readonly underLoad: () => LoadMetrics;
  readonly stance: Stance;
  readonly licence: LicenceResult;
  readonly musts: readonly MustResult[];
  readonly cost: BuildCost;
  readonly cautions: readonly Caution[];
}

/** Springs that suit less than this call for a word. */
const SPRINGS_SUIT_FROM = 0.999;

/**
 * One pure call: a case → figures on one basis, metrics with their working, musts, cost and cautions. Parts aboard a machine change
 * what it inherits and cost nothing.
 */
export function assess({ brief, donor, parts, aboard, evidence }: Case): Assessment {
  const stock = normalFigures(donor.figures, (reading) => onTheRoadPrice(reading, brief.money));
  const standing =
    aboard.parts.length === 0
      ? stock
      : {
          ...applyParts(stock, aboard.parts),
          ...Object.fromEntries(aboard.readOnIt.map((key) => [key, stock[key]])),
        };
  const figures = applyParts(standing, parts);
  const fitted = aboard.parts.length === 0 ? parts : [...aboard.parts, ...parts];
  const facts = applySets(donor.facts, fitted);
  const modified = facts === donor.facts ? donor : { ...donor, facts };
  const cost = buildCost(parts, brief.money);
  const mending = repairs(donor.weakPoints ?? [], brief.money);
  const metrics = metricsOf({
    brief,
    donor: modified,
    figures,
    cost,
    mending,
    suspension: { sprungToRider: sprungEnds(fitted) },
    reach: personalFit(brief.rider, evidence.sits),
  });
  const licence = licenceOf(brief, figures, donor.figures.unrestrictedPower !== undefined);
  const cautions = findCautions({
    brief,
    parts: fitted,
    licence,
    heelGap: metrics.heelGap.estimate,
    payloadLeft: metrics.payloadLeft.estimate,
    loadedMass: metrics.loadedMass.estimate,
    range: metrics.range.estimate,
    ...loadFacts(brief, modified, figures, metrics.suspension),
  });
  let underLoad: LoadMetrics | undefined;
  return {
    donor: modified,
    figures,
    metrics,
    underLoad: () =>
      (underLoad ??= loadMetrics({
        brief,
        donor: modified,
        figures,
        loaded: metrics.loadedMass,
        readyMass: metrics.readyMass,
        consumption: metrics.consumption,
        outlay: metrics.outlay,
        parts: cost,
      })),
    stance: stanceOf(modified, metrics, personalFit(brief.rider, evidence.sits)),
    licence,
    musts: mustResults(brief, metrics, licence),
    cost,
    cautions,
  };
}

const SPRUNG: Readonly<Record<SuspensionEnd, PartFlag>> = {
  front: 'springs-front',
  rear: 'springs-rear',
};
const sprungEnds = (parts: readonly Part[]): ReadonlySet<SuspensionEnd> =>
  new Set(
    (['front', 'rear'] as const).filter((end) => parts.some((p) => p.flags.includes(SPRUNG[end]))),
  );

/** What cautions ask of the loaded machine beside the metrics. */
function loadFacts(
  brief: Brief,
  donor: Donor,
  figures: NormalFigures,
  { ends }: Pick<Metrics['suspension'], 'ends'>,
) {
  const axles = axleLoads(brief, figures);
  const suits = (end: SuspensionEnd) => ends[end].springs.mid >= SPRINGS_SUIT_FROM;
  return {
    frontShare: frontShareOf(axles),
    axles: axles.kind === 'known' ? axles.split : undefined,
    axleLimits: { front: figures.axleLimitFront.estimate, rear: figures.axleLimitRear.estimate },
    tyreLoads_kg: { front: tyreLoad(donor, 'tyreFront'), rear: tyreLoad(donor, 'tyreRear') },
    watts: wattsLeft(figures),
    springsSuit: suits('front') && suits('rear'),
    passenger: factInUse(donor.facts?.passenger)?.value,
  };
}

const tyreLoad = (donor: Donor, key: 'tyreFront' | 'tyreRear'): number | undefined =>
  parseTyre(factInUse(donor.facts?.[key])?.value ?? '')?.load_kg;

function stanceOf(donor: Donor, metrics: Metrics, reach: FitCalibration): Stance {
  const gap = metrics.heelGap.estimate;
  if (gap.kind === 'unknown') return { kind: 'unknown' };
  const oneFoot = oneFootGap(gap.interval as Interval<Millimetres>, seatShape(donor));
  return {
    kind: 'known',
    band: stanceBand(gap.interval.mid),
    oneFootBand: stanceBand(oneFoot.mid),
    probabilities: stanceProbabilities(gap.interval.mid, stanceSigma(reach)),
  };
}

/** Licence law goes by the figures in the papers: a maker's claim is taken without spread. */
function licenceOf(brief: Brief, figures: NormalFigures, restricted: boolean): LicenceResult {
  const ofPapers = <N extends number>(key: FigureKey): Estimate<N> => {
    const { estimate, reading } = figures[key];
    const papers =
      reading?.origin === 'claimed' &&
      (reading.basis === 'crank' || reading.basis === 'ready' || reading.basis === 'stated');
    return (
      estimate.kind === 'known' && papers ? known(exactly(estimate.interval.mid)) : estimate
    ) as Estimate<N>;
  };
  const running = combine(
    [ofPapers<Kilograms>('mass'), ofPapers<Litres>('tank')] as const,
    runningOrderMass,
  );
  return licenceCheck(
    brief.rider.licence,
    ofPapers<Kilowatts>('power'),
    running,
    restricted ? ofPapers<Kilowatts>('unrestrictedPower') : undefined,
  );
}
