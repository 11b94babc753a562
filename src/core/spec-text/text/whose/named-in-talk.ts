import { spelt } from '../../vocabulary/letters';
import { scanWords } from '../../vocabulary/lexicon';
import {
  A_PART,
  ACQUIRED,
  AGAINST,
  BACK_TO,
  clauseAt,
  inFull,
  GERMAN_NOUN,
  IS_SO,
  LABEL_OF,
  LISTED,
  MACHINE_VERB,
  MINE,
  MY,
  OF_IT,
  OPENS_WITH,
  PLACE,
  RIVALRY,
  SPOKEN_OF,
  SPOKEN_OF_IN_GERMAN,
  THEN_SAYS,
  THIS_ONE,
} from './turns';

/** A machine by its name, and where that stands. */
export interface Named {
  readonly words: readonly string[];
  readonly from: number;
  readonly to: number;
}

/** Another machine's name; `sure`: the text weighs it against its own, or it has a number like a machine's. */
export interface OtherNamed extends Named {
  readonly sure: boolean;
}

const WORD = String.raw`\p{Lu}\p{Ll}[\p{L}-]+`;
/** "QVR", "QVR700", "J640L", "TQ-5", and names that are shouted. */
const CODE = String.raw`\p{Lu}{2,12}(?:-?\d{1,4}\p{Lu}{0,2})?(?![\p{L}\d])|\p{Lu}\d{3,4}\p{Lu}{0,2}(?![\p{L}\d])`;
const MODEL_NUMBER = String.raw`\d{3,4}(?![\d.,]*\d|[\d.,]*[ -]?(?:cc|ccm|km|kms|mi|miles|kg|kilos?|lbs?|mm|cm|hp|bhp|PS|ch|cv|kW|EUR|€|rpm|Nm|W|L|l)(?![\p{L}'’]))`;
/** No word goes before it; "l'", "dell'" may. */
const BEGINS = String.raw`(?<![\p{L}\d-])(?<!(?<!(?<!\p{L})(?:[lLdD]|[aA]ll|[dD]ell|[sS]ull|[nN]ell|[dD]all|[uU]n))['’])`;
/** Capitalised words and codes in a row with the numbers among them. */
const NAME = new RegExp(
  `${BEGINS}(?:${WORD}|${CODE})(?: (?:${WORD}|${CODE}|${MODEL_NUMBER}))*`,
  'gu',
);
/** A machine told by its number: "the 390 has 35 hp", "the 650 RX". */
const NUMBER = spelt(
  /(?<=(?<!\p{L})(?:[Tt]he|[Dd]ie|[Ll]a|[Dd]e|[Ii]l|[Ee]l) )\d{3,4}(?! ?(?:PS|L|W|V|MM|KG|CC|KM|NM|HP|KW)(?!\p{L}))(?: ?\p{Lu}{1,3}(?!\p{L}))?(?![\d.,]*\d)/gu,
);
/** Capitals that are no machine: aids, money, units, papers, countries. */
const NO_CODE =
  /^(?:abs|tft|lcd|led|usb|gps|ecu|ecm|imu|tc|dtc|asc|esc|drl|tpms|dct|efi|cdi|cvt|vvt|sohc|dohc|ohc|oem|wmtc|ece|mot|rwc|rego|wof|hu|tüv|itv|ct|fsh|v5c?|lams|a1|a2|vin|vat|tva|iva|mwst|otr|pcp|apr|msrp|rrp|pvp|uvp|vb|vhb|obo|ono|usd|eur|gbp|aud|cad|nzd|chf|sek|nok|dkk|pln|czk|zar|uk|us|usa|eu|nz|hp|bhp|ps|kw|nm|rpm|mpg|mph|kmh|km|kg|lb|lbs|mm|cc|dc|ac|ah|diy|faq|ps5?|btw|imo|imho|tbh|fyi|ok|tv|pm|am|nb|edit|update|fs|wtb|wts|nos|pov|ride|test|rtw|adv|two|one|all|not|and|but|so|no|yes|me|my|it|is|at|on|in|of|to|or|if|as|we|he|be|do|go|up|by)$/u;
const YEAR = /^(?:19[5-9]|20[0-4])\d$/;
/** Words that open sentences, and what else has a capital and is no machine. */
const NO_NAME =
  /^(?:the|this|that|these|those|its?|they|there|here|and|but|so|then|also|plus|both|all|every|some|any|one|two|three|you|your|we|our|he|his|she|her|my|mine|if|when|where|while|whereas|with|without|after|before|since|because|although|though|however|overall|still|just|only|even|maybe|perhaps|what|which|who|how|why|not|now|real|same|other|another|base|standard|stock|basic|new|old|low|lowered|road|european|american|british|german|french|italian|spanish|dutch|japanese|euro|rally|adventure|enduro|touring|sport|travel|trail|january|february|march|april|may|june|july|august|september|october|november|december|monday|tuesday|wednesday|thursday|friday|saturday|sunday|maschine|firma|werkstatt|kiste|fuhre|karre|moto|moped|maker|importer|dealer|factory|bike|owner|dry|wet|kerb|die|der|das|den|dem|bei|mit|auf|für|im|in|eine?|meine?|sie|er|es|ihre?|dazu|auch|und|aber|la|le|les|il|lo|el|los|un|una|une|ma|mon|mi|mio|mia|sur|avec|sulla|con|en|sa|son|ses|su|sus|elle|ella|de|het|bij|op|hij|ze|den|det|na|på|med|jag|ich|je|yo|io|ik|me|per|par|dudaba|also|también|ho|ha|on|of|for|at|to|from|by|as|is|it's)$/u;
/** Between a maker's word and the model's. */
const JOINED = /^(?:['’]s)? $|^ (?:from|by|von|de|di|van|från|fra) $/u;
const GERMAN_WORDS = spelt(
  /(?<!\p{L})(?:und|ist|nicht|der|die|das|ein|eine[nmr]?|ich|wiegt|hat|bei|mit|Liter)(?!\p{L})/giu,
);
const NOT_GERMAN = spelt(/(?<!\p{L})(?:the|het|een|is|og|och|são)(?!\p{L})/iu);
const LEAST_GERMAN = 2;
const ARTICLE = spelt(
  /(?<!\p{L})(?:the|an?|his|her|la|una?|une|de|een|el|un|il|a|o|uma?|on|with|for|sulla|della|alla|dalla|nella)(?: \p{Ll}+)? $/iu,
);

/** Parts and people, of whom something is told: "der Reihenzweizylinder hat", "der Händler wiegt sie". */
const HE =
  /(?:zylinder|motor|twin|boxer|antrieb|tank|rahmen|dämpfer|lenker|sitz|verbrauch|preis|computer|auspuff|ständer|kühler|reifen|federweg|stand|service|hersteller|händler|verkäufer|kollege|fahrer|tester|importeur|mechaniker)$/u;
/** He who opens a clause is no motorcycle, which is a she. */
const HE_OPENS = spelt(
  /(?:^|[.!?,;:–\n]\s*|(?<!\p{L})(?:und|aber|dass|weil|wenn|denn|da|ob) )der $/iu,
);
const GERMAN_ARTICLE = spelt(/(?<!\p{L})(?:die|der|eine|einer|zur|heißt|(?:seine|ihre)r?) $/iu);
/** "Brannoch väger 214 kg": a name without an article; "tanken rymmer" is a part. */
const NORDIC_VERB = spelt(/^(?: \d{3,4})? (?:väger|har en|vejer|har et|veier|waży)(?!\p{L})/u);
const DEFINITE = /(?:en|et|an|n|t|na)$/u;
/** "The Alps were wet": mountains, and no machine. */
const MANY = spelt(/^ (?:were|are|have)(?!\p{L})/u);
/** A small letter or a comma and a blank: no sentence begins. */
const INSIDE = spelt(/[\p{Ll},] $/u);

const isOfTrade = (word: string): boolean => scanWords(word).some((m) => m.meanings.length > 0);

/** Names in a text: those of its own machine, and those that it sets beside it. */
export interface NamesInTalk {
  readonly own: readonly Named[];
  readonly others: readonly OtherNamed[];
}

/** Every run of capitals in a text that may be a machine's name. */
function namesOf(text: string, numbered: boolean): readonly Named[] {
  const named = [...text.matchAll(NAME)].flatMap((m): readonly Named[] => {
    const parts = [...m[0].matchAll(/\S+/gu)].map((p) => ({
      word: p[0].toLowerCase(),
      from: m.index + p.index,
      to: m.index + p.index + p[0].length,
    }));
    // "On the Brannoch" has a small word between; "Die Brannoch", "With Brannoch" have none.
    const first = parts.findIndex((p) => !NO_NAME.test(p.word) && !NO_CODE.test(p.word));
    const rest = first < 0 ? [] : parts.slice(first);
    const [head] = rest;
    const last = rest.at(-1);
    return head && last && !/^\d/.test(head.word)
      ? [{ words: rest.map((p) => p.word), from: head.from, to: last.to }]
      : [];
  });
  const bare = numbered
    ? [...text.matchAll(NUMBER)]
        .filter((m) => !YEAR.test(m[0]))
        .map(
          (m): Named => ({
            words: m[0].toLowerCase().split(' '),
            from: m.index,
            to: m.index + m[0].length,
          }),
        )
    : [];
  return [...named, ...bare].sort((a, b) => a.from - b.from);
}

/** The sentence that holds a place, roughly. */
const about = (text: string, { from, to }: Named): string =>
  text.slice(Math.max(0, text.lastIndexOf('. ', from), text.lastIndexOf('\n', from)), to + 40);

/**
 * The own machine wherever the text names it, and other machines: a name beside one of the own is its too; a name is another's where
 * the text weighs it against the own machine, where it has a number like a machine's, or where it does what machines do. None where
 * the own name is not known. Linear in the text.
 * @param own words of the machine's name, in small letters
 */
export function namesInTalk(text: string, own: readonly string[]): NamesInTalk {
  const none = { own: [], others: [] };
  const numbers = own.filter((w) => /^\d{3,4}/.test(w));
  const isOwn = new Set(own.filter((w) => /\p{L}{2}|\p{L}-?\d|\d\p{L}/u.test(w)));
  if (isOwn.size === 0 && numbers.length === 0) return none;
  const all = namesOf(text, numbers.length > 0);
  const ofOwn = (n: Named) =>
    n.words.some((w) => isOwn.has(w)) ||
    // "The 450", but not "the 450 S", which is another of them.
    (/^\d/.test(n.words[0] ?? '') && n.words.every((w) => own.includes(w)));
  // "The Tor 490 from Hennock": the maker's word is the machine's too.
  for (const [i, n] of all.entries())
    for (const beside of [all[i - 1], all[i + 1]]) {
      if (
        !beside ||
        !ofOwn(beside) ||
        /^\d/.test(n.words[0] ?? '') ||
        n.words.some((w) => /^\d/.test(w))
      )
        continue;
      const [a, b] = n.from < beside.from ? [n, beside] : [beside, n];
      if (JOINED.test(text.slice(a.to, b.from))) for (const w of n.words) isOwn.add(w);
    }
  const ours = all.filter(ofOwn);
  // "Kestwick Rove": the maker's word came along with the model's.
  for (const n of ours)
    for (const w of n.words) if (/\p{L}{3}/u.test(w) || /\p{L}-?\d/u.test(w)) isOwn.add(w);
  const rest = all.filter((n) => !ofOwn(n));
  if (rest.length === 0) return none;
  const talkedOf = ours.length > 1 || text.search(THIS_ONE) >= 0 || text.search(MINE) >= 0;
  const german = (text.match(GERMAN_WORDS)?.length ?? 0) >= LEAST_GERMAN && !NOT_GERMAN.test(text);
  const known = new Map<string, boolean>();
  const ofTrade = (word: string): boolean => {
    const found = known.get(word) ?? isOfTrade(word);
    known.set(word, found);
    return found;
  };
  /** Written with its capital inside a sentence too, where that tells a name. */
  const proper = new Set(
    german
      ? []
      : rest
          .filter((n) => INSIDE.test(text.slice(Math.max(0, n.from - 2), n.from)))
          .map((n) => n.words[0] ?? ''),
  );
  const isProper = (word: string): boolean => proper.has(word);
  /** 0: none, 1: perhaps, 2: surely another machine. */
  const evidence = (n: Named): number => {
    const before = inFull(text.slice(Math.max(0, n.from - BACK_TO), n.from));
    const behind = text.slice(n.to, n.to + 60);
    const does = MACHINE_VERB.test(behind);
    const [head = '', ...more] = n.words;
    if (/^\d/.test(head) && more.length === 0) return does ? 2 : 0;
    if (RIVALRY.test(head) || (!/\d/.test(head) && ofTrade(head))) return 0;
    if (AGAINST.test(before) && (!german || GERMAN_ARTICLE.test(before) || isProper(head)))
      return 2;
    const withArticle = (german ? GERMAN_ARTICLE : ARTICLE).test(before);
    const numbered = [head, ...more].some((w) => /\d/.test(w) && !YEAR.test(w));
    const my = MY.test(before) && !A_PART.test(behind);
    const got = ACQUIRED.test(before);
    if (numbered && (withArticle || my || does || got || LISTED.test(behind))) return 2;
    if (withArticle && RIVALRY.test(about(text, n))) return 2;
    if (german && HE_OPENS.test(before) && HE.test(head)) return 0;
    const alone = talkedOf && !german ? 2 : 1;
    if (does && (withArticle || isProper(head))) return alone;
    if (NORDIC_VERB.test(behind) && !DEFINITE.test(head)) return 1;
    if (A_PART.test(behind) || MANY.test(behind)) return 0;
    if (german) return SPOKEN_OF_IN_GERMAN.test(before) && !GERMAN_NOUN.test(head) ? 1 : 0;
    if (LABEL_OF.test(before) && IS_SO.test(behind)) return alone;
    const opening = inFull(text.slice(clauseAt(text, n.from), n.from));
    const opens = OPENS_WITH.test(opening) && THEN_SAYS.test(behind);
    return opens || OF_IT.test(opening) || my || (SPOKEN_OF.test(before) && !PLACE.test(before))
      ? 1
      : 0;
  };
  const others = new Map<string, number>();
  for (const n of rest) {
    const key = n.words[0] ?? '';
    const found = others.get(key) ?? 0;
    if (found < 2) others.set(key, Math.max(found, evidence(n)));
  }
  return {
    own: ours,
    others: rest.flatMap((n): readonly OtherNamed[] => {
      const found = others.get(n.words[0] ?? '') ?? 0;
      return found === 0 ? [] : [{ ...n, sure: found === 2 }];
    }),
  };
}
