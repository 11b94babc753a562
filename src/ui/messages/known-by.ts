import type { Metric } from '@/core/assessment';
import { knownAs } from '@/core/readings';
import type { Known } from '../marks/OriginMark';

/** How a metric is known: like its only reading where it is that reading, typical where it rests on what nobody has given, else computed. */
export function knownBy({ estimate, typical, working: { inputs } }: Metric): Known {
  if (estimate.kind === 'unknown') return 'unknown';
  if (typical) return 'typical';
  const [only, ...others] = inputs;
  return (only?.reading && others.length === 0 && knownAs(only)) || 'computed';
}
