import { scanWords } from '../../vocabulary/lexicon';
import { AGAINST, MACHINE_VERB } from './turns';

/** A word that may be a machine's name, and where it stands. */
export interface Named {
  readonly word: string;
  readonly from: number;
  readonly to: number;
}

const CAPITAL = /(?<![\p{L}\d-])\p{Lu}\p{Ll}[\p{Ll}-]+/gu;
/** A machine told by its number: "the 390 has 35 hp". */
const NUMBER = /(?<=(?<!\p{L})(?:[Tt]he|[Dd]ie|[Ll]a|[Dd]e|[Ii]l|[Ee]l) )\d{3,4}(?![\d.,]*\d)/gu;
const YEAR = /^(?:19[5-9]|20[0-4])\d$/;
/** Words that open sentences, names of months, tongues and countries, and what else has a capital and is no machine. */
const NO_NAME =
  /^(?:The|This|That|These|Those|It|Its|They|There|Here|And|But|So|Then|Also|Plus|Both|All|Every|Some|Any|One|Two|Three|You|Your|We|Our|He|His|She|Her|My|Mine|If|When|Where|While|Whereas|With|Without|After|Before|Since|Because|Although|Though|However|Overall|Still|Just|Only|Even|Maybe|Perhaps|What|Which|Who|How|Why|Not|Now|Real|Same|Other|Another|Base|Standard|Stock|Basic|New|Old|Low|Lowered|Road|European|American|British|German|French|Italian|Spanish|Dutch|Japanese|Euro|Rally|Adventure|Enduro|Touring|Sport|Travel|Trail|January|February|March|April|May|June|July|August|September|October|November|December|Monday|Tuesday|Wednesday|Thursday|Friday|Saturday|Sunday|Maschine|Firma|Werkstatt|Kiste|Fuhre|Karre|Moto|Moped|Maker|Importer|Dealer|Factory|Bike|Owner|Dry|Wet|Kerb)$/u;
/** Between a maker's word and the model's. */
const JOINED = /^(?:['’]s)? $|^ (?:\d{2,4} )?(?:from|by|von|de|di|van|från|fra) $/u;

const isOfTrade = (word: string): boolean =>
  scanWords(word).some((m) => m.meanings.some((x) => x.kind !== 'side'));

/** Names in a text: those of its own machine, and those that it sets beside it. */
export interface NamesInTalk {
  readonly own: readonly Named[];
  readonly others: readonly Named[];
}

const WITH_ARTICLE = /(?:^|[^\p{L}])(?:[Tt]he|[Ll]a|[Dd]e|[Ee]l|[Ii]l|[Hh]is|[Hh]er|[Oo]|[Aa]) $/u;

/** As far as words are looked back for, in characters. */
const BACK_TO = 44;

/**
 * The own machine wherever the text names it, and other machines: a name beside one of the own is its too, a name is another's where
 * the text weighs it against the own machine, or has it do what machines do. None where the own name is not known. Linear in the text.
 * @param own words of the machine's name, in small letters
 */
export function namesInTalk(text: string, own: readonly string[]): NamesInTalk {
  const words = own.filter((w) => /\p{L}{3}/u.test(w));
  const numbers = own.filter((w) => /^\d{3,4}$/.test(w));
  const none = { own: [], others: [] };
  if (words.length === 0 && numbers.length === 0) return none;
  const all = [
    ...[...text.matchAll(CAPITAL)].map(
      (m): Named => ({ word: m[0].toLowerCase(), from: m.index, to: m.index + m[0].length }),
    ),
    ...[...text.matchAll(NUMBER)]
      .filter((m) => numbers.length > 0 && !YEAR.test(m[0]))
      .map((m): Named => ({ word: m[0], from: m.index, to: m.index + m[0].length })),
  ]
    .filter((n) => !NO_NAME.test(text.slice(n.from, n.to)))
    .sort((a, b) => a.from - b.from);
  const isOwn = new Set([...words, ...numbers]);
  const isJoined = (a: Named, b: Named) => JOINED.test(text.slice(a.to, b.from));
  // "The Tor from Hennock": the maker's word is the machine's too.
  for (const [i, name] of all.entries())
    for (const beside of [all[i - 1], all[i + 1]])
      if (beside && isOwn.has(beside.word) && !/^\d/.test(beside.word) && !/^\d/.test(name.word)) {
        const [a, b] = name.from < beside.from ? [name, beside] : [beside, name];
        if (isJoined(a, b)) isOwn.add(name.word);
      }
  const ours = all.filter((n) => isOwn.has(n.word));
  const rest = all.filter((n) => !isOwn.has(n.word));
  if (rest.length === 0) return none;
  const talkedOf =
    ours.some((n, i) => i > 0 && text.slice(ours[0]?.to, n.from).includes('\n')) || ours.length > 1;
  const others = new Set<string>();
  const known = new Map<string, boolean>();
  const ofTrade = (word: string): boolean => {
    const found = known.get(word) ?? isOfTrade(word);
    known.set(word, found);
    return found;
  };
  for (const n of rest) {
    if (others.has(n.word)) continue;
    const before = text.slice(Math.max(0, n.from - BACK_TO), n.from);
    const behind = text.slice(n.to, n.to + 16);
    const isNumber = /^\d/.test(n.word);
    const does = MACHINE_VERB.test(behind);
    const told = isNumber
      ? does
      : AGAINST.test(before) || (talkedOf && WITH_ARTICLE.test(before) && does);
    if (told && (isNumber || !ofTrade(n.word))) others.add(n.word);
  }
  return others.size === 0 ? none : { own: ours, others: rest.filter((n) => others.has(n.word)) };
}
