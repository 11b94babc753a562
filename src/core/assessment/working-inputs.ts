import { BRIEF_LIMITS, type Brief, type BriefFigure } from '../brief';
import { certain, known, unknown, type Estimate } from '../numeric';
import {
  figureDefinition,
  type Basis,
  type FigureKey,
  type NormalFigures,
  type Reading,
} from '../readings';
import type { IndexReason } from '../suitability';
import { metricDefinition, type MetricDefinition, type MetricKey } from './metric-keys';

/** One thing a metric was computed from. */
export interface WorkingInput {
  /** A figure key, a metric key or a key of the brief; the screen has words for each. */
  readonly name: string;
  readonly dimension: MetricDefinition['dimension'] | 'plain';
  readonly estimate: Estimate;
  readonly basis?: Basis | undefined;
  /** The option of a fact, where the input is one. */
  readonly says?: string | undefined;
  /** The fact that says it, where it has another name. */
  readonly asks?: string | undefined;
  /** The quoted reading behind it, where there is one. */
  readonly reading?: Reading | undefined;
  /** Figures that nobody has given and that it rests on; absent: none. */
  readonly typical?: readonly FigureKey[] | undefined;
}

/** A figure of the machine as a working input. */
export const figureInput = (figures: NormalFigures, key: FigureKey): WorkingInput => ({
  name: key,
  dimension: figureDefinition(key).dimension,
  estimate: figures[key].estimate,
  basis: figures[key].basis,
  reading: figures[key].reading,
  typical: figures[key].typical,
});

/** A figure of the brief as a working input; absent optional figures are not known. */
export function briefInput(brief: Brief, key: BriefFigure): WorkingInput {
  const [section, field] = key.split('.') as [keyof Brief, string];
  const value = (brief[section] as unknown as Record<string, number | undefined>)[field];
  return {
    name: key,
    dimension: BRIEF_LIMITS[key].dimension,
    estimate: value === undefined ? unknown(key) : certain(value),
  };
}

/** An earlier metric as a working input. */
export const metricInput = (metric: {
  readonly key: MetricKey;
  readonly estimate: Estimate;
  readonly typical?: readonly FigureKey[] | undefined;
}): WorkingInput => ({
  name: metric.key,
  dimension: metricDefinition(metric.key).dimension,
  estimate: metric.estimate,
  typical: metric.typical,
});

/** A plain constant or factor as a working input. */
export const plainInput = (
  name: string,
  low: number,
  mid: number = low,
  high: number = mid,
  dimension: WorkingInput['dimension'] = 'plain',
): WorkingInput => ({
  name,
  dimension,
  estimate: known({ low, mid, high }),
});

/** The reasons of an index as working inputs: what each says and what it is worth. */
export const reasonInputs = (reasons: readonly IndexReason[]): readonly WorkingInput[] =>
  reasons.map(({ name, asks, worth, says, typical }) => ({
    name,
    dimension: 'index',
    says,
    asks,
    estimate: worth === undefined ? unknown(asks ?? name) : certain(worth),
    typical,
  }));
