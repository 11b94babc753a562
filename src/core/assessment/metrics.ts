import type { Brief } from '../brief';
import type { Donor, DonorClass } from '../donor';
import { powerToMass } from '../engine';
import { heelGap, inseamFromHeight, measuredInseam, SEAT_SHAPES } from '../fit';
import { fuelRange, mixConsumption, USABLE_TANK_SHARE } from '../fuel';
import { loadedMass, payloadLeft } from '../mass';
import type { BuildCost } from '../money';
import { add, combine, exactly, known, unknown, type Estimate } from '../numeric';
import type { FigureKey, NormalFigures } from '../readings';
import { travelIndex } from '../suspension';
import { kilometresPerHour, millimetres, type Kilograms, type Kilowatts, type Litres, type LitresPer100Km, type Millimetres } from '../units';
import type { Metric, MetricKey, Metrics, WorkingInput } from './metric';
import { briefInput, figureInput, metricInput, plainInput } from './working-inputs';

const metric = (key: MetricKey, estimate: Estimate, formula: string, inputs: readonly WorkingInput[], source: string): Metric => ({
  key, estimate, working: { formula, inputs, source },
});

/** All metrics of one rider on one machine with its parts already in `figures`. */
export function metricsOf(brief: Brief, donor: Donor, figures: NormalFigures, cost: BuildCost, mending: Estimate): Metrics {
  const { donorClass } = donor;
  const of = <N extends number>(key: FigureKey) => figures[key].estimate as Estimate<N>;
  const asFigure = (key: MetricKey, figure: FigureKey, source: string) => metric(key, of(figure), 'as read, on one basis', [figureInput(figures, figure)], source);
  const { rider, trip } = brief;
  const load = { rider_kg: rider.mass_kg, kit_kg: rider.kit_kg, luggage_kg: trip.luggage_kg };
  const cruise = kilometresPerHour(trip.cruise_kmh);

  const readyMass = asFigure('readyMass', 'mass', 'mass in running order: Regulation (EU) 168/2013 Art. 5 (from memory); petrol density EN 228 (from memory)');
  const loaded = metric(
    'loadedMass', combine([of<Kilograms>('mass')] as const, (m) => loadedMass(m, load)), 'ready to ride + rider + kit + luggage',
    [metricInput(readyMass), briefInput(brief, 'rider.mass_kg'), briefInput(brief, 'rider.kit_kg'), briefInput(brief, 'trip.luggage_kg')], 'statics',
  );
  const payload = metric(
    'payloadLeft', combine([of<Kilograms>('maxMass'), loaded.estimate as Estimate<Kilograms>] as const, payloadLeft), 'permitted maximum − loaded mass',
    [figureInput(figures, 'maxMass'), metricInput(loaded)], 'statics; the permitted maximum is the maker’s',
  );
  const power = metric(
    'powerToMass', combine([of<Kilowatts>('power'), loaded.estimate as Estimate<Kilograms>] as const, powerToMass), 'crank power ÷ loaded mass',
    [figureInput(figures, 'power'), metricInput(loaded)], 'definition',
  );
  const consumption = metric(
    'consumption', combine([of<LitresPer100Km>('consumption')] as const, (c) => mixConsumption(c, brief.ground, cruise)), 'mixed riding × Σ ground share × ground factor',
    [figureInput(figures, 'consumption'), briefInput(brief, 'trip.cruise_kmh')], 'ground factors: own assumption; pace by a Willans line',
  );
  const reserve = trip.reserve_percent / 100;
  const range = metric(
    'range', combine([of<Litres>('tank'), consumption.estimate as Estimate<LitresPer100Km>] as const, (v, c) => fuelRange(v, c, reserve)),
    'tank × usable share × (1 − reserve) × 100 ÷ consumption',
    [figureInput(figures, 'tank'), plainInput('usableTankShare', USABLE_TANK_SHARE), briefInput(brief, 'trip.reserve_percent'), metricInput(consumption)], 'definition; usable share: own assumption',
  );
  const suspension = metric(
    'suspension', combine([of<Millimetres>('travelFront'), of<Millimetres>('travelRear')] as const, (f, r) => travelIndex(f, r, brief.ground)),
    'weaker end of Σ ground share × min(1, travel ÷ travel the ground asks)', [figureInput(figures, 'travelFront'), figureInput(figures, 'travelRear')], 'own assumption; travel only',
  );
  const clearance = asFigure('clearance', 'clearance', 'as stated by the reading');
  const serviceInterval = asFigure('serviceInterval', 'serviceInterval', 'as stated by the reading; the maker’s manual decides');

  return {
    heelGap: heelGapMetric(brief, donorClass, figures), readyMass, loadedMass: loaded, payloadLeft: payload, powerToMass: power, consumption, range,
    suspension, clearance, serviceInterval, outlay: outlayMetric(figures, cost, mending),
  };
}

function heelGapMetric(brief: Brief, donorClass: DonorClass, figures: NormalFigures): Metric {
  const { rider } = brief;
  const shape = SEAT_SHAPES[donorClass];
  const inseam = rider.inseam_mm === undefined ? inseamFromHeight(millimetres(rider.height_mm)) : measuredInseam(millimetres(rider.inseam_mm));
  const estimate = combine([figures.seatHeight.estimate as Estimate<Millimetres>] as const, (h) => heelGap(h, shape, inseam, rider.sole_mm));
  return metric('heelGap', estimate, 'seat height − settle + (π/2 − 1) × half-width − inseam − boot sole', [
    figureInput(figures, 'seatHeight'), plainInput('settle', shape.settle_mm, undefined, undefined, 'length'),
    plainInput('seatHalfWidth', shape.halfWidth_mm, undefined, undefined, 'length'),
    { name: rider.inseam_mm === undefined ? 'inseamEstimated' : 'rider.inseam_mm', dimension: 'length', estimate: known(inseam) },
    briefInput(brief, 'rider.sole_mm'),
  ], rider.inseam_mm === undefined ? 'own model; inseam from height by the US Army survey 1988 (from memory)' : 'own model, anchored on common-practice sits (no source)');
}

function outlayMetric(figures: NormalFigures, cost: BuildCost, mending: Estimate): Metric {
  const parts: Estimate = cost.noRate.length > 0 ? unknown(...cost.noRate.map((r) => `rate:${r.currency}`)) : known(exactly(cost.parts));
  const fitting = known(exactly(cost.fitting));
  const estimate = combine([figures.price.estimate, mending, parts, fitting] as const, (p, r, q, f) => add(add(p, r), add(q, f)));
  return metric('outlay', estimate, 'machine on the road + repairs + parts + fitting', [
    figureInput(figures, 'price'), { name: 'repairCost', dimension: 'money', estimate: mending }, { name: 'partsPrice', dimension: 'money', estimate: parts }, { name: 'fittingPrice', dimension: 'money', estimate: fitting },
  ], 'sum; on-the-road costs from the brief, else 3–8 % of the list price (own assumption)');
}
