import { spendable, type Brief, type MustKey } from '../brief';
import { STANCE_LIMITS } from '../fit';
import type { LicenceResult } from '../licence';
import type { Estimate } from '../numeric';
import { metricDefinition, type BaseMetricKey } from './metric-keys';
import type { Metrics } from './metrics';

/** `unsure`: the figure is known, but its interval lies on both sides of the need. */
export type MustVerdict = 'pass' | 'fail' | 'unsure' | 'not-known';

export interface MustResult {
  readonly key: MustKey;
  readonly verdict: MustVerdict;
  /** The metric judged and what it must reach; the licence has none. */
  readonly metric?: BaseMetricKey;
  readonly need?: number;
  readonly have?: Estimate;
  readonly missing: readonly string[];
}

/** The metric that each must judges; the licence has none. */
export const METRIC_OF_MUST: Readonly<Record<Exclude<MustKey, 'licence'>, BaseMetricKey>> = {
  stance: 'heelGap',
  readyMass: 'readyMass',
  range: 'range',
  payload: 'payloadLeft',
  clearance: 'clearance',
  money: 'outlay',
};

/** What each must asks for, in base units (money in the brief's currency). */
export function mustNeed(key: Exclude<MustKey, 'licence'>, brief: Brief): number {
  switch (key) {
    case 'stance':
      return STANCE_LIMITS[brief.musts.stance];
    case 'readyMass':
      return brief.musts.readyMass_kg;
    case 'range':
      return brief.trip.fuelGap_km;
    case 'payload':
      return 0;
    case 'clearance':
      return brief.musts.clearance_mm;
    case 'money':
      return spendable(brief.money);
  }
}

/** Judges an estimate against a need: pass and fail only when the whole interval says so. */
export function judge(have: Estimate, need: number, better: 'less' | 'more'): MustVerdict {
  if (have.kind === 'unknown') return 'not-known';
  const { low, high } = have.interval;
  const [worst, best] = better === 'less' ? [high, low] : [low, high];
  const meets = (x: number) => (better === 'less' ? x <= need : x >= need);
  if (meets(worst)) return 'pass';
  return meets(best) ? 'unsure' : 'fail';
}

/** The musts that are switched on in the brief, each judged, in the order of the brief's list. */
export function mustResults(
  brief: Brief,
  metrics: Metrics,
  licence: LicenceResult,
): readonly MustResult[] {
  return brief.musts.on.map((key): MustResult => {
    if (key === 'licence') return licenceMust(licence);
    const metric = METRIC_OF_MUST[key];
    const have = metrics[metric].estimate;
    const need = mustNeed(key, brief);
    const missing = have.kind === 'unknown' ? have.missing : [];
    return {
      key,
      verdict: judge(have, need, metricDefinition(metric).better),
      metric,
      need,
      have,
      missing,
    };
  });
}

function licenceMust(licence: LicenceResult): MustResult {
  const key = 'licence';
  if (licence.kind === 'legal') return { key, verdict: 'pass', missing: [] };
  if (licence.kind === 'not-legal') return { key, verdict: 'fail', missing: [] };
  return {
    key,
    verdict: licence.missing.length > 0 ? 'not-known' : 'unsure',
    missing: licence.missing,
  };
}
