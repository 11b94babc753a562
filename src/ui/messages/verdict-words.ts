import { ruleBroken } from './licence-words';
import type { MustVerdict, SaidMust } from '@/core/assessment';
import { formatBase, formatWithUnit, type Reader } from './format';
import { MUST_SHORT, MUST_WORDS } from './brief-words';
import { METRIC_WORDS } from './metric-words';
import { METRIC_DEFINITIONS } from '@/core/assessment';
import { restsOn } from './typical-words';
import { inSentence } from './in-sentence';

export const VERDICT_SIGNS: Readonly<
  Record<MustVerdict, { readonly sign: string; readonly words: string; readonly colour: string }>
> = {
  pass: { sign: '✓', words: 'kept', colour: 'pass' },
  fail: { sign: '✕', words: 'broken', colour: 'fail' },
  unsure: { sign: '~', words: 'doubtful', colour: 'unsure' },
  'not-known': { sign: '?', words: 'not known', colour: 'unsure' },
};

/** From this share of a hundred to certainty a chance is said as such, since draws do not tell more. */
const NEXT_TO_CERTAIN = 0.995;

/** A chance in words that stand behind "in": "78 of 100 draws". */
export function chanceWords(chance: number): string {
  if (chance > NEXT_TO_CERTAIN) return 'nearly all draws';
  if (chance < 1 - NEXT_TO_CERTAIN) return 'hardly any draw';
  return `${Math.round(chance * 100)} of 100 draws`;
}

/** Names one after the other: "a, b and c". */
export const listWords = (words: readonly string[]): string =>
  words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`;

/** A must as it is said. */
export type MustShown = SaidMust;

/** One must at a glance: its sign, its short name, and its chance where it is not kept but something is known of it. */
export const mustSignWords = ({ key, verdict, chance }: SaidMust): string =>
  `${VERDICT_SIGNS[verdict].sign} ${MUST_SHORT[key]}${verdict === 'unsure' && chance !== undefined ? ` ${Math.round(chance * 100)} %` : ''}`;

/** The chance of a must, where there is any doubt about it. */
const doubtWords = ({ chance }: SaidMust): string =>
  chance === undefined || chance === 0 || chance === 1 ? '' : `; holds in ${chanceWords(chance)}`;

/** What the class says of a limit that has not been read. */
const byClass = ({ chance, typical }: SaidMust): string =>
  chance === undefined || !typical
    ? ''
    : `; by what is typical of its class it holds in ${chanceWords(chance)}, so ask for the papers`;

/** One must in words: what was asked, what is there, how often it holds, and why it cannot be said where it cannot. */
export function mustWords(must: SaidMust, reader: Reader): string {
  const name = MUST_WORDS[must.key];
  if (must.taken)
    return `${name}: ${must.missing.map((m) => inSentence(m)).join(', ')} not known; taken as kept, on your word`;
  if (must.broken)
    return `${name}: ${must.broken.rules.map((r) => ruleBroken(r, must.broken?.licence ?? 'A2')).join('; ')}${restsOn(must)}`;
  if (!must.metric || must.need === undefined) {
    return must.verdict === 'not-known'
      ? `${name}: ${must.missing.map((m) => inSentence(m)).join(', ')} not known${byClass(must)}`
      : must.verdict === 'unsure'
        ? `${name}: too near the limit to say; check the papers${doubtWords(must)}`
        : `${name}${doubtWords(must)}${restsOn(must)}`;
  }
  const { dimension, better } = METRIC_DEFINITIONS[must.metric];
  const need = `${better === 'less' ? 'at most' : 'at least'} ${formatWithUnit(must.need, dimension, reader)}`;
  const metric = METRIC_WORDS[must.metric].name.toLowerCase();
  if (must.have?.kind !== 'known' || must.verdict === 'not-known')
    return `${name}: ${must.missing.map((m) => inSentence(m)).join(', ')} not known, so ${metric} cannot be judged${byClass(must)}`;
  const { low, mid, high } = must.have.interval;
  const span =
    must.verdict === 'unsure'
      ? ` (nine in ten: ${formatBase(low, dimension, reader)} to ${formatBase(high, dimension, reader)})`
      : '';
  return `${name}: ${metric} ${formatWithUnit(mid, dimension, reader)}${span}, needed ${need}${doubtWords(must)}${restsOn(must)}`;
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
