import type { Brief } from '../../brief';
import { certain, combine, unknown, type Estimate } from '../../numeric';
import type { NormalFigures } from '../../readings';
import { servicesDue } from '../../service';
import { metric, type Metric } from '../formula';
import { meanSpeed } from '../mean-speed';
import { briefInput, figureInput, plainInput } from '../working-inputs';
import type { LoadContext } from './context';

type OfTrip = Pick<LoadContext, 'brief' | 'figures'>;

/** How far the rider stretches the book's intervals; 1 by the book. */
const stretchOf = ({ trip }: Pick<Brief, 'trip'>): number =>
  (trip.serviceStretch_percent ?? 100) / 100;

/** The first of two intervals that falls due by the book, as a distance, km; not known when neither is. */
function byTheBook(
  brief: Brief,
  figures: NormalFigures,
  distanceKey: 'serviceInterval' | 'oilInterval',
  hoursKey: 'serviceHours' | 'oilHours',
): Estimate {
  const [distance, hours] = [figures[distanceKey].estimate, figures[hoursKey].estimate];
  const pace = meanSpeed(brief);
  const known = [distance, combine([hours] as const, (h) => h * pace)].filter(
    (e) => e.kind === 'known',
  );
  return known.length === 0
    ? unknown(distanceKey)
    : combine(known, (...bounds: number[]) => Math.min(...bounds));
}

const stretched = (estimate: Estimate, brief: Brief): Estimate =>
  combine([estimate] as const, (km) => km * stretchOf(brief));

/** Services that fall due within the trip. */
export function tripServicesMetric({ brief, donor, figures }: LoadContext): Metric {
  const from = (donor.kind === 'machine' ? donor.machine.odometer_km : undefined) ?? 0;
  const due = (interval: number) =>
    servicesDue(from, brief.trip.length_km, interval, stretchOf(brief));
  const every = byTheBook(brief, figures, 'serviceInterval', 'serviceHours');
  return metric(
    'tripServices',
    combine([every] as const, due),
    [
      briefInput(brief, 'trip.length_km'),
      figureInput(figures, 'serviceInterval'),
      figureInput(figures, 'serviceHours'),
      plainInput('meanSpeed', meanSpeed(brief), undefined, undefined, 'speed'),
    ],
    { stretched: stretchOf(brief) !== 1 },
  );
}

/** Services a year of the distance in the brief. */
export function servicesYear({ brief, figures }: OfTrip): Estimate {
  const { yearly_km } = brief.money;
  const yearly: Estimate =
    yearly_km === undefined ? unknown('money.yearly_km') : certain(yearly_km);
  const every = stretched(byTheBook(brief, figures, 'serviceInterval', 'serviceHours'), brief);
  return combine([yearly, every] as const, (km, interval) => km / interval);
}

export const servicesYearMetric = ({ brief, figures }: LoadContext): Metric =>
  metric('servicesYear', servicesYear({ brief, figures }), [
    briefInput(brief, 'money.yearly_km'),
    figureInput(figures, 'serviceInterval'),
    figureInput(figures, 'serviceHours'),
  ]);

/** Oil for the changes that fall due within the trip, L. */
export function oilToCarryMetric({ brief, figures }: LoadContext): Metric {
  const every = stretched(byTheBook(brief, figures, 'oilInterval', 'oilHours'), brief);
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
