import type { Metric } from '@/core/assessment';
import type { Known } from '../marks/OriginMark';

/** How a metric is known: like its only reading, else computed. */
export const knownBy = (metric: Metric): Known => {
  if (metric.estimate.kind === 'unknown') return 'unknown';
  const readings = metric.working.inputs.flatMap((i) => i.reading ?? []);
  return metric.working.inputs.length === 1 ? (readings[0]?.origin ?? 'computed') : 'computed';
};
