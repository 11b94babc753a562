import { spelt } from '../vocabulary/letters';
import type { FactKey } from '../../facts';
import type { FactProposal } from '../proposal';
import { gramsOf, mayMatch, neededGrams } from '../vocabulary/grams';
import { VOCABULARIES } from '../vocabulary/lexicon';
import { asked, type Made } from './made';

interface Phrase {
  readonly key: FactKey;
  readonly value: string;
  readonly pattern: RegExp;
  /** Runs of letters, one of which stands in whatever it matches. */
  readonly needed: readonly string[] | undefined;
}

/** Phrases by vocabulary, in the order of the vocabularies. */
const PHRASES: readonly (readonly Phrase[])[] = VOCABULARIES.map((v) =>
  v.facts.map(([key, value, pattern]) => ({ key, value, pattern, needed: neededGrams(pattern) })),
);

/** An answer of no behind a question. */
const DENIED = spelt(/^s?\?\s*(?:no|nope|nah|nein|non)(?!\p{L})/iu);

/** Facts that phrases of a line state by themselves, the longest of each; `languages` as in `readFacts`. */
export function phrasedFacts(
  line: string,
  languages: ReadonlySet<number> | undefined,
  made: Made,
  isKnown: (key: FactKey) => boolean,
  asTold: (fact: FactProposal) => readonly FactProposal[],
): Map<FactKey, FactProposal> {
  const said = new Map<FactKey, FactProposal>();
  const lengths = new Map<FactKey, number>();
  const phrases = PHRASES.flatMap((list, i) =>
    languages === undefined || languages.has(i) ? list : [],
  );
  const grams = gramsOf(line);
  for (const { key, value, pattern, needed } of phrases) {
    if (!mayMatch(needed, grams) || isKnown(key)) continue;
    const match = pattern.exec(line);
    if (!match) continue;
    const [words] = match;
    const end = match.index + words.length;
    // "Carburettor? No, it is injected."
    if (DENIED.test(line.slice(end, end + 14))) continue;
    // "electric and kick start" says more than "kick start"; "no shaft drive: a chain" tells of a chain.
    if (words.length <= (lengths.get(key) ?? 0)) continue;
    if (key === 'brakeFront' && isOfRear(line.slice(0, match.index))) continue;
    const fact = made(key, value, match.index, end);
    // Spokes alone do not say whether there are tubes.
    const [told] = asTold(/^spoked$/iu.test(words) ? asked(fact) : fact);
    if (!told) continue;
    said.set(key, told);
    lengths.set(key, words.length);
  }
  return said;
}

/** "Bremse h.: Einzelscheibe", "rear brake: single disc": of the clause, the rear is named and the front is not. */
function isOfRear(before: string): boolean {
  const clause = /[^,;\n]*$/u.exec(before.slice(-60))?.[0] ?? '';
  return OF_REAR.test(clause) && !OF_FRONT.test(clause);
}
const OF_REAR = spelt(
  /(?<!\p{L})(?:rear|back|r|h|hi|ar|post|tras|hint\p{L}*|arrière|posteriore|trasero|atrás|achter(?:rem)?|remmen achter|traseir[ao]|tyln\p{L}*|tył|bak\p{L}*|bag\p{L}*|taka\p{L}*|zadn\p{L}*|vzadu)(?!\p{L})/iu,
);
const OF_FRONT = spelt(
  /(?<!\p{L})(?:front|f|v|vorn\p{L}*|av(?:ant)?|ant|anteriore|del(?:antero)?|voor(?:rem)?|dianteir[ao]|przedn\p{L}*|przód|fram\p{L}*|for(?:an|bremse)?|etu\p{L}*|přední|vpředu)(?!\p{L})/iu,
);
