import { isPair } from './pairs';
import type { Quantity } from '../lattice/quantity';
import type { Sentence } from './sentences';
import type { Mention } from '../vocabulary/lexicon';
import type { Word } from './option';

export const within = <T extends { readonly from: number; readonly to: number }>(
  all: readonly T[],
  { at, text }: Sentence,
): readonly T[] =>
  all
    .filter((m) => m.from >= at && m.to <= at + text.length)
    .map((m) => ({ ...m, from: m.from - at, to: m.to - at }));

/** Quantities without those that only repeat the one before in another unit. */
export function twinned(text: string, all: readonly Quantity[]) {
  const alone: Quantity[] = [];
  const twins = new Map<Quantity, Quantity>();
  for (const q of all) {
    const last = alone.at(-1);
    if (last && !twins.has(last) && isPair(text, last, q)) twins.set(last, q);
    else alone.push(q);
  }
  return { alone, twins };
}

export function wordsOf(mentions: readonly Mention[]): readonly Word[] {
  return mentions.flatMap((mention, order) =>
    mention.meanings.flatMap((meaning): readonly Word[] =>
      meaning.kind === 'label' || meaning.kind === 'taker' ? [{ mention, meaning, order }] : [],
    ),
  );
}
