import { spelt } from '../vocabulary/letters';
import type { Proposal } from '../proposal';

/** Words with which somebody speaks of himself and what is his, in every language that is read; none is a word of a sheet in another. */
const FIRST_PERSON = spelt(
  new RegExp(
    String.raw`(?<![\p{L}\p{N}\-/])(?:${[
      "i['’](?:m|ve|d|ll)|my|mine|myself",
      'ich|meine?[rmns]?',
      "je|j['’](?:ai|avais|étais|en|y)|mon|mienne?|moi",
      'yo|tengo|mía|mío|conmigo',
      'io|mio|mia|miei|mie',
      'ik|mijn',
      'eu|meu|minha|tenho',
      'mam|mój|moja|mojego|mojej',
      'jag|jeg',
      'minulla|minun|mulla|mun',
      'mám|můj|moje',
    ].join('|')})(?![\p{L}\p{N}])`,
    'giu',
  ),
);
/** "I" is also a numeral, so it counts only before a verb, or at the head of a sentence. */
const I_SAY = spelt(
  /(?<![\p{L}\p{N}\-/])I (?:am|was|have|had|got|get|bought|paid|think|reckon|guess|ride|rode|run|measured|weighed|put|do|did|can|could|would|will|fitted|just|also|never|always|still|don['’]t|didn['’]t|can['’]t|need|want|use|used|own|swapped|average)(?!\p{L})/gu,
);

/** So many such words and a text is somebody's own account; a short one needs fewer. */
const ENOUGH = 2;
const SHORT = 400;

/** Whether somebody tells a text of himself: no maker does, so what it says was heard and not claimed. */
export function isPersonal(text: string): boolean {
  const needed = text.length < SHORT ? 1 : ENOUGH;
  let found = 0;
  for (const pattern of [FIRST_PERSON, I_SAY])
    for (const _ of text.matchAll(pattern)) if ((found += 1) >= needed) return true;
  return false;
}

/** Whether most figures of a text were said in words ("a hundred and ninety kilos"): somebody was listened to. */
export function isSpoken(
  machines: readonly { readonly proposals: readonly Proposal[] }[],
): boolean {
  const figures = machines.flatMap((m) => m.proposals.filter((p) => p.kind === 'figure'));
  return figures.filter(({ words }) => !/\d/.test(words)).length * 2 > figures.length;
}
