import type { Estimate } from '../numeric';
import type { Basis, Reading } from '../readings';
import type { Dimension } from '../units';

export interface MetricDefinition {
  /** `index` runs 0–1; `kW/t` is kilowatts per tonne. */
  readonly dimension: Dimension | 'index' | 'kW/t';
  readonly better: 'less' | 'more';
}

/** Everything computed for one rider on one machine, in the order it is shown. */
export const METRIC_DEFINITIONS = {
  heelGap: { dimension: 'length', better: 'less' },
  readyMass: { dimension: 'mass', better: 'less' },
  loadedMass: { dimension: 'mass', better: 'less' },
  payloadLeft: { dimension: 'mass', better: 'more' },
  powerToMass: { dimension: 'kW/t', better: 'more' },
  consumption: { dimension: 'consumption', better: 'less' },
  range: { dimension: 'distance', better: 'more' },
  suspension: { dimension: 'index', better: 'more' },
  clearance: { dimension: 'length', better: 'more' },
  serviceInterval: { dimension: 'distance', better: 'more' },
  outlay: { dimension: 'money', better: 'less' },
} as const satisfies Record<string, MetricDefinition>;

export type MetricKey = keyof typeof METRIC_DEFINITIONS;
export const METRIC_KEYS = Object.keys(METRIC_DEFINITIONS) as readonly MetricKey[];
export const metricDefinition = (key: MetricKey): MetricDefinition => METRIC_DEFINITIONS[key];

/** One thing a metric was computed from. */
export interface WorkingInput {
  /** A figure key, a metric key or a key of the brief; the screen has words for each. */
  readonly name: string;
  readonly dimension: MetricDefinition['dimension'] | 'plain';
  readonly estimate: Estimate;
  readonly basis?: Basis | undefined;
  /** The quoted reading behind it, where there is one. */
  readonly reading?: Reading | undefined;
}

/** How a figure came about, so that a rider can follow it and a test can read it. */
export interface Working {
  readonly formula: string;
  readonly inputs: readonly WorkingInput[];
  readonly source: string;
}

export interface Metric {
  readonly key: MetricKey;
  readonly estimate: Estimate;
  readonly working: Working;
}

export type Metrics = Readonly<Record<MetricKey, Metric>>;
