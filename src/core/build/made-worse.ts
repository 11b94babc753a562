import { surenessOf, type Assessment } from '../assessment';
import type { Brief } from '../brief';
import type { CautionCode } from '../cautions';
import { BORNE_LOADS, levelOf } from './borne-loads';

/** So much more, kg or W, is none. */
const NO_MORE = 0.01;

/** What bears more with parts than it may: cautioned where it was not without them, or further over than that by the level the gates use. */
function overloads(brief: Brief, before: Assessment, after: Assessment): readonly string[] {
  const codesOf = ({ cautions }: Assessment) => new Set<CautionCode>(cautions.map((c) => c.code));
  const [now, was] = [codesOf(after), codesOf(before)];
  const sureness = surenessOf(brief);
  return BORNE_LOADS.flatMap(({ key, caution, left }) => {
    if (now.has(caution) && !was.has(caution)) return [caution];
    const [with_, without] = [after, before].map((a) => levelOf(left(brief, a), 1, sureness));
    return (with_ ?? 0) < Math.min(0, without ?? 0) - NO_MORE ? [key] : [];
  });
}

/** Limits of law and maker that a machine breaks with parts and not without them: its licence, its permitted mass, what bears a load. */
export function limitsBroken(
  brief: Brief,
  before: Assessment,
  after: Assessment,
): readonly string[] {
  const licence =
    after.licence.kind === 'not-legal' && before.licence.kind !== 'not-legal' ? ['licence'] : [];
  const [now, was] = [after, before].map((a) => a.metrics.payloadLeft.estimate);
  const overloaded =
    now?.kind === 'known' && now.mid < 0 && (was?.kind !== 'known' || was.mid >= 0) ? ['load'] : [];
  return [...licence, ...overloads(brief, before, after), ...overloaded];
}

/**
 * Musts that were kept surely and are no longer, or were not broken and are, with the limits that are broken: what no part is proposed
 * for, whatever else it helps. Money is the spending limit's business.
 */
export function madeWorse(brief: Brief, before: Assessment, after: Assessment): readonly string[] {
  const was = new Map(before.musts.map((m) => [m.key, m.verdict]));
  const musts = after.musts.filter(
    ({ key, verdict }) =>
      key !== 'money' &&
      verdict !== was.get(key) &&
      (was.get(key) === 'pass' || (verdict === 'fail' && was.has(key))),
  );
  return [...new Set([...musts.map((m) => m.key), ...limitsBroken(brief, before, after)])];
}
