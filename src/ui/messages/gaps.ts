import { METRIC_DEFINITIONS } from '@/core/assessment';
import type { FactKey } from '@/core/facts';
import type { Said } from '@/core/numeric';
import type { WantKey } from '@/core/preference';
import type { FigureKey } from '@/core/readings';
import { FACT_WORDS } from './fact-words';
import { formatNumber, formatWithUnit, type Reader } from './format';
import { additionWords, listWords } from './verdict-words';
import { inSentence } from './in-sentence';

/** A want below its need, in base units, and the part that does most about it. */
export interface GapFacts {
  readonly want: WantKey;
  readonly loss: number;
  readonly need: number;
  readonly estimate: Said;
  /** Figures that nobody has given and that it rests on. */
  readonly typical?: readonly FigureKey[] | undefined;
  /** How many parts narrow it; without a closer: how many would, but break a must or a limit. */
  readonly helpers: number;
  readonly closer?:
    | {
        readonly part: { readonly name: string };
        readonly along: readonly string[];
        readonly cost: number;
        readonly closes: boolean;
        readonly becomes: number;
        /** Facts that it brings and nobody has told. */
        readonly untold?: readonly FactKey[] | undefined;
      }
    | undefined;
}

/** A gap in words: what is there against what is needed, by how much it falls short, and what closing it takes. */
export function gapWords(
  { want, need, estimate, typical, helpers, closer }: GapFacts,
  reader: Reader,
): { readonly have: string; readonly short: string | undefined; readonly closing: string } {
  const { dimension, better } = METRIC_DEFINITIONS[want];
  const show = (x: number) => formatWithUnit(x, dimension, reader);
  const known = estimate.kind === 'known';
  const have = known
    ? `${show(estimate.interval.mid)}${typical ? ', typical of its class' : ''}, needed ${better === 'less' ? 'at most' : 'at least'} ${show(need)}`
    : `Not known, for want of ${estimate.missing.map((m) => inSentence(m)).join(', ')}; until it is told it counts as the worst it may be.`;
  const short = known
    ? `${show(Math.abs(need - estimate.interval.mid))} ${better === 'less' ? 'too much' : 'short'}`
    : undefined;
  const money = (x: number) => `${formatNumber(x)} ${reader.currency}`;
  if (!closer)
    return {
      have,
      short,
      closing:
        want === 'outlay' ? 'Only a cheaper machine, or fewer parts.' : noneHelps(known, helpers),
    };
  const part = additionWords(closer.part.name, closer.along);
  const closing = closer.closes
    ? `Closed for about ${money(closer.cost)} by ${part}: ${show(closer.becomes)}${helpers > 1 ? `; ${helpers} parts help` : ''}.`
    : `No single part closes it; ${part} comes nearest: ${show(closer.becomes)} for about ${money(closer.cost)}.`;
  return { have, short, closing: `${closing}${untoldWords(closer.untold)}` };
}

function noneHelps(known: boolean, breaking: number): string {
  if (breaking > 0)
    return breaking === 1
      ? 'The one part that helps would break a must or a limit that is kept now.'
      : `${breaking} parts help, but each would break a must or a limit that is kept now.`;
  return known ? 'No part of the catalogue helps.' : '';
}

const untoldWords = (facts: readonly FactKey[] = []): string =>
  facts.length === 0
    ? ''
    : ` Look first: nobody has told its ${listWords([...new Set(facts)].map((f) => FACT_WORDS[f].toLowerCase()))}; it may have that already.`;
