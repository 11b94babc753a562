import { spelt } from '../vocabulary/letters';
import type { Mention } from '../vocabulary/lexicon';
import { hadIn } from '../text/whose/drawn-to';
import { formerIn } from '../text/whose/former';
import { ANOTHERS_THEN_MINE, LITTLE_ONE, TAKEN_FOR_IT } from './nobodys';

/** "Lower than the 860 claimed", "on my own scale": said of this very machine, and of no other. */
const isClaimed = (text: string, { from, to }: Mention): boolean =>
  (/^last year['’]?s$/iu.test(text.slice(from, to)) &&
    /^ (?:colou?rs?|paint|graphics|stock|left-?over)(?!\p{L})/iu.test(text.slice(to))) ||
  (/^my own$/iu.test(text.slice(from, to)) &&
    /^ (?:\p{L}+ )?(?:scales?|weighbridge|tape|garage|money|legs?)(?!\p{L})/iu.test(
      text.slice(to),
    )) ||
  // "I had a look at it": somebody did something, and had nothing else.
  (/^(?:i|we) had(?: an?)?$/iu.test(text.slice(from, to)) &&
    /^(?: an?)? (?:(?:quick|good|proper|long|short|closer?|brief) )?(?:look|go|chance|ride|test ride|play|sit|chat|word|measure|tape|weigh|blast|spin|problem|issue|flat|puncture|service|recall)(?!\p{L})/iu.test(
      text.slice(to),
    )) ||
  // "Better than thirteen inches", "no more than 4 litres": of this very machine.
  (/^than$/iu.test(text.slice(from, to)) &&
    /(?<!\p{L})(?:better|more|less|fewer) $/iu.test(text.slice(0, from)) &&
    !/\d[\d.,]* ?(?:kg|kilos?|lbs?|pounds|mm|cm|inches|in|hp|ps|l|lit(?:re|er)s?)?,? (?:better|more|less|fewer) $/iu.test(
      text.slice(0, from),
    ) &&
    /^ (?:about |around )?\d/u.test(text.slice(to))) ||
  (/^than$/iu.test(text.slice(from, to)) &&
    /^ (?:I|we|you|it|they)(?:['’]d)? (?:thought|expected|looks?|think|feared|hoped|remembered|would think|say)(?!\p{L})/iu.test(
      text.slice(to),
    )) ||
  (/^than$/iu.test(text.slice(from, to)) &&
    /^ (?:the |its )?[\d.,]+ ?(?:mm|cm|in|inch(?:es)?|"|kg|kilos?|lbs?|pounds|lit(?:re|er)s?|l|hp|ps|mpg|km|miles)? ?(?:that (?:they|is|was) )?(?:claim\p{L}*|quoted?|stated|advertised|listed|officially|on the (?:sheet|website)|in the (?:brochure|book|handbook|manual))(?!\p{L})/iu.test(
      text.slice(to),
    ));

/** "Unlike the Brannoch it has a 14 litre tank": the machine itself comes after. */
const UNLIKE =
  /^(?:unlike|compared (?:to|with)|im gegensatz|im vergleich|contrairement|a diferencia|a differenza)/iu;
const THEN_THIS = spelt(
  / (?:(?:it|this|she|mine|elle|celle-ci)(?= (?:has|is|weighs|makes|gets|comes|holds|a|pèse|fait)(?!\p{L}))|(?:hat|wiegt|ist|kostet) (?:sie|es|meine)(?!\p{L}))/iu,
);

/** "Avec ma femme et deux sacs on est à 372": who comes along, and no machine of hers. */
const isAlong = (text: string, { from, to }: Mention): boolean =>
  /^(?:ma|mon|meine?|mi|mia|mio|min|mijn|minha) /iu.test(text.slice(from, to)) &&
  /(?<!\p{L})(?:avec|mit|con|met|com|med|z|à deux,) $/iu.test(text.slice(0, from));

/** "Today we're looking at the Ridge": what a review is about, and no other machine. */
const isTodays = (text: string, { from, to }: Mention): boolean =>
  /looking at/iu.test(text.slice(from, to)) &&
  /(?<!\p{L})(?:today|we(?:['’]re| are| will be|['’]ll be)|finally|this (?:week|time|video|one))(?!\p{L})[^.,;]{0,24}$/iu.test(
    text.slice(0, from),
  );

/** "I'm looking at the Veldra Trek, which …": the text's own name right behind. */
const isOwnLookedAt = (text: string, { from, to }: Mention, own: readonly string[]): boolean => {
  if (!/looking at/iu.test(text.slice(from, to))) return false;
  const behind = text
    .slice(to, to + OWN_NAME_WITHIN)
    .toLowerCase()
    .split(/[^\p{L}\d]+/u);
  return own.some((w) => w.length > 2 && behind.includes(w));
};
/** In characters. */
const OWN_NAME_WITHIN = 28;

/** "Up from 55 to 59 kilowatts": what it was ends where it says what it became. */
const CAME_TO = spelt(/^ +[\d.,]+(?: ?\p{L}+)? +to +/u);

/** "164 kg to the Enduro's 131 dry": the second is another's. */
const BESIDE_ANOTHERS = spelt(
  /(?<!\p{L})(?:to|against|versus|vs\.?|compared (?:to|with)) the (\p{Lu}[\p{L}\d]+)['’]s (?=\d)(?:[^.,;!?\n]|[.,](?=\d))*/gu,
);

/** Longer than this, in characters, a line without a mark is talk written down as it was heard. */
const UNPUNCTUATED = 90;
/** Where the next clause opens in one. */
const NEXT_CLAUSE = spelt(
  / (?:and|but|so|then) (?:now|it|the|this|that|you|we|I|there|a)(?!\p{L})| (?:it['’]s|it has|you['’]ve got|there['’]s|(?:the|its) (?:seat|tank|power|weight|fork|shock|price|range)|und (?:die|der|das|sie)|mais|pero|ma)(?!\p{L})/iu,
);

/** Where a sentence tells of another machine: from the words that name it to where it comes back. */
export function scopesOfOthers(
  text: string,
  mentions: readonly Mention[],
  list: boolean,
  own: readonly string[],
): readonly (readonly [number, number])[] {
  const unpunctuated = text.length > UNPUNCTUATED && !/[,.;:!?](?=\s)/u.test(text);
  const scopes = mentions
    .filter(
      (m) =>
        m.meanings.some((x) => x.kind === 'other') &&
        !isTodays(text, m) &&
        !isOwnLookedAt(text, m, own) &&
        !isClaimed(text, m) &&
        !isAlong(text, m),
    )
    .map((m) => {
      const rest = text.slice(m.to);
      const unlike = UNLIKE.test(text.slice(m.from, m.to)) ? THEN_THIS.exec(rest) : null;
      if (unlike) return [m.from, m.to + unlike.index] as const;
      const became = /from$/iu.test(text.slice(m.from, m.to)) ? CAME_TO.exec(rest) : null;
      if (became) return [m.from, m.to + became[0].length] as const;
      const stop = (
        unpunctuated
          ? NEXT_CLAUSE
          : list || /^(?:instead of|rather than|statt)$/iu.test(text.slice(m.from, m.to))
            ? /[,;|]|\bbut\b/u
            : /;|,? \b(?:and it|but|aber|mais|pero|ma|so now|so this|now (?:it|we|this|you)|this is (?:the|an?|it))\b|, (?:the|its?|seat|tank|this|mine(?:'s)?)\b|^ this one\b|\bthis \d{3,4}\b|\bfor this(?: one)?\b|\b(?:and|but|whereas) this\b|, (?:die neue|la nouvelle|la nuova|la nueva|the new one|elle|pesa|tiene|ha|(?:wiegt|hat|ist) sie|weegt|heeft)\b/iu
      ).exec(rest);
      return [m.from, m.to + (stop?.index ?? rest.length)] as const;
    });
  const little = LITTLE_ONE.exec(text);
  if (little) scopes.push([little.index, little.index + little[0].length]);
  scopes.push(...letGoOrTakenIn(text));
  for (const { 0: words, 1: name = '', index } of text.matchAll(BESIDE_ANOTHERS))
    if (!own.includes(name.toLowerCase())) scopes.push([index, index + words.length]);
  const theirs = ANOTHERS_THEN_MINE.exec(text);
  if (theirs) scopes.push([theirs.index, theirs.index + theirs[0].length]);
  return scopes;
}

/** Stretches of a sentence, from and to, about a machine that somebody had once, has meanwhile, or would take for this one. */
export const letGoOrTakenIn = (text: string): readonly (readonly [number, number])[] => [
  ...formerIn(text),
  ...hadIn(text),
  ...[...text.matchAll(TAKEN_FOR_IT)].map((m) => [m.index, m.index + m[0].length] as const),
];
