import type { MustResult, MustVerdict } from '@/core/assessment';
import { formatBase, formatWithUnit, type Reader } from './format';
import { METRIC_WORDS, MUST_WORDS, nameWords } from './words';
import { METRIC_DEFINITIONS } from '@/core/assessment';

export const VERDICT_SIGNS: Readonly<Record<MustVerdict, { readonly sign: string; readonly words: string; readonly colour: string }>> = {
  pass: { sign: '✓', words: 'pass', colour: 'pass' },
  fail: { sign: '✕', words: 'fail', colour: 'fail' },
  unsure: { sign: '~', words: 'could go either way', colour: 'unsure' },
  'not-known': { sign: '?', words: 'not known', colour: 'unsure' },
};

/** One must in words: what was asked, what is there, and why it cannot be said where it cannot. */
export function mustWords(must: MustResult, reader: Reader): string {
  const name = MUST_WORDS[must.key];
  if (!must.metric || must.need === undefined) {
    return must.verdict === 'not-known' ? `${name}: ${must.missing.map((m) => nameWords(m).toLowerCase()).join(', ')} not known` : must.verdict === 'unsure' ? `${name}: too near the limit to say; check the papers` : name;
  }
  const { dimension, better } = METRIC_DEFINITIONS[must.metric];
  const need = `${better === 'less' ? 'at most' : 'at least'} ${formatWithUnit(must.need, dimension, reader)}`;
  const metric = METRIC_WORDS[must.metric].name.toLowerCase();
  if (must.have?.kind !== 'known') return `${name}: ${must.missing.map((m) => nameWords(m).toLowerCase()).join(', ')} not known, so ${metric} cannot be judged`;
  const { low, mid, high } = must.have.interval;
  const have = must.verdict === 'unsure' ? `${formatBase(low, dimension, reader)} to ${formatWithUnit(high, dimension, reader)}` : formatWithUnit(mid, dimension, reader);
  return `${name}: ${metric} ${have}, needed ${need}`;
}
