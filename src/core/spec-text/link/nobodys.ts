import { spelt } from '../vocabulary/letters';
import type { Mention } from '../vocabulary/lexicon';

/** What makes a figure nobody's, or another machine's: the words around it. */

/** "Ich suche was Leichtes: unter 170 kg": what somebody wishes for, and no machine's. */
export const WANTED = spelt(
  /^[^\n]{0,90}(?<!\p{L})(?:suche ich|zoek ik|söker jag|søger jeg|søker jeg|leter jeg etter) (?:was|etwas|eine?n?|iets|een|något|noget|noe|en|et[tn]?)(?!\p{L})|^[^.:]{0,24}(?<!\p{L})(?:(?:ich )?such(?:e)? (?:was|etwas|eine?n?|nach)|(?:(?:I['’]?m |we['’]?re |am )?(?:looking for|in the market for)|(?:(?:I['’]?m|we['’]?re|am)(?: only| really| still)?|(?<=^\s*)) ?after) (?:a|an|something|anything)(?! (?:\p{L}+ )?(?:seasons?|years?|months?|weeks?|days?|while|bit|ride|winter|summer|service|few|couple|thousand|hundred|test|trip|wash|tank))|(?:I )?wants? (?:something|anything) (?:\p{L}+er|light|low|small)|(?:I['’]?d |I |would )?prefer(?:ably)? (?:an?|something|anything)|(?:the )?(?:lowest|highest|tallest|most|heaviest|longest) (?:\p{L}+ )?(?:that )?(?:I|we) can|(?:my|our) (?:own |absolute |personal |upper )?(?:limits?|ceiling)(?: is| are| would be| sits at|:)|WTB|wanted:|cerco (?:una?|qualcosa)|busco (?:una?|algo)|(?:je )?cherche (?:une?|quelque)|ik zoek (?:een|iets)|(?:jag )?söker (?:en|något)|(?:jeg )?(?:søker|søger|leter etter) (?:en|noe|noget)|szukam (?:czegoś|motocykla)|procuro (?:uma?|algo)|hledám (?:něco|motorku)|etsin)(?!\p{L})|^[^.:]{0,24}(?<!\p{L})(?:aim|goal|target|ziel|objectif|objetivo|obiettivo|doel|mål(?:et)?|cel|cíl|tavoite)(?: (?:weight|is|was|ist|est|es|è|är|er|to (?:be|have|get)|to)| ?[:=]){1,3} (?:about |around |under |etwa |unter |environ |sous |unos |circa |ongeveer |onder |cirka |under )?\d|^[^.:]{0,24}(?<!\p{L})(?:looking for|in the market for|such(?:e|en)|cerco|busco|cherche|zoek|söker|søker|søger|szukam|procuro|hledám)(?: (?:under|below|less than|at most|at least|about|around|max\.?|min\.?|unter|höchstens|mindestens|etwa|ca\.?|moins de|environ|menos de|meno di|circa|onder|minder dan|under|mindre än|mindre end|mindre enn|poniżej|do|pod))? ?\d[\d.,]* ?(?:kg|kilos?|lbs?|pounds|mm|cm|inch(?:es)?|in|hp|bhp|ps|pk|hk|cv|ch|kw|l|lit(?:re|er)s?|ccm?)(?!\p{L})/iu,
);

/** "If they made it with a 20 litre tank", "rumour says 190 kg": nobody's machine. */
export const UNREAL = spelt(
  /(?<!\p{L})(?:if (?:only )?(?:they|it|she|I|the makers?|somebody|someone)(?:['’]d(?: given| made| put| had)?| had| were| made| (?:built|came|was|offered|sold|would|could))|I wish (?:it|they|she)|wenn (?:sie|es|die|der) (?:doch |nur )?(?:[\p{L}\d.,-]+ ){0,6}(?:hätte|wäre|gäbe)|si (?:elle|elles|ils) (?:avai(?:t|ent)|faisai(?:t|ent)|étai(?:t|ent))|ojalá|si (?:tuviera|fuera)|se (?:avesse|fosse)|rumou?rs? (?:says?|has it|is|are)|rumou?red|leaked|gerüchte?)(?!\p{L})/iu,
);

/** "Avoid the 2018-2020: 14 l tank, 200 kg". */
export const AVOIDED = spelt(
  /^\s*(?:avoid|don['’]t buy|do not buy|stay away from|steer clear of|skip|finger weg von|évitez?|evita(?:te|d)?) (?:the|any|der|die|den|la|les|le|il|el|los)(?!\p{L})/iu,
);

/** "The 2027 gets 5 kW more", from somebody who has another. */
export const NEXT_ONE = spelt(
  /^\s*(?:the|next year['’]s|der|die|das|la|le|il|el) (?:(?:20[2-4]\d|next|coming|new)(?: (?:one|model|version|modell|modèle))?|one) (?:gets|will (?:get|have|be)|is (?:getting|going to)|bekommt|wird|aura|avrà|tendrá)(?!\p{L})/iu,
);

/** "Mods: 6.6 gal tank (stock 4.0), 14T front": what was made of it. */
export const MODIFIED =
  /^\s*(?:my (?:set-?up|build|rig)|mods?|modifications|modded|upgrades|fitted(?: with| extras| parts)?|umbauten|verbaut|modifs?|modifiche|modificaciones|(?:what|things|parts|all) (?:I(?:['’]ve| have)?|we|he|she|was|is|has been|got)? ?(?:changed|modified|upgraded|swapped|did)(?: (?:on|to) [^:]{2,40})?|was (?:ich )?(?:geändert|umgebaut|verändert)(?: habe| ist| wurde)?|ce que j['’]ai (?:changé|modifié)|cosa ho cambiato|lo que (?:he cambiado|cambié))(?: so far| done)?\s*:/iu;

/** "Carry: 0.5 l oil, 2 l fuel, two tubes": what goes into the bags. */
export const PACKED = spelt(
  /^\s*(?:(?:going|off|leaving|travelling|setting off)(?!\p{L})[^.:]{0,40} with\s*:|(?:(?:I|we) )?(?:always )?(?:carry|carrying|pack|packed|packing list|tool ?roll|spares(?: list| I carry)?|in (?:the|my) (?:bags?|panniers|tank ?bag|tool ?roll)|dabei|mitnehmen|à emporter|para llevar)\s*[:,])/iu,
);

/** "Dave's is ninety five horse, mine's seventy three": what stands before one's own is another's. */
export const ANOTHERS_THEN_MINE = spelt(
  /^\s*(?:but )?(?:\p{Lu}\p{Ll}+['’]s|his|hers?|their|he['’]s got|she['’]s got)(?!\p{L})[^.]*?(?=(?<!\p{L})(?:mine['’]s|mine is|i['’]ve got|i have))/iu,
);

/** "The little one's got 190 of clearance and this one": up to where it is this one's turn. */
export const LITTLE_ONE = spelt(
  /(?<!\p{L})the (?:little|smaller|small|bigger|big|other|cheaper) one(?!\p{L})[^.]*?(?=(?<!\p{L})this one(?!\p{L}))/iu,
);

/** "The small one (300 cc, 780 mm seat) …; the big one …": which of them is this one is not said. */
const SMALL_AND_BIG = spelt(
  /(?<!\p{L})the (?:(?:little|smaller|small) one(?!\p{L})(?=[^.]*?\d[^.]*?(?<!\p{L})the (?:bigger|big|larger|large) one(?!\p{L}))|(?:bigger|big|larger|large) one(?!\p{L})(?=[^.]*?\d[^.]*?(?<!\p{L})the (?:little|smaller|small) one(?!\p{L})))/iu,
);

/** "; the S has 210 mm": a version by its letters. */
const BY_LETTERS =
  /(?:^ ?|[;,.] ?)(?:[Ww]hile |[Bb]ut |[Aa]nd |[Ww]hereas )?[Tt]he ([A-Z]{1,2}\d?) (?:has|gets|comes|weighs|makes|adds|offers|sits)(?! the same)[^.;]*$/u;
/** Whether another version than the machine's own is told of right before a number. */
export const isOfLetters = (before: string, own: readonly string[]): boolean => {
  const [, letters] = BY_LETTERS.exec(before) ?? [];
  return letters !== undefined && !own.includes(letters.toLowerCase());
};

/** "Base / Rally: seat 860 / 895 mm": two versions named at the head, and the second number of each pair. */
const TWO_VERSIONS = spelt(
  /^\s*(?:[-*•] ?)?(\p{Lu}[\p{L}\d-]{2,14}) ?\/ ?(\p{Lu}[\p{L}\d-]{2,14}) ?:/u,
);
const SIDES_OR_STATES = spelt(
  /^(?:front|rear|fork|shock|dry|wet|kerb|curb|dry|low|high|std|standard|claimed|tested|stock|vorne?|hinten|trocken|voll|avant|arrière|avanti|dietro|del\p{L}*|tras\p{L}*|max|min|city|hwy|highway|town|urban|metric|imperial|usa?|uk|eu)$/iu,
);
const isOfSecondVersion = (
  text: string,
  from: number,
  mentions: readonly Pick<Mention, 'from' | 'meanings'>[],
): boolean => {
  if (!/\d ?\p{L}{0,4} ?\/ ?[£$€]?$/u.test(text.slice(Math.max(0, from - 12), from))) return false;
  const [head = '', ...names] = TWO_VERSIONS.exec(text) ?? [];
  return (
    names.length > 0 &&
    !names.some((n) => SIDES_OR_STATES.test(n)) &&
    !mentions.some(
      (m) =>
        m.from < head.length && m.meanings.some((x) => x.kind === 'label' || x.kind === 'basis'),
    )
  );
};

/** Whether a line tells of two machines or versions, and a number at this place is not surely this one's. */
export const isOfTwoInLine = (
  line: string,
  at: number,
  mentions: readonly Pick<Mention, 'from' | 'meanings'>[],
): boolean =>
  isOfSecondVersion(line, at, mentions) || at > (SMALL_AND_BIG.exec(line)?.index ?? Infinity);

/** "Would swap for a bike under 150 kg with six speeds": what somebody would take for it. */
export const TAKEN_FOR_IT = spelt(
  /(?<!\p{L})(?:(?:(?:would|will|may|might|can|could|happy to|open to|willing to|looking to|consider(?:ing)?(?: an?)?) )(?:part[- ]?ex(?:change)?|p\/?x|swap|swop|trade|exchange)s?(?: (?:it|this|her|him|mine))?(?: with| plus)?(?: (?:cash|money))?(?: either way)?,?|(?:swaps?|swops?|trades?|part[- ]?ex(?:change)?|p\/?x)(?: considered| possible| welcome)?|tausch(?:e|en)?(?: (?:möglich|auch|sie|nur))?|échange(?: possible)?|(?:cambio|permuto|permuta)(?: posible| possibile)?|ruil(?:en)?(?: mogelijk)?|byt(?:e[rs]?|tes?)(?: möjligt| mulig)?|zamieni[ęe]|(?:troco|aceito troca)|vyměním|vaihdan) (?:for|against|gegen|contre|por|con|tegen|mot|til|na|za) (?:(?:an?|something|anything|eine?n?|etwas|was|une?|quelque chose|una?|algo|qualcosa|een|iets|en|ett|et|något|noget|noe|uma?|coś|něco) )[^.;!?\n]*?(?=[.;!?\n]|,? (?:(?:and|but) )?(?:it|she|mine|sie|die|elle|pesa|hij|den|the (?:bike|tank|seat)) (?:has|is|weighs|hat|ist|wiegt|a|est|pèse|heeft|weegt|har|väger|vejer|veier)(?!\p{L})|$)/giu,
);

/** "206 kg tous pleins faits, dont 14 kg de protections", "221 kg, davon 12 kg Koffer": not as it came. */
export const OF_WHICH = spelt(
  /^[^\d.;:]{0,28}(?:,|\()? ?(?<!\p{L})(?:dont|di cui|de los cuales|de los que|davon|waarvan|varav|hvorav|heraf|z czego|z toho|dos quais)(?!\p{L})[^\d.;:]{0,8}\d+(?:[.,]\d+)? ?(?:kg|kilos?|lbs?)(?!\p{L})(?! (?:di |de |d['’]|van )?(?:benzina|carburante|essence|carburant|sprit|benzin|kraftstoff|gasolina|combustible|brandstof|benzine|bränsle|drivstoff|brændstof|paliw|paliv))/iu,
);
