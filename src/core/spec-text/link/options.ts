import { aboveOptions, byWord } from './by-label';
import { unitOptions } from './by-unit';
import { followOptions } from './follow-on';
import type { Option, SentenceWords } from './option';
import { isRim } from './senses';

/** Every way to understand the quantity with this index, the none-of-ours ways among them. */
export function optionsOf(
  sentence: SentenceWords,
  index: number,
  sideOf: (index: number) => 'front' | 'rear',
): readonly Option[] {
  const q = sentence.quantities[index];
  if (!q || sentence.blocked.has(index)) return [];
  const made: Option[] = [];
  const side = () => sideOf(index);
  for (const word of sentence.words) made.push(...byWord(sentence, q, index, word, side));
  made.push(...aboveOptions(sentence, q, index, side), ...followOptions(sentence, q, index));
  if (q.product === undefined || (q.product === 1 && isRim(q)))
    made.push(...unitOptions(sentence, q, index));
  return made;
}
