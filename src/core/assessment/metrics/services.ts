import type { Brief } from '../../brief';
import { certain, combine, unknown, type Estimate } from '../../numeric';
import type { FigureKey, NormalFigures } from '../../readings';
import { servicesDue } from '../../service';
import { metric, type Metric } from '../formula';
import { meanSpeed } from '../mean-speed';
import { briefInput, figureInput, plainInput, type WorkingInput } from '../working-inputs';
import type { LoadContext } from './context';

type OfTrip = Pick<LoadContext, 'brief' | 'figures'>;

/** How far the rider stretches the book's intervals; 1 by the book. */
const stretchOf = ({ trip }: Pick<Brief, 'trip'>): number =>
  (trip.serviceStretch_percent ?? 100) / 100;

const MONTHS_A_YEAR = 12;
const unlessTypical = (figure: NormalFigures[FigureKey]): Estimate =>
  figure.typical ? unknown() : figure.estimate;

/**
 * The distance to a full service by the book, km: the soonest of distance, hours at the pace of the ground, and months at the distance
 * ridden in a year. What was read counts alone where anything was; what is typical of the class stands in only where nothing was.
 */
export function serviceDistance(brief: Brief, figures: NormalFigures): Estimate {
  const { serviceInterval, serviceHours, serviceMonths } = figures;
  const yearly: Estimate =
    brief.money.yearly_km === undefined ? unknown() : certain(brief.money.yearly_km);
  const pace = meanSpeed(brief);
  const bounds = (of: (figure: NormalFigures[FigureKey]) => Estimate): readonly Estimate[] =>
    [
      of(serviceInterval),
      combine([of(serviceHours)] as const, (h) => h * pace),
      combine([of(serviceMonths), yearly] as const, (months, km) => (months / MONTHS_A_YEAR) * km),
    ].filter((e) => e.kind === 'known');
  const read = bounds(unlessTypical);
  const known = read.length > 0 ? read : bounds((figure) => figure.estimate);
  return known.length === 0
    ? unknown('serviceInterval')
    : combine(known, (...all: number[]) => Math.min(...all));
}

/** What a full service hangs on, as inputs: months only where they can count. */
export const serviceInputs = (brief: Brief, figures: NormalFigures): readonly WorkingInput[] => {
  const keys = ['serviceInterval', 'serviceHours', 'serviceMonths'] as const;
  const read = keys.filter((key) => figures[key].reading);
  const months = figures.serviceMonths.reading && brief.money.yearly_km !== undefined;
  const shown = (read.length > 0 ? read : keys.slice(0, 2)).filter(
    (key) => key !== 'serviceMonths' || months,
  );
  return [
    ...shown
      .filter((key) => figures[key].estimate.kind === 'known' || key === 'serviceInterval')
      .map((key) => figureInput(figures, key)),
    ...(shown.includes('serviceHours') && figures.serviceHours.estimate.kind === 'known'
      ? [plainInput('meanSpeed', meanSpeed(brief), undefined, undefined, 'speed')]
      : []),
    ...(months ? [briefInput(brief, 'money.yearly_km')] : []),
  ];
};

/** When oil falls due by the book, km, by distance or by hours; not known when neither is told. */
export const oilByTheBook = (brief: Brief, figures: NormalFigures): Estimate =>
  sooner(brief, figures, 'oilInterval', 'oilHours');
/** The same of the valves. */
export const valvesByTheBook = (brief: Brief, figures: NormalFigures): Estimate =>
  sooner(brief, figures, 'valveInterval', 'valveHours');

/** The first of two intervals that falls due by the book, as a distance, km; not known when neither is. */
function sooner(
  brief: Brief,
  figures: NormalFigures,
  byDistance: FigureKey,
  byHours: FigureKey,
): Estimate {
  const [distance, hours] = [figures[byDistance].estimate, figures[byHours].estimate];
  const pace = meanSpeed(brief);
  const known = [distance, combine([hours] as const, (h) => h * pace)].filter(
    (e) => e.kind === 'known',
  );
  return known.length === 0
    ? unknown(byDistance)
    : combine(known, (...bounds: number[]) => Math.min(...bounds));
}

export const stretched = (estimate: Estimate, brief: Brief): Estimate =>
  combine([estimate] as const, (km) => km * stretchOf(brief));

/** Services that fall due within the trip. */
export function tripServicesMetric({ brief, donor, figures }: LoadContext): Metric {
  const from = (donor.kind === 'machine' ? donor.machine.odometer_km : undefined) ?? 0;
  const due = (interval: number) =>
    servicesDue(from, brief.trip.length_km, interval, stretchOf(brief));
  const every = serviceDistance(brief, figures);
  return metric(
    'tripServices',
    combine([every] as const, due),
    [briefInput(brief, 'trip.length_km'), ...serviceInputs(brief, figures)],
    { stretched: stretchOf(brief) !== 1 },
  );
}

/** Services a year of the distance in the brief. */
export function servicesYear({ brief, figures }: OfTrip): Estimate {
  const { yearly_km } = brief.money;
  const yearly: Estimate =
    yearly_km === undefined ? unknown('money.yearly_km') : certain(yearly_km);
  const every = stretched(serviceDistance(brief, figures), brief);
  return combine([yearly, every] as const, (km, interval) => km / interval);
}

export const servicesYearMetric = ({ brief, figures }: LoadContext): Metric =>
  metric('servicesYear', servicesYear({ brief, figures }), [
    briefInput(brief, 'money.yearly_km'),
    ...serviceInputs(brief, figures),
  ]);

/** Oil for the changes that fall due within the trip, L. */
export function oilToCarryMetric({ brief, figures }: LoadContext): Metric {
  const every = stretched(oilByTheBook(brief, figures), brief);
  const due = (km: number) => servicesDue(0, brief.trip.length_km, km);
  return metric(
    'oilToCarry',
    combine([every, figures.oilCapacity.estimate] as const, (km, litres) => due(km) * litres),
    [
      briefInput(brief, 'trip.length_km'),
      figureInput(figures, 'oilInterval'),
      figureInput(figures, 'oilHours'),
      figureInput(figures, 'oilCapacity'),
    ],
  );
}
