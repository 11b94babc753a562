import type { MustResult, MustVerdict } from '@/core/assessment';
import { formatBase, formatWithUnit, type Reader } from './format';
import { METRIC_WORDS, MUST_WORDS, nameWords } from './words';
import { METRIC_DEFINITIONS } from '@/core/assessment';

export const VERDICT_SIGNS: Readonly<
  Record<MustVerdict, { readonly sign: string; readonly words: string; readonly colour: string }>
> = {
  pass: { sign: '✓', words: 'pass', colour: 'pass' },
  fail: { sign: '✕', words: 'fail', colour: 'fail' },
  unsure: { sign: '~', words: 'could go either way', colour: 'unsure' },
  'not-known': { sign: '?', words: 'not known', colour: 'unsure' },
};

/** One must in words: what was asked, what is there, and why it cannot be said where it cannot. */
export function mustWords(must: MustResult, reader: Reader): string {
  const name = MUST_WORDS[must.key];
  if (!must.metric || must.need === undefined) {
    return must.verdict === 'not-known'
      ? `${name}: ${must.missing.map((m) => nameWords(m).toLowerCase()).join(', ')} not known`
      : must.verdict === 'unsure'
        ? `${name}: too near the limit to say; check the papers`
        : name;
  }
  const { dimension, better } = METRIC_DEFINITIONS[must.metric];
  const need = `${better === 'less' ? 'at most' : 'at least'} ${formatWithUnit(must.need, dimension, reader)}`;
  const metric = METRIC_WORDS[must.metric].name.toLowerCase();
  if (must.have?.kind !== 'known')
    return `${name}: ${must.missing.map((m) => nameWords(m).toLowerCase()).join(', ')} not known, so ${metric} cannot be judged`;
  const { low, mid, high } = must.have.interval;
  const have =
    must.verdict === 'unsure'
      ? `${formatBase(low, dimension, reader)} to ${formatWithUnit(high, dimension, reader)}`
      : formatWithUnit(mid, dimension, reader);
  return `${name}: ${metric} ${have}, needed ${need}`;
}

/** What is added, in words: the part, then what it needs. */
export const additionWords = (part: string, along: readonly string[]): string => {
  const name = part.charAt(0).toLowerCase() + part.slice(1);
  return along.length === 0 ? name : `${name}, and with it ${along.join(' and ')}`;
};

/** The part that turns a failed must. */
export const closerWords = (
  {
    part,
    along,
    cost,
    verdict,
  }: {
    readonly part: { readonly name: string };
    readonly along: readonly string[];
    readonly cost: number;
    readonly verdict: 'pass' | 'unsure';
  },
  reader: Reader,
): string =>
  `${verdict === 'pass' ? 'Passes' : 'Could pass'} with ${additionWords(part.name, along)}, about ${formatWithUnit(cost, 'money', reader)} fitted`;
