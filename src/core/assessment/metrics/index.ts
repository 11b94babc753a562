import type { Metric } from '../formula';
import type { BaseMetricKey, LoadMetricKey } from '../metric-keys';
import { clearanceMetric, readyMassMetric, serviceIntervalMetric } from './as-read';
import { comfortMetric } from './comfort';
import { consumptionMetric } from './consumption';
import type { LoadContext, MetricContext } from './context';
import { cruisePowerMetric } from './cruise-power';
import { crawlMetric, cruiseRevsMetric } from './gear-speeds';
import { clearanceLoadedMetric, trailLoadedMetric } from './handling';
import { heelGapMetric } from './heel-gap';
import { aidsMetric, protectionMetric, supportMetric, wheelsMetric, windMetric } from './indices';
import { costPerKmMetric, resaleMetric, yearlyCostMetric } from './keeping';

export { OWNERSHIP_KEYS } from './keeping';
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
export { goesFasterThan } from './cruise-power';
export { lastsFor } from './wear';
export { wattsLeft } from './watts-left';

export type Metrics = Readonly<Record<Exclude<BaseMetricKey, 'suspension'>, Metric>> & {
  readonly suspension: SuspensionMetric;
};
export type LoadMetrics = Readonly<Record<LoadMetricKey, Metric>>;

/** All metrics of one rider on one machine. */
export function metricsOf(context: MetricContext): Metrics {
  const readyMass = readyMassMetric(context);
  const loadedMass = loadedMassMetric(context, readyMass);
  const consumption = consumptionMetric(context, loadedMass);
  return {
    heelGap: heelGapMetric(context),
    kneeAngle: kneeAngleMetric(context),
    standingRoom: standingRoomMetric(context),
    readyMass,
    loadedMass,
    payloadLeft: payloadLeftMetric(context, loadedMass),
    powerToMass: powerToMassMetric(context, loadedMass),
    cruisePower: cruisePowerMetric({ ...context, loaded: loadedMass }),
    consumption,
    range: rangeMetric(context, consumption),
    suspension: suspensionMetric(context),
    clearance: clearanceMetric(context),
    serviceInterval: serviceIntervalMetric(context),
    wheels: wheelsMetric(context),
    protection: protectionMetric(context),
    wind: windMetric(context),
    support: supportMetric(context),
    aids: aidsMetric(context),
    luggageRoom: luggageRoomMetric(context),
    outlay: outlayMetric(context),
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
export const loadMetrics = (context: LoadContext): LoadMetrics =>
  Object.fromEntries(
    Object.entries(LOAD_METRICS).map(([key, make]) => [key, make(context)]),
  ) as unknown as LoadMetrics;
