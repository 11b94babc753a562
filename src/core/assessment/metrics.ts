import type { Brief } from '../brief';
import type { Donor } from '../donor';
import { powerToMass } from '../engine';
import { heelGap, riderInseam, seatShape, type FitCalibration } from '../fit';
import { fuelRange, mixConsumption, USABLE_TANK_SHARE } from '../fuel';
import { loadedMass, payloadLeft } from '../mass';
import type { BuildCost } from '../money';
import { add, combine, exactly, known, plusMinus, unknown, type Estimate } from '../numeric';
import type { FigureKey, NormalFigures } from '../readings';
import {
  protectionIndex,
  supportIndex,
  wheelIndex,
  windIndex,
  type SuitabilityIndex,
} from '../suitability';
import {
  DESIGN_SPREAD,
  endMatch,
  suspensionMatch,
  USUAL_DESIGN_RIDER,
  type SuspensionParts,
} from '../suspension';
import {
  kilometresPerHour,
  type Kilograms,
  type Kilowatts,
  type Litres,
  type LitresPer100Km,
  type Millimetres,
} from '../units';
import type { Metric, MetricKey, Metrics, WorkingInput } from './metric';
import { briefInput, figureInput, metricInput, plainInput, reasonInputs } from './working-inputs';

const metric = (
  key: MetricKey,
  estimate: Estimate,
  formula: string,
  inputs: readonly WorkingInput[],
  source: string,
): Metric => ({
  key,
  estimate,
  working: { formula, inputs, source },
});

/** What the base metrics are computed from: parts are already in the figures and in the donor's facts. */
export interface MetricContext {
  readonly brief: Brief;
  readonly donor: Donor;
  readonly figures: NormalFigures;
  readonly cost: BuildCost;
  readonly mending: Estimate;
  readonly suspension: SuspensionParts;
  /** The rider's own offset from the model of reach. */
  readonly reach: FitCalibration;
}

/** All metrics of one rider on one machine. */
export function metricsOf(context: MetricContext): Metrics {
  const { brief, donor, figures, cost, mending } = context;
  const of = <N extends number>(key: FigureKey) => figures[key].estimate as Estimate<N>;
  const asFigure = (key: MetricKey, figure: FigureKey, source: string) =>
    metric(key, of(figure), 'as read, on one basis', [figureInput(figures, figure)], source);
  const { rider, trip } = brief;
  const load = {
    rider_kg: rider.mass_kg,
    kit_kg: rider.kit_kg,
    luggage_kg: trip.luggage_kg,
    pillion_kg: trip.pillion_kg,
  };
  const cruise = kilometresPerHour(trip.cruise_kmh);

  const readyMass = asFigure(
    'readyMass',
    'mass',
    'mass in running order: Regulation (EU) 168/2013 Art. 5 (from memory); petrol density EN 228 (from memory)',
  );
  const loaded = metric(
    'loadedMass',
    combine([of<Kilograms>('mass')] as const, (m) => loadedMass(m, load)),
    trip.pillion_kg === undefined
      ? 'ready to ride + rider + kit + luggage'
      : 'ready to ride + rider + kit + luggage + passenger',
    [
      metricInput(readyMass),
      briefInput(brief, 'rider.mass_kg'),
      briefInput(brief, 'rider.kit_kg'),
      briefInput(brief, 'trip.luggage_kg'),
      ...(trip.pillion_kg === undefined ? [] : [briefInput(brief, 'trip.pillion_kg')]),
    ],
    'statics',
  );
  const payload = metric(
    'payloadLeft',
    combine(
      [of<Kilograms>('maxMass'), loaded.estimate as Estimate<Kilograms>] as const,
      payloadLeft,
    ),
    'permitted maximum − loaded mass',
    [figureInput(figures, 'maxMass'), metricInput(loaded)],
    'statics; the permitted maximum is the maker’s',
  );
  const power = metric(
    'powerToMass',
    combine([of<Kilowatts>('power'), loaded.estimate as Estimate<Kilograms>] as const, powerToMass),
    'crank power ÷ loaded mass',
    [figureInput(figures, 'power'), metricInput(loaded)],
    'definition',
  );
  const consumption = metric(
    'consumption',
    combine([of<LitresPer100Km>('consumption')] as const, (c) =>
      mixConsumption(c, brief.ground, cruise),
    ),
    'mixed riding × Σ ground share × ground factor',
    [figureInput(figures, 'consumption'), briefInput(brief, 'trip.cruise_kmh')],
    'ground factors: own assumption; pace by a Willans line',
  );
  const reserve = trip.reserve_percent / 100;
  const range = metric(
    'range',
    combine(
      [of<Litres>('tank'), consumption.estimate as Estimate<LitresPer100Km>] as const,
      (v, c) => fuelRange(v, c, reserve),
    ),
    'tank × usable share × (1 − reserve) × 100 ÷ consumption',
    [
      figureInput(figures, 'tank'),
      plainInput('usableTankShare', USABLE_TANK_SHARE),
      briefInput(brief, 'trip.reserve_percent'),
      metricInput(consumption),
    ],
    'definition; usable share: own assumption',
  );
  const clearance = asFigure('clearance', 'clearance', 'as stated by the reading');
  const serviceInterval = asFigure(
    'serviceInterval',
    'serviceInterval',
    'as stated by the reading; the maker’s manual decides',
  );

  return {
    heelGap: heelGapMetric(context),
    readyMass,
    loadedMass: loaded,
    payloadLeft: payload,
    powerToMass: power,
    consumption,
    range,
    suspension: suspensionMetric(context),
    clearance,
    serviceInterval,
    wheels: indexMetric(
      'wheels',
      wheelIndex(donor.facts, of('wheelFront'), of('wheelRear'), brief.ground),
      'rim sizes 0.5, spokes and tubes 0.5, each against rough and smooth ground by their shares',
    ),
    protection: indexMetric(
      'protection',
      protectionIndex(donor.facts),
      'engine guard 0.35, hand guards 0.3, bars 0.2, frame rails 0.15',
    ),
    wind: indexMetric('wind', windIndex(donor.facts), 'screen 0.6, fairing 0.4'),
    support: indexMetric(
      'support',
      supportIndex(donor.facts, of('dealerDistance')),
      'parts supply 0.35, aftermarket 0.25, still made 0.2, dealer near 0.2',
    ),
    outlay: outlayMetric(figures, cost, mending),
  };
}

const indexMetric = (key: MetricKey, index: SuitabilityIndex, formula: string): Metric =>
  metric(
    key,
    index.estimate,
    formula,
    reasonInputs(index.reasons),
    'worth of each reason: own assumption',
  );

function suspensionMetric({ brief, donor, figures, suspension }: MetricContext): Metric {
  const told = figures.springRiderMass.estimate;
  const design =
    told.kind === 'known'
      ? told.interval
      : plusMinus(USUAL_DESIGN_RIDER[donor.donorClass], DESIGN_SPREAD);
  const [front, rear] = (['front', 'rear'] as const).map((end) =>
    endMatch(
      end,
      brief,
      figures[end === 'front' ? 'travelFront' : 'travelRear'].estimate as Estimate<Millimetres>,
      design,
      donor.facts,
      suspension,
    ),
  ) as [ReturnType<typeof endMatch>, ReturnType<typeof endMatch>];
  const ends = [front, rear].flatMap(
    ({ end, travel, springs, adjusters, index }): WorkingInput[] => {
      const name = (what: string) => `${end}.${what}`;
      return [
        { name: name('travel'), dimension: 'index', estimate: travel },
        { name: name('springs'), dimension: 'index', estimate: known(springs) },
        { name: name('adjusters'), dimension: 'index', estimate: known(adjusters) },
        { name: name('index'), dimension: 'index', estimate: index },
      ];
    },
  );
  return metric(
    'suspension',
    suspensionMatch(front, rear),
    'weaker end of travel (Σ ground share × min(1, travel ÷ travel the ground asks)) × springs × adjusters',
    [
      figureInput(figures, 'travelFront'),
      figureInput(figures, 'travelRear'),
      {
        name: told.kind === 'known' ? 'springRiderMass' : 'springRiderUsual',
        dimension: 'mass',
        estimate: known(design),
        reading: figures.springRiderMass.reading,
      },
      briefInput(brief, 'rider.mass_kg'),
      ...ends,
    ],
    'own assumption; springs are let pass within 10 % of the rider they were made for',
  );
}

function heelGapMetric({ brief, donor, figures, reach: own }: MetricContext): Metric {
  const { rider } = brief;
  const shape = seatShape(donor);
  const inseam = riderInseam(rider);
  const estimate = combine([figures.seatHeight.estimate as Estimate<Millimetres>] as const, (h) =>
    add(heelGap(h, shape, inseam, rider.sole_mm), exactly(own.offset_mm as Millimetres)),
  );
  return metric(
    'heelGap',
    estimate,
    `seat height − settle + (π/2 − 1) × half-width − inseam − boot sole${own.sits > 0 ? ' + own offset from sits' : ''}`,
    [
      figureInput(figures, 'seatHeight'),
      plainInput('settle', shape.settle_mm, undefined, undefined, 'length'),
      plainInput('seatHalfWidth', shape.halfWidth_mm, undefined, undefined, 'length'),
      {
        name: rider.inseam_mm === undefined ? 'inseamEstimated' : 'rider.inseam_mm',
        dimension: 'length',
        estimate: known(inseam),
      },
      briefInput(brief, 'rider.sole_mm'),
      ...(own.sits > 0
        ? [
            plainInput(
              'ownOffset',
              own.offset_mm - own.sigma_mm,
              own.offset_mm,
              own.offset_mm + own.sigma_mm,
              'length',
            ),
          ]
        : []),
    ],
    rider.inseam_mm === undefined
      ? 'own model; inseam from height by the US Army survey 1988 (from memory)'
      : 'own model, anchored on common-practice sits (no source)',
  );
}

function outlayMetric(figures: NormalFigures, cost: BuildCost, mending: Estimate): Metric {
  const parts: Estimate =
    cost.noRate.length > 0
      ? unknown(...cost.noRate.map((r) => `rate:${r.currency}`))
      : known(exactly(cost.parts));
  const fitting = known(exactly(cost.fitting + cost.shipping + cost.wrongParts + cost.papers));
  const estimate = combine(
    [figures.price.estimate, mending, parts, fitting] as const,
    (p, r, q, f) => add(add(p, r), add(q, f)),
  );
  return metric(
    'outlay',
    estimate,
    'machine on the road + repairs + parts + fitting',
    [
      figureInput(figures, 'price'),
      { name: 'repairCost', dimension: 'money', estimate: mending },
      { name: 'partsPrice', dimension: 'money', estimate: parts },
      { name: 'fittingPrice', dimension: 'money', estimate: fitting },
    ],
    'sum; on-the-road costs from the brief, else 3–8 % of the list price (own assumption)',
  );
}
