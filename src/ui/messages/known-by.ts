import type { Metric, WorkingInput } from '@/core/assessment';
import { isCurrency, toBase } from '@/core/units';
import type { Known } from '../marks/OriginMark';

/** A figure counts as read only while it still is what was read: another basis, or parts fitted, make it a computed one. */
function isAsRead({ reading, estimate }: WorkingInput): boolean {
  if (!reading || estimate.kind === 'unknown') return false;
  if (isCurrency(reading.unit)) return true;
  const read = toBase(reading.amount, reading.unit);
  return Math.abs(estimate.interval.mid - read) <= Math.abs(read) * 1e-9;
}

/** How a metric is known: like its only reading where it is that reading, else computed. */
export function knownBy({ estimate, working: { inputs } }: Metric): Known {
  if (estimate.kind === 'unknown') return 'unknown';
  const [only, ...others] = inputs;
  return only?.reading && others.length === 0 && isAsRead(only) ? only.reading.origin : 'computed';
}
