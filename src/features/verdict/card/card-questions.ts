import type { Observed } from '@/core/evidence';
import { isFactKey, FactKey } from '@/core/facts';
import { figureDefinition, Basis, type FigureKey, type Reading } from '@/core/readings';
import { type StandingCandidate, question } from '@/store/queries';
import type { Stake } from '@/core/stakes';
import { askWords, AskWords, type Reader } from '@/ui/messages';

/** One question of the card, with what was answered here. */
export interface Question {
  readonly kind: 'figure' | 'fact';
  readonly key: FigureKey | FactKey;
  readonly words: AskWords;
  /** The reading taken at the machine; absent: not answered here. */
  readonly reading: Reading | undefined;
  /** The option ticked at the machine. */
  readonly option: string | undefined;
}

export const MOST_ASKED = 10;

/** How a figure is taken at a machine; others as the sheet usually means them. */
const AT_MACHINE: Partial<Readonly<Record<FigureKey, Basis>>> = {
  mass: 'ready',
  travelFront: 'taped-travel',
  travelRear: 'taped-travel',
  price: 'asked',
  usedPrice: 'asked',
  consumption: 'own-fills',
};

/** A seat keeps its version; everything else is taken as one takes it there. */
export const basisAt = (key: FigureKey, now: Basis | undefined): Basis =>
  AT_MACHINE[key] ??
  (now && figureDefinition(key).bases.includes(now) ? now : figureDefinition(key).bases[0]);
export const inOrder = (
  questions: readonly Question[],
  order: ReadonlyMap<string, number>,
): readonly Question[] =>
  questions
    .map((q, i) => ({ q, at: order.get(q.key) ?? order.size + i }))
    .sort((a, b) => a.at - b.at)
    .map(({ q }) => q);

/** What is open, and what was answered here already, so that it can be changed. The price is always asked. */
export function questionsOf(
  seen: Observed,
  open: readonly Stake[],
  { stock }: StandingCandidate,
  reader: Reader,
): readonly Question[] {
  const answered = [...Object.keys(seen.figures ?? {}), ...Object.keys(seen.facts ?? {})] as (
    | FigureKey
    | FactKey
  )[];
  const keys = [...new Set([...open.map((s) => s.key), ...answered, 'price' as const])];
  return keys.map((key): Question => {
    const stake = open.find((s) => s.key === key);
    const { points = 0, decides = [] } = stake ?? {};
    if (isFactKey(key))
      return {
        kind: 'fact',
        key,
        words: askWords({ kind: 'fact', key, points, decides }, reader),
        reading: undefined,
        option: seen.facts?.[key]?.value,
      };
    return {
      kind: 'figure',
      key,
      words: askWords(question({ kind: 'figure', key, points, decides }, stock.figures), reader),
      reading: seen.figures?.[key],
      option: undefined,
    };
  });
}
