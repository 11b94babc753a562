import { spelt } from '../../vocabulary/letters';
import { languagesOf } from '../../vocabulary/lexicon';
import { isAdvert, isHad, isLookedAt } from '../whose/drawn-to';
import { FORMER_REACH, isFormer } from '../whose/former';
import { AGAINST, GERMAN_NOUN, LISTED, MACHINE_VERB } from '../whose/turns';
import type { Run } from './runs';
import { hasNumber, isTelling } from './runs';

/** A run of words, and what its line says beside it. */
export interface Candidate extends Run {
  readonly line: string;
  /** Of the lines that were looked through. */
  readonly lineIndex: number;
  /** Nothing but an opening stands before it. */
  readonly heads: boolean;
  /** Told at the opening. */
  readonly year: number | undefined;
}

/** Words before a name by which somebody tells that it is what the text is about. */
const OFFERED = spelt(
  /(?:for sale:?|selling(?: my)?|sell my|swap my|for my|verkaufe(?: meine)?|biete(?: hier)? meine|zu verkaufen:?|vends(?: ma)?|se vende|vendo|te koop:?|vende-se|myydään|the new|lot \d+:|it['’]s the|my new|about the|specs on the|on (?:a|the|my)|(?:picked up|bought|got|ordered|owned|own|have|ride|riding|switched to|moved to|changed to|swapped (?:it )?for|went for)(?: an?| the| my)|mine,? (?:is )?an?|fahre (?:eine|die|meine)|meine|ma|mi|mia|mijn|onze|min|moja|minha|looking at (?:the|an?)|considering (?:the|an?)|(?:my|our)(?: (?!own|old|other|last|previous|former|current)\p{Ll}+)?) $/iu,
);
const ARTICLE = spelt(
  /(?<!\p{L})(?:the|an?|die|der|das|dem|zur|zum|vom|la|le|el|il|une?|una|de|een|het|den|en|uma?)(?: \p{Ll}+)? $/iu,
);
/** Behind a head that says what kind of text it is. */
const BEHIND_HEAD = spelt(/(?:[:–—(|]|(?<!\p{L})-) ?$/u);
const YEAR_BEFORE = /(?<!\d)(?:(?:19[5-9]|20[0-3])\d|['’]\d{2}) $/u;

const SOMEBODY_ELSES = spelt(
  /(?<!\p{L})(?:mate|buddy|friend|brother|wife|husband|neighbou?r|pal|dad|son)['’]s $|(?<!\p{L})(?:(?:mate|buddy|friend|brother|wife|husband|neighbou?r|pal|dad|he|she|kumpel|freund|frau|copain|pote|amigo|amico|vriend|kompis)(?: \p{Lu}\p{Ll}+)?(?:['’]s got| rides| has| had| owns| bought| got| hat| fährt| hatte| a| tiene| ha| heeft| rijdt| har| kör)|(?:coming|came|moved(?: on| up| over)?|upgraded|stepp(?:ed|ing) (?:up|down)) from|replac(?:ed|es|ing)|(?:I|ich|ik|jag) (?:had|hatte|hade)|(?:vorher|früher|zuvor)(?: \p{L}+){0,3}) (?:an?|the|my|his|her|eine|die|une|la|una|een|en) $|(?<!\p{L})(?:traded(?: in)?|sold|swapped|exchanged) my $|(?<!\p{L})(?:old|last|previous|former|alte|vorige|ancienne|vecchia|antigua|anterior|oude|gamla) $|(?<!\p{L})(?:current|present|aktuelle[sr]?|actuelle|attuale|actual|huidige) (?:bike|ride|machine|motorrad|moto|motor): ?$/iu,
);

/** Behind a name that nothing but a heading has: a stop, a bracket, what the text is. */
const STOPS = spelt(
  /^\s*(?:$|[,;:(|/–—\t]|- |\.(?:\s|$)|['’]?\d{2}(?!\p{L})|-\d{2}(?!\d)|(?:19|20)\d\d|(?:is )?(?:for sale|review|test|specs?|specifications?|technical|technische|model|modell|modelo|modello|modèle|te koop|zu verkaufen|à vendre|till salu|uit|uit het|anno|año|année|bj|ez|baujahr|de (?:19|20)\d\d|del? (?:19|20)\d\d)(?!\p{L}))/iu,
);

/** "My Ardmoor 800 was 227 kg": the one before. */
const NO_MORE = spelt(
  /^ (?:was|had|weighed|made|used to|hatte|wog|war|avait|pesait|tenía|pesaba|aveva)(?!\p{L})/u,
);
const MY = spelt(/(?<!\p{L})(?:my|meine|ma|mi|mia|mijn) $/iu);
const OPENS_SENTENCE = /(?:^|[.!?:;(–—-] ?|\| ?)$/u;
const OPENS_CLAUSE = /(?:^|[.!?,;] )$/u;
/** A year or another figure, as in the head of a list of them. */
const THEN_FIGURE = /^(?:,? |,? \()(?:19[5-9]|20[0-3])\d(?!\d)|^, \d/u;
const GERMAN_ARTICLE = spelt(/(?<!\p{L})(?:die|der|das) $/iu);

/** Its place among the vocabularies. */
const GERMAN = 1;

const SOLD_BEHIND = spelt(
  /^,? (?:for sale|abzugeben|zu verkaufen|à vendre|te koop|till salu|in vendita|en venta|à venda|na sprzedaż)(?!\p{L})/iu,
);

/** "My mate Dave's 450": whose it is, and no maker. */
const OF_A_FRIEND = spelt(
  /(?<!\p{L})(?:mate|buddy|friend|brother|neighbou?r|pal|uncle|son|cousin|colleague) $/iu,
);

const isShort = (line: string): boolean => line.trim().length <= 60;

/** Points for a name by what speaks for it: hand-set, tried on the corpus. */
const POINTS = {
  number: 3,
  makerToo: 0.5,
  head: 3,
  offered: 2,
  year: 2,
  article: 1,
  behindHead: 1,
  does: 1,
  again: 1,
  elses: -5,
  noMore: -4,
  against: -3,
  title: 1.5,
  line: -2,
  place: -1 / 100,
};

/** As far as words are looked back for before a name, in characters. */
const BACK_TO = 60;

/** Whether words without a number may be a name, where they stand; one alone only in talk. */
function mayBePlain(
  c: Candidate,
  before: string,
  behind: string,
  { talk, german }: WholeText,
): boolean {
  const told = STOPS.test(behind) || MACHINE_VERB.test(behind);
  if (c.words.length === 1)
    return (
      c.year !== undefined ||
      (talk &&
        ARTICLE.test(before) &&
        MACHINE_VERB.test(behind) &&
        !(GERMAN_ARTICLE.test(before) && GERMAN_NOUN.test(c.words[0] ?? '')))
    );
  return (
    (c.heads && (told || c.year !== undefined || isShort(c.line))) ||
    YEAR_BEFORE.test(before) ||
    (OPENS_CLAUSE.test(before) && LISTED.test(behind) && !german) ||
    (OFFERED.test(before) && told)
  );
}

/** "Koffern 231": in German every noun has its capital; elsewhere the first word of a sentence has. */
function mayBeNumbered(
  c: Candidate,
  before: string,
  behind: string,
  { german }: WholeText,
): boolean {
  if (c.maker !== undefined) return !OF_A_FRIEND.test(before);
  if (c.heads || c.words.length > 2 || isLookedAt(before)) return true;
  if (ARTICLE.test(before) || OFFERED.test(before) || YEAR_BEFORE.test(before)) return true;
  if (BEHIND_HEAD.test(before) || SOLD_BEHIND.test(behind) || c.words.some(isTelling)) return true;
  return OPENS_SENTENCE.test(before)
    ? LISTED.test(behind) || MACHINE_VERB.test(behind) || THEN_FIGURE.test(behind)
    : !german;
}

/** The text that names are looked for in. */
export interface WholeText {
  readonly words: string;
  /** All of it is known, and it may speak of a machine by one word. */
  readonly talk: boolean;
  readonly german: boolean;
}

export const textOf = (words: string, talk: boolean): WholeText => ({
  words,
  talk,
  german: languagesOf(words).has(GERMAN),
});

/** Whether a name is that of a machine somebody had and has no more. */
export const isHadOnce = ({ line, from, to }: Candidate): boolean =>
  isFormer(line.slice(Math.max(0, from - BACK_TO), from), line.slice(to, to + FORMER_REACH));

/** How much speaks for a run of words as the name of the machine that a text is about; undefined: it is none. */
export function pointsOf(c: Candidate, text: WholeText): number | undefined {
  const before = c.line.slice(Math.max(0, c.from - BACK_TO), c.from);
  const behind = c.line.slice(c.to, c.to + 60);
  const may = hasNumber(c) ? mayBeNumbered : mayBePlain;
  if (!may(c, before, behind, text)) return undefined;
  const former = isHadOnce(c);
  const told = c.words.join(' ');
  const at = text.words.indexOf(told);
  const again = text.words.indexOf(c.words.slice(-2).join(' '), at + told.length) >= 0;
  const yes = (is: boolean, points: number): number => (is ? points : 0);
  return (
    yes(hasNumber(c), POINTS.number) +
    yes(c.maker !== undefined || c.words.length > 2, POINTS.makerToo) +
    yes(c.heads, POINTS.head) +
    yes(c.heads && STOPS.test(behind), POINTS.title) +
    yes(!former && OFFERED.test(before), POINTS.offered) +
    yes(YEAR_BEFORE.test(before), POINTS.year) +
    yes(ARTICLE.test(before), POINTS.article) +
    yes(BEHIND_HEAD.test(before), POINTS.behindHead) +
    yes(MACHINE_VERB.test(behind), POINTS.does) +
    yes(again, POINTS.again) +
    yes(former || SOMEBODY_ELSES.test(before), POINTS.elses) +
    yes(MY.test(before) && NO_MORE.test(behind), POINTS.noMore) +
    yes(AGAINST.test(before), POINTS.against) +
    c.lineIndex * POINTS.line +
    c.from * POINTS.place
  );
}

interface Told {
  readonly candidate: Candidate;
  readonly points: number;
}

const wordsBefore = ({ line, from }: Candidate): string =>
  line.slice(Math.max(0, from - FORMER_REACH), from);

/** "My daily is a Brunda 650, but I've been eyeing the Vastel 450": of one that is had and one that is looked at, the text is about the second. */
export function besideLookedAt(told: readonly Told[], text: WholeText): readonly Told[] {
  if (isAdvert(text.words)) return told;
  const lookedAt = told.filter(({ candidate: c }) => hasNumber(c) && isLookedAt(wordsBefore(c)));
  const isSame = (a: Candidate, b: Candidate): boolean => a.words.at(-1) === b.words.at(-1);
  return lookedAt.length === 0
    ? told
    : told.map((t) =>
        isMeanwhiles(t.candidate) && !lookedAt.some((o) => isSame(o.candidate, t.candidate))
          ? { ...t, points: t.points + POINTS.elses }
          : t,
      );
}

/** The machine that somebody has, whose year is no other's. */
export const isMeanwhiles = (c: Candidate): boolean => isHad(wordsBefore(c));
