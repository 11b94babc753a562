import type { Brief, StanceBand } from '../brief';
import { findCautions, type Caution } from '../cautions';
import type { Donor } from '../donor';
import { oneFootGap, SEAT_SHAPES, stanceBand, stanceProbabilities } from '../fit';
import { licenceCheck, type LicenceResult } from '../licence';
import { runningOrderMass } from '../mass';
import { buildCost, onTheRoadPrice, repairs, type BuildCost } from '../money';
import { combine, exactly, known, type Estimate } from '../numeric';
import { applyParts, type Part } from '../part';
import { normalFigures, type FigureKey, type NormalFigures } from '../readings';
import type { Kilograms, Kilowatts, Litres, Millimetres } from '../units';
import { loadMetrics } from './load-metrics';
import type { LoadMetrics, Metrics } from './metric';
import { metricsOf } from './metrics';
import { mustResults, type MustResult } from './musts';

export type Stance =
  | { readonly kind: 'known'; readonly band: StanceBand; readonly oneFootBand: StanceBand; readonly probabilities: Readonly<Record<StanceBand, number>> }
  | { readonly kind: 'unknown' };

/** Everything computed for one rider on one machine with one set of parts. */
export interface Assessment {
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

/** Parts that sit on one machine already, and the figures that were read on it as it is, parts and all. */
export interface Aboard {
  readonly parts: readonly Part[];
  readonly readOnIt: readonly FigureKey[];
}

const NOTHING_ABOARD: Aboard = { parts: [], readOnIt: [] };

/**
 * One pure call: brief × donor × parts → figures on one basis, metrics with their working, musts, cost and cautions.
 * The donor is resolved (see `resolveDonor`). Parts aboard a listing change its inherited figures and cost nothing.
 */
export function assess(brief: Brief, donor: Donor, parts: readonly Part[] = [], aboard: Aboard = NOTHING_ABOARD): Assessment {
  const stock = normalFigures(donor.figures, (reading) => onTheRoadPrice(reading, brief.money));
  const standing = aboard.parts.length === 0 ? stock : { ...applyParts(stock, aboard.parts), ...Object.fromEntries(aboard.readOnIt.map((key) => [key, stock[key]])) };
  const figures = applyParts(standing, parts);
  const cost = buildCost(parts, brief.money);
  const metrics = metricsOf(brief, donor, figures, cost, repairs(donor.weakPoints ?? [], brief.money));
  const licence = licenceOf(brief, figures, donor.figures.unrestrictedPower !== undefined);
  const cautions = findCautions({
    brief, parts: [...aboard.parts, ...parts], licence, heelGap: metrics.heelGap.estimate, payloadLeft: metrics.payloadLeft.estimate,
    loadedMass: metrics.loadedMass.estimate, range: metrics.range.estimate,
  });
  let underLoad: LoadMetrics | undefined;
  return {
    figures, metrics, underLoad: () => (underLoad ??= loadMetrics({ brief, donor, figures, loaded: metrics.loadedMass, readyMass: metrics.readyMass })), stance: stanceOf(donor, metrics), licence, musts: mustResults(brief, metrics, licence), cost, cautions,
  };
}

function stanceOf(donor: Donor, metrics: Metrics): Stance {
  const gap = metrics.heelGap.estimate;
  if (gap.kind === 'unknown') return { kind: 'unknown' };
  const oneFoot = oneFootGap(gap.interval as typeof gap.interval & { mid: Millimetres; low: Millimetres; high: Millimetres }, SEAT_SHAPES[donor.donorClass]);
  return { kind: 'known', band: stanceBand(gap.interval.mid), oneFootBand: stanceBand(oneFoot.mid), probabilities: stanceProbabilities(gap.interval.mid) };
}

/** Licence law goes by the figures in the papers: a maker's claim is taken without spread. */
function licenceOf(brief: Brief, figures: NormalFigures, restricted: boolean): LicenceResult {
  const ofPapers = <N extends number>(key: FigureKey): Estimate<N> => {
    const { estimate, reading } = figures[key];
    const papers = reading?.origin === 'claimed' && (reading.basis === 'crank' || reading.basis === 'ready' || reading.basis === 'stated');
    return (estimate.kind === 'known' && papers ? known(exactly(estimate.interval.mid)) : estimate) as Estimate<N>;
  };
  const running = combine([ofPapers<Kilograms>('mass'), ofPapers<Litres>('tank')] as const, runningOrderMass);
  return licenceCheck(brief.rider.licence, ofPapers<Kilowatts>('power'), running, restricted ? ofPapers<Kilowatts>('unrestrictedPower') : undefined);
}
