import { MOST_HEART, type MeanMark } from '../../evidence';
import { source, unknown, type Estimate } from '../../numeric';
import { metric, type Metric } from '../formula';
import type { MetricContext } from './context';

/** Nine in ten marks of the heart would be given again within so much of 10 after a month with the machine. Own assumption. */
const MARK_SPREAD = 1;

/** The heart's mark as a figure of 0–1; a first impression, which counts half, is twice as uncertain in its variance. */
export function heartEstimate(mark: MeanMark | undefined, donorId: string): Estimate {
  if (!mark) return unknown('heart');
  const half = MARK_SPREAD / Math.sqrt(mark.counts) / MOST_HEART;
  const mid = mark.mean / MOST_HEART;
  return source(
    `heart/${donorId}`,
    { low: Math.max(0, mid - half), mid, high: Math.min(1, mid + half) },
    { cut: { min: 0, max: 1 } },
  );
}

/** What the rider's heart says of the machine, 0–1: asked, never reckoned. */
export const heartMetric = ({ heart }: MetricContext): Metric =>
  metric('heart', heart, [{ name: 'heartMark', dimension: 'index', estimate: heart }]);
