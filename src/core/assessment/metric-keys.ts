import type { Dimension } from '../units';

export interface MetricDefinition {
  /** `index` and `percent` run 0–1; `kW/t` is kilowatts per tonne; `force` is in newtons; `litres` of luggage, which all riders count in them; `times` is a number of times. */
  readonly dimension:
    | Dimension
    | 'index'
    | 'kW/t'
    | 'percent'
    | 'seconds'
    | 'force'
    | 'litres'
    | 'times'
    | 'money/km';
  readonly better: 'less' | 'more';
}

/** Everything computed for one rider on one machine, in the order it is shown. */
export const METRIC_DEFINITIONS = {
  heelGap: { dimension: 'length', better: 'less' },
  kneeAngle: { dimension: 'angle', better: 'more' },
  standingRoom: { dimension: 'length', better: 'more' },
  readyMass: { dimension: 'mass', better: 'less' },
  loadedMass: { dimension: 'mass', better: 'less' },
  payloadLeft: { dimension: 'mass', better: 'more' },
  powerToMass: { dimension: 'kW/t', better: 'more' },
  cruisePower: { dimension: 'percent', better: 'more' },
  consumption: { dimension: 'consumption', better: 'less' },
  range: { dimension: 'distance', better: 'more' },
  suspension: { dimension: 'index', better: 'more' },
  clearance: { dimension: 'length', better: 'more' },
  serviceInterval: { dimension: 'distance', better: 'more' },
  wheels: { dimension: 'index', better: 'more' },
  protection: { dimension: 'index', better: 'more' },
  wind: { dimension: 'index', better: 'more' },
  support: { dimension: 'index', better: 'more' },
  aids: { dimension: 'index', better: 'more' },
  heart: { dimension: 'index', better: 'more' },
  luggageRoom: { dimension: 'litres', better: 'more' },
  outlay: { dimension: 'money', better: 'less' },
  cruiseRevs: { dimension: 'percent', better: 'less' },
  comfort: { dimension: 'index', better: 'more' },
  rollOn: { dimension: 'seconds', better: 'less' },
  zeroToHundred: { dimension: 'seconds', better: 'less' },
  topSpeed: { dimension: 'speed', better: 'more' },
  climb: { dimension: 'percent', better: 'more' },
  crawl: { dimension: 'speed', better: 'less' },
  lift: { dimension: 'force', better: 'less' },
  liftBack: { dimension: 'force', better: 'less' },
  clearanceLoaded: { dimension: 'length', better: 'more' },
  trailLoaded: { dimension: 'length', better: 'more' },
  tyreLife: { dimension: 'distance', better: 'more' },
  chainLife: { dimension: 'distance', better: 'more' },
  tripServices: { dimension: 'times', better: 'less' },
  wattsLeft: { dimension: 'electric', better: 'more' },
  wattsSlow: { dimension: 'electric', better: 'more' },
  powerThere: { dimension: 'percent', better: 'more' },
  sagFront: { dimension: 'percent', better: 'less' },
  sagRear: { dimension: 'percent', better: 'less' },
  servicesYear: { dimension: 'times', better: 'less' },
  oilToCarry: { dimension: 'volume', better: 'less' },
  resale: { dimension: 'money', better: 'more' },
  yearlyCost: { dimension: 'money', better: 'less' },
  costPerKm: { dimension: 'money/km', better: 'less' },
} as const satisfies Record<string, MetricDefinition>;

export type MetricKey = keyof typeof METRIC_DEFINITIONS;
export const METRIC_KEYS = Object.keys(METRIC_DEFINITIONS) as readonly MetricKey[];

/** Metrics of the loaded machine on the road: computed when somebody asks, since they simulate. They inform and are not weighed. */
export const LOAD_METRIC_KEYS = [
  'cruiseRevs',
  'comfort',
  'rollOn',
  'zeroToHundred',
  'topSpeed',
  'climb',
  'crawl',
  'lift',
  'liftBack',
  'clearanceLoaded',
  'trailLoaded',
  'tyreLife',
  'chainLife',
  'tripServices',
  'wattsLeft',
  'wattsSlow',
  'powerThere',
  'sagFront',
  'sagRear',
  'servicesYear',
  'oilToCarry',
  'resale',
  'yearlyCost',
  'costPerKm',
] as const satisfies readonly MetricKey[];
export type LoadMetricKey = (typeof LOAD_METRIC_KEYS)[number];
export type BaseMetricKey = Exclude<MetricKey, LoadMetricKey>;
export const BASE_METRIC_KEYS = METRIC_KEYS.filter(
  (key): key is BaseMetricKey => !(LOAD_METRIC_KEYS as readonly string[]).includes(key),
);
export const metricDefinition = (key: MetricKey): MetricDefinition => METRIC_DEFINITIONS[key];
