import type { MachineRead } from '../read-machine';
import { firstOfPair } from './two-in-a-line';
import { asItStood, wordsOf, type PlacedText } from './placed-text';

/** From the first of many places to the last; too many for one call with all of them. */
function spanOf(places: readonly number[]): { readonly from: number; readonly to: number } {
  let [from, last] = [places[0] ?? 0, places[0] ?? 0];
  for (const place of places) [from, last] = [Math.min(from, place), Math.max(last, place)];
  return { from, to: last + 1 };
}

/** How many letters of the word at a place stand before it. */
const withinWord = (text: string, at: number): number =>
  /^\p{L}{2}/u.test(text.slice(Math.max(0, at - 1)))
    ? (/[\p{L}-]+$/u.exec(text.slice(Math.max(0, at - 24), at))?.[0].length ?? 0)
    : 0;

/** Places and words as they stand in the text, where reading put a sign or a unit in place of another, or set it anew. */
export function asTyped(machine: MachineRead, laid: PlacedText, text: string): MachineRead {
  const typed = <P extends { readonly words: string; readonly from: number; readonly to: number }>(
    proposal: P,
  ): P => {
    const { words, from } = proposal;
    const first = firstOfPair(laid.text.slice(from, proposal.to), words);
    if (first !== undefined && !laid.places)
      return { ...proposal, to: from + first, words: words.slice(0, first) };
    const { to } = proposal;
    const place = asItStood(laid, text, from, to);
    const at = laid.text.slice(from, to).indexOf(words);
    // Of two numbers said in one run of words the second begins within them: "fifteen forty-six".
    const within = laid.places ? 0 : withinWord(text, from + at);
    const said =
      at < 0
        ? words.replace(/\s+/gu, ' ')
        : laid.places
          ? wordsOf(laid, text, from, to)
          : text.slice(from + at - within, from + at + words.length);
    return {
      ...proposal,
      ...place,
      ...(within > 0 ? { from: place.from - within } : {}),
      words: said.trim().replace(/\s*\n[\s>]*/gu, ' '),
    };
  };
  const whole = laid.places?.slice(machine.from, machine.to);
  return {
    ...machine,
    proposals: machine.proposals.map(typed),
    passedOver: machine.passedOver.map((p) => ({ ...p, ...asItStood(laid, text, p.from, p.to) })),
    ...(whole && whole.length > 0 ? spanOf(whole) : {}),
  };
}
