import type { Metric } from '../formula';
import type { BaseMetricKey, LoadMetricKey } from '../metric-keys';
import { anew, type Once } from '../once';
import { clearanceMetric, readyMassMetric, serviceIntervalMetric } from './as-read';
import { comfortMetric, COMFORT_REASONS, revsNeed } from './comfort';
import { consumptionMetric } from './consumption';
import type { LoadContext, MetricContext } from './context';
import { cruisePowerMetric } from './cruise-power';
import { crawlMetric, cruiseRevsMetric } from './gear-speeds';
import { clearanceLoadedMetric, trailLoadedMetric } from './handling';
import { heartEstimate, heartMetric } from './heart';
import { heelGapMetric } from './heel-gap';
import { aidsMetric, protectionMetric, supportMetric, wheelsMetric, windMetric } from './indices';
import { costPerKmMetric, resaleMetric, yearlyCostMetric } from './keeping';

export { OWNERSHIP_KEYS } from './keeping';
export { COMFORT_REASONS, heartEstimate, revsNeed };
import { kneeAngleMetric } from './knee-angle';
import { liftBackMetric, liftMetric } from './lift';
import { loadedMassMetric } from './loaded-mass';
import { luggageRoomMetric } from './luggage-room';
import { outlayMetric } from './outlay';
import { payloadLeftMetric } from './payload-left';
import { powerThereMetric } from './power-there';
import { powerToMassMetric } from './power-to-mass';
import { climbMetric, rollOnMetric, topSpeedMetric, zeroToHundredMetric } from './pull';
import { rangeMetric } from './range';
import { sagFrontMetric, sagRearMetric } from './sag';
import { oilToCarryMetric, servicesYearMetric, tripServicesMetric } from './services';
import { standingRoomMetric } from './standing-room';
import { suspensionMetric, type SuspensionMetric } from './suspension';
import { chainLifeMetric, tyreLifeMetric } from './wear';
import { wattsLeftMetric, wattsSlowMetric } from './watts-left';

export type { SuspensionMetric } from './suspension';
export { loosestGround, powerShare } from './on-the-road';
export { liftedWithTheBack } from './lift';
export { luggageNeeded } from './luggage-room';
export { seatWidthIndex } from './seat';
export { goesFasterThan } from './cruise-power';
export { lastsFor } from './wear';
export { wattsLeft } from './watts-left';

export type Metrics = Readonly<Record<Exclude<BaseMetricKey, 'suspension'>, Metric>> & {
  readonly suspension: SuspensionMetric;
};
export type LoadMetrics = Readonly<Record<LoadMetricKey, Metric>>;

/** All metrics of one rider on one machine. */
export function metricsOf(context: MetricContext, once: Once = anew): Metrics {
  const of = <M extends Metric>(key: string, make: (context: MetricContext) => M): M =>
    once(key, context, make);
  const from = <More extends object>(
    key: string,
    more: More,
    make: (context: MetricContext & More) => Metric,
  ): Metric => once(key, { ...context, ...more }, make);
  const readyMass = of('readyMass', readyMassMetric);
  const loaded = from('loadedMass', { readyMass }, (c) => loadedMassMetric(c, c.readyMass));
  const consumption = from('consumption', { loaded }, (c) => consumptionMetric(c, c.loaded));
  return {
    heelGap: of('heelGap', heelGapMetric),
    kneeAngle: of('kneeAngle', kneeAngleMetric),
    standingRoom: of('standingRoom', standingRoomMetric),
    readyMass,
    loadedMass: loaded,
    payloadLeft: from('payloadLeft', { loaded }, (c) => payloadLeftMetric(c, c.loaded)),
    powerToMass: from('powerToMass', { loaded }, (c) => powerToMassMetric(c, c.loaded)),
    cruisePower: from('cruisePower', { loaded }, cruisePowerMetric),
    consumption,
    range: from('range', { consumption }, (c) => rangeMetric(c, c.consumption)),
    suspension: of('suspension', suspensionMetric),
    clearance: of('clearance', clearanceMetric),
    serviceInterval: of('serviceInterval', serviceIntervalMetric),
    wheels: of('wheels', wheelsMetric),
    protection: of('protection', protectionMetric),
    wind: of('wind', windMetric),
    support: of('support', supportMetric),
    aids: of('aids', aidsMetric),
    heart: of('heart', heartMetric),
    luggageRoom: of('luggageRoom', luggageRoomMetric),
    outlay: of('outlay', outlayMetric),
  };
}

/** Each metric of the loaded machine by its key. */
const LOAD_METRICS: Readonly<Record<LoadMetricKey, (context: LoadContext) => Metric>> = {
  cruiseRevs: cruiseRevsMetric,
  rollOn: rollOnMetric,
  zeroToHundred: zeroToHundredMetric,
  topSpeed: topSpeedMetric,
  climb: climbMetric,
  crawl: crawlMetric,
  comfort: comfortMetric,
  lift: liftMetric,
  liftBack: liftBackMetric,
  clearanceLoaded: clearanceLoadedMetric,
  trailLoaded: trailLoadedMetric,
  tyreLife: tyreLifeMetric,
  chainLife: chainLifeMetric,
  tripServices: tripServicesMetric,
  wattsLeft: wattsLeftMetric,
  wattsSlow: wattsSlowMetric,
  powerThere: powerThereMetric,
  sagFront: sagFrontMetric,
  sagRear: sagRearMetric,
  servicesYear: servicesYearMetric,
  oilToCarry: oilToCarryMetric,
  resale: resaleMetric,
  yearlyCost: yearlyCostMetric,
  costPerKm: costPerKmMetric,
};

/** Everything the loaded machine does on the road, each with its working. */
export const loadMetrics = (context: LoadContext, once: Once = anew): LoadMetrics =>
  Object.fromEntries(
    Object.entries(LOAD_METRICS).map(([key, make]) => [key, once(key, context, make)]),
  ) as unknown as LoadMetrics;
