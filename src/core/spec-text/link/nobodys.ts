import type { Quantity } from '../lattice/quantity';
import type { Mention } from '../vocabulary/lexicon';

/** What makes a figure nobody's, or another machine's: the words around it. */

/** "Ich suche was Leichtes: unter 170 kg": what somebody wishes for, and no machine's. */
export const WANTED =
  /^[^.:]{0,24}(?<!\p{L})(?:(?:ich )?such(?:e)? (?:was|etwas|eine?n?|nach)|(?:I['’]?m |we['’]?re |am )?(?:looking for|after|in the market for) (?:a|an|something|anything)|(?:I )?wants? (?:something|anything) (?:\p{L}+er|light|low|small)|(?:I['’]?d |I |would )?prefer(?:ably)? (?:an?|something|anything)|WTB|wanted:|cerco (?:una?|qualcosa)|busco (?:una?|algo)|(?:je )?cherche (?:une?|quelque))(?!\p{L})/iu;

/** "Extra set of sprockets 13/50": none that is on the machine. */
export const SPARE =
  /(?<!\p{L})(?:extra|spare|second|additional|ersatz\p{L}*|zusätzlich\p{L}*|de rechange|di ricambio|de repuesto)(?: set| pair| satz)?(?: of)?(?: (?:sprockets?|ritzel|kettensatz|pignons?|wheels?|rims?|tyres?|tires?|springs?|\p{L}+ (?:sprockets?|springs?|wheels?|rims?|tyres?|tires?)))(?: \(| of|:|,)? ?(?:\d\d ?[/-] ?)?$/iu;

/** "I was promised four litres": what was hoped for. */
export const PROMISED =
  /(?<!\p{L})(?:promised|should have been|hoped for|hoping for|expected|versprochen(?: waren)?|promis)(?: me| us)?(?: about| around| a)? $/iu;

/** "If they made it with a 20 litre tank", "rumour says 190 kg": nobody's machine. */
export const UNREAL =
  /(?<!\p{L})(?:if (?:only )?(?:they|it|she|I|the makers?|somebody|someone)(?:['’]d(?: given| made| put| had)?| had| were| made| (?:built|came|was|offered|sold|would|could))|I wish (?:it|they|she)|wenn (?:sie|es|die|der) (?:doch |nur )?(?:[\p{L}\d.,-]+ ){0,6}(?:hätte|wäre|gäbe)|si (?:elle|elles|ils) (?:avai(?:t|ent)|faisai(?:t|ent)|étai(?:t|ent))|ojalá|si (?:tuviera|fuera)|se (?:avesse|fosse)|rumou?rs? (?:says?|has it|is|are)|rumou?red|leaked|gerüchte?)(?!\p{L})/iu;

/** "Avoid the 2018-2020: 14 l tank, 200 kg". */
export const AVOIDED =
  /^\s*(?:avoid|don['’]t buy|do not buy|stay away from|steer clear of|skip|finger weg von|évitez?|evita(?:te|d)?) (?:the|any|der|die|den|la|les|le|il|el|los)(?!\p{L})/iu;

/** "The 2027 gets 5 kW more", from somebody who has another. */
export const NEXT_ONE =
  /^\s*(?:the|next year['’]s|der|die|das|la|le|il|el) (?:(?:20[2-4]\d|next|coming|new)(?: (?:one|model|version|modell|modèle))?|one) (?:gets|will (?:get|have|be)|is (?:getting|going to)|bekommt|wird|aura|avrà|tendrá)(?!\p{L})/iu;

/** "Mods: 6.6 gal tank (stock 4.0), 14T front": what was made of it. */
export const MODIFIED =
  /^\s*(?:my (?:set-?up|build|rig)|mods?|modifications|modded|upgrades|fitted(?: with| extras| parts)?|umbauten|verbaut|modifs?|modifiche|modificaciones|(?:what|things|parts|all) (?:I(?:['’]ve| have)?|we|he|she|was|is|has been|got)? ?(?:changed|modified|upgraded|swapped|did)(?: (?:on|to) [^:]{2,40})?|was (?:ich )?(?:geändert|umgebaut|verändert)(?: habe| ist| wurde)?|ce que j['’]ai (?:changé|modifié)|cosa ho cambiato|lo que (?:he cambiado|cambié))(?: so far| done)?\s*:/iu;

/** "Carry: 0.5 l oil, 2 l fuel, two tubes": what goes into the bags. */
export const PACKED =
  /^\s*(?:(?:going|off|leaving|travelling|setting off)(?!\p{L})[^.:]{0,40} with\s*:|(?:(?:I|we) )?(?:always )?(?:carry|carrying|pack|packed|packing list|tool ?roll|spares(?: list| I carry)?|in (?:the|my) (?:bags?|panniers|tank ?bag|tool ?roll)|dabei|mitnehmen|à emporter|para llevar)\s*[:,])/iu;

/** "For the 8k service": which one, and not how often. */
export const WHICH_SERVICE =
  /(?<!\p{L})(?:for|at|after|before|did|had|its|paid for) (?:the|its|a|their) $/iu;

/** "Révision des 12 000 faite". */
export const SERVICE_OF =
  /(?<!\p{L})(?:révision|vidange|entretien|tagliando|revisión|mantenimiento) (?:des|dei|de los) $/iu;

/** "Revisión de 15.000 hecha", "Service bei 12.000 gemacht": one that was done. */
export const SERVICE_AT =
  /(?<!\p{L})(?:révision|vidange|entretien|tagliando|revisión|mantenimiento|revisão|inspektion|service|serviced|inspection|valves|valve check|ventile) (?:de|di|da|a|à|at|bei|bij|the|los|las|i|aos?|på|vid|ved) ?(?:los |km )?$/iu;
export const IS_DONE =
  /^ ?(?:k|km|kms|mi|miles)?,? ?(?:\(?(?:just|already|was|is|ya|già|gerade|bereits|déjà) )?(?:hech[ao]|realizad[ao]|faite?|fatt[oa]|eseguit[oa]|done|carried out|completed|gemacht|erledigt|durchgeführt|feita|gedaan|udført|utført|gjord|pasad[ao])(?!\p{L})/iu;

/** "A revisão dos 1000 km": the one after running in, which comes once. */
export const RUN_IN_OF =
  /(?<!\p{L})(?:revisão|beurt|przegląd|service(?:n)?) (?:dos|d[oe]|bij|van|po|vid|på|etter) $/iu;

/** "12 kg less (would make it 184 wet)": what it is not. */
export const WOULD_BE =
  /(?<!\p{L})(?:would|could|might|['’]d) (?:make|bring|get|put|take) (?:it|her|mine) (?:down |up )?(?:to |at )?(?:about )?$/iu;

/** "At a hundred and thirty it drinks six litres": at one speed, and not over all. */
export const AT_A_SPEED =
  /(?<!\p{L})(?:at|bei|à|a) (?:a )? *\d{2,3}(?: ?km\/h| ?mph| ?k)?,? *(?:it|she|sie|elle)?(?:['’]s)? ?(?:drinks|uses|does|takes|burns|gets|braucht|nimmt)?(?: about| around)? *$/iu;

/** "Dave's is ninety five horse, mine's seventy three": what stands before one's own is another's. */
export const ANOTHERS_THEN_MINE =
  /^\s*(?:but )?(?:\p{Lu}\p{Ll}+['’]s|his|hers?|their|he['’]s got|she['’]s got)(?!\p{L})[^.]*?(?=(?<!\p{L})(?:mine['’]s|mine is|i['’]ve got|i have))/iu;

/** "The little one's got 190 of clearance and this one": up to where it is this one's turn. */
export const LITTLE_ONE =
  /(?<!\p{L})the (?:little|smaller|small|bigger|big|other|cheaper) one(?!\p{L})[^.]*?(?=(?<!\p{L})this one(?!\p{L}))/iu;

/** "The small one (300 cc, 780 mm seat) …; the big one …": which of them is this one is not said. */
const SMALL_AND_BIG =
  /(?<!\p{L})the (?:(?:little|smaller|small) one(?!\p{L})(?=[^.]*?\d[^.]*?(?<!\p{L})the (?:bigger|big|larger|large) one(?!\p{L}))|(?:bigger|big|larger|large) one(?!\p{L})(?=[^.]*?\d[^.]*?(?<!\p{L})the (?:little|smaller|small) one(?!\p{L})))/iu;

/** "41 was the old one". */
const WAS_OLD =
  /^(?: [\p{L}-]+)? (?:was|is|were|being) (?:on |for |in )?(?:the |my )?(?:old|previous|outgoing|older|last|other)(?!\p{L})/iu;

/** "890 mm but that was the rally version". */
const OF_OTHER_VERSION =
  /^,?;? but (?:that|this|it)(?:['’]s| is| was) (?:for |of |on |only )?(?:the )?(?:[\p{L}-]+ ){1,2}(?:version|model|one|edition|trim|variant|spec)(?!\p{L})/iu;

/** "Range 250 miles on the 5.3 gal. tank option": with what costs more. */
const WITH_OPTION =
  /^(?: ?(?:miles|mi|km))? (?:on|with|from) (?:the|its|an?) (?:(?:optional|accessory) [^,;]{0,14}tank|[\d.,]{1,5}[ -]?(?:gal(?:lon)?s?\.?|l|lit(?:re|er)s?)[ -](?:tank )?option)(?!\p{L})/iu;

/** "6 900 € → 6 200 €": what stands before the arrow is no more. */
export const BEFORE_ARROW = /^ ?(?:€|£|\$|eur|euros?)? ?(?:→|->|=>|➜|➔) ?[£€$]? ?\d/iu;

/** "; the S has 210 mm": a version by its letters. */
const BY_LETTERS =
  /(?:^ ?|[;,.] ?)(?:[Ww]hile |[Bb]ut |[Aa]nd |[Ww]hereas )?[Tt]he ([A-Z]{1,2}\d?) (?:has|gets|comes|weighs|makes|adds|offers|sits)(?! the same)[^.;]*$/u;
/** Whether another version than the machine's own is told of right before a number. */
export const isOfLetters = (before: string, own: readonly string[]): boolean => {
  const [, letters] = BY_LETTERS.exec(before) ?? [];
  return letters !== undefined && !own.includes(letters.toLowerCase());
};

/** "Base / Rally: seat 860 / 895 mm": two versions named at the head, and the second number of each pair. */
const TWO_VERSIONS = /^\s*(?:[-*•] ?)?(\p{Lu}[\p{L}\d-]{2,14}) ?\/ ?(\p{Lu}[\p{L}\d-]{2,14}) ?:/u;
const SIDES_OR_STATES =
  /^(?:front|rear|fork|shock|dry|wet|kerb|curb|dry|low|high|std|standard|claimed|tested|stock|vorne?|hinten|trocken|voll|avant|arrière|avanti|dietro|del\p{L}*|tras\p{L}*|max|min|city|hwy|highway|town|urban|metric|imperial|usa?|uk|eu)$/iu;
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

/** "The low suspension option drops the seat to 820 mm and clearance to 195 mm". */
const LOWERED_WITH_SEAT =
  /(?<!\p{L})low(?:er|ered)? (?:suspension|ride|chassis|version|option|model|kit)(?!\p{L})[^.;]{0,60}?(?:drops?|lowers?|reduces?|cuts?|brings?|takes?)(?!\p{L})[^.;]{0,60}(?:clearance|travel)[^.;\d]{0,12}$/iu;

/** "Overall width (handlebar) 875 mm", "width at the bars": how wide it is, and nobody's height. */
const WIDTH_OF =
  /(?<!\p{L})(?:width|breite|largeur|anchura|larghezza|largura|breedte|bredde?|szerokość)(?:,? (?:with|at|across|mit|am|an|über|au|aux|avec|al|en|con|alla|op|aan) [^\d\n,;:|/]{1,22}| ?\([^\d\n)]{1,22}\))? ?[:=]? ?$/iu;

/** "Sold my Wandal 250 (148 kg, 24 hp) and bought a Halvar": up to what came in its place. */
export const SOLD =
  /(?<!\p{L})(?:sold|traded(?: in)?|got rid of|coming from|came from|verkauft|vendu|venduto|vendí) (?:my|the|an?|meine|ma|la mia|mi) [^.;]*?(?=(?<!\p{L})(?:(?:and|then|to|for) (?:bought|get|got|picked up|took|ordered|now have|have)|and now|(?:und|et|e|y) (?:jetzt|maintenant|ora|ahora))|[.;]|$)/iu;

/** "it's not 145 kg". */
const NOT =
  /(?:(?<!\p{L})(?:not|no longer(?: (?:holds?|has|weighs|makes|is|costs|takes|does|gets))?|nowhere near|nothing like|far from|anything but|nicht|pas|non|nie|statt(?: der angegebenen)?|rather than|instead of)|n't)\s+(?:the |quite |really |a |i |gli |les |die )?$|(?:(?<!\p{L})[ye]|,) (?:no|não) (?:los |las |os |a )?$/iu;

/** "keine 20 Liter mehr sondern 16": "keine vier Liter" alone are all but four. */
const NONE = /(?<!\p{L})(?:kein(?:e[nrm]?|s)?|geen)\s+$/iu;
const BUT = /^[^.;:]{0,24}?(?<!\p{L})(?:mehr|sondern|meer|maar|eerder)(?!\p{L})/iu;
const isNoneBut = (before: string, behind: string): boolean =>
  NONE.test(before) && BUT.test(behind);

/** "non è da 21 litri", "ya no es de 19", "n'est plus de 20", "pas de 100 ch", "nie ma 95 KM", "inte längre 14". */
const NOT_ABROAD =
  /(?<!\p{L})(?:nicht (?:mehr|die|ganz|länger)|non (?:(?:è|sono|ha|pesa|fa|sta|consuma|tiene|ne ha)(?: più)?|più)(?: (?:da|di|i|a))?|(?:ya )?no (?:es|son|tiene|pesa|lleva|da|consume|mide|hace|está)(?: (?:de|a|los|en))?|(?:já )?não (?:é|são|tem|pesa|faz|gasta)(?: (?:de|a|os))?|n(?:e |['’])(?:est|sont|fait|pèse|a|consomme|mesure|tient)(?: plus| pas)(?: (?:de|à|les|que))?|pas (?:de|à|tout à fait)|niet (?:meer|langer)|(?:inte|ikke|ej)(?: (?:længere|längre|lenger|mer))?|nie (?:ma|waży|jest|pali|wchodzi)(?: już)?|nemá|neváží|není(?: to)?)\s+$/iu;

/** "206 kg tous pleins faits, dont 14 kg de protections", "221 kg, davon 12 kg Koffer": not as it came. */
export const OF_WHICH =
  /^[^\d.;:]{0,28}(?:,|\()? ?(?<!\p{L})(?:dont|di cui|de los cuales|de los que|davon|waarvan|varav|hvorav|heraf|z czego|z toho|dos quais)(?!\p{L})[^\d.;:]{0,8}\d+(?:[.,]\d+)? ?(?:kg|kilos?|lbs?)(?!\p{L})(?! (?:di |de |d['’]|van )?(?:benzina|carburante|essence|carburant|sprit|benzin|kraftstoff|gasolina|combustible|brandstof|benzine|bränsle|drivstoff|brændstof|paliw|paliv))/iu;

/** "(cote 8 200 €)", "book value 5,900", "insured for 6,500": what somebody else holds it worth. */
export const VALUED_AT =
  /(?<!\p{L})(?:cot[ée]e?(?: \p{L}{2,12})?(?: à)?|book value|guide (?:price|value)|market value|trade[- ]?in(?: value| price| offer)?|insured (?:for|at|value)|insurance value|agreed value|versichert(?: mit| auf)?|zeitwert|quotazione|valutat[oa]|tasad[oa](?: en)?|dagwaarde|taxatie(?:waarde)?)(?: (?:is|of|von|di|de|was))? ?:? ?[£€$]? ?$/iu;

/** "Puissance fiscale 6 CV", "6 CV fiscaux": what it is taxed by. */
export const TAXED_BY =
  /(?:puissance (?:fiscale|administrative)|potencia fiscal|potenza fiscale|caballos fiscales|cavalli fiscali)[ :]*(?:de |di )?$/iu;
export const TAXED = /^ ?(?:fiscaux|fiscal(?:es)?|fiscali)(?!\p{L})/iu;

/** "Ich bin 1,72 groß und wiege 80 Kilo": of the one who tells. */
export const RIDER_WEIGHS =
  /(?<!\p{L})(?:(?:ich )?bin|je (?:mesure|fais)|mido|sono alt[oa]|i['’]?m|i am|ik ben|jag är|jeg er|mam|mierzę|tenho|meço)(?!\p{L})[^.!?;]{0,40}(?<!\p{L})(?:wiege|pèse|peso|weigh|weeg|väger|veier|vejer|ważę) (?:about |around |etwa |rund |ca\.? |environ |unos |circa |ongeveer |około )?$/iu;

/** "Laut Anzeige 420, real war bei 350 Schluss", "the dash says 4.1 but it was 4.6": what an instrument shows, put right behind. */
const BY_INSTRUMENT =
  /(?<!\p{L})(?:(?:laut|nach|selon|secondo|según|volgens|according to|per) (?:(?:the|der|dem|l['’]|la|le|il|el|de|het) ?)?)?(?:anzeige|bordcomputer|display|tacho|trip computer|computer|dash(?:board)?|gauge|ordinateur(?: de bord)?|compteur|afficheur|computer di bordo|cruscotto|ordenador(?: de a bordo)?|cuadro|boordcomputer)(?: (?:says?|said|shows?|showed|reads?|claims?|sagt|zeigt|zeigte|meint|indique|affiche|dit|dice|marca|segna|indica|zegt))?(?: (?:about|around|etwa|rund|environ|unos|circa))?:? ?$/iu;
const PUT_RIGHT =
  /^[^.;\d]{0,24}(?:,|;|–|-| but| aber| mais| ma| pero| maar) ?[^.;\d]{0,24}(?<!\p{L})(?:real(?:ly|ity|istisch|mente|ita|ité|idad)?|realtà|tatsächlich|wirklich|actual(?:ly)?|in truth|gerechnet|gemessen|worked out|by hand|calculated|it was|it['’]s|it is|was|en vrai|en fait|echt|werkelijk|in werkelijkheid|nachgerechnet)(?!\p{L})[^.;\d]{0,24}\d/iu;
const isShownOnly = (before: string, behind: string): boolean =>
  BY_INSTRUMENT.test(before) && PUT_RIGHT.test(behind);

/** "Range needed 280 km", "gewünschte Sitzhöhe: 830 mm": what somebody asks for. */
const ASKED_FOR =
  /(?<!\p{L})(?:(?<!(?<!\p{L})(?:it|she|he|we|they|I|bike|machine|one|always|only|has|have|had|just) )(?:needed|required|wanted|desired|wished for|hoped for|asked for|expected|benötigt|gewünscht|nötig|erforderlich|souhaitée?|voulue?|requise?|nécessaire|necesari[ao]|desead[ao]|necessari[ao]|desiderat[ao]|gewenst|nodig|önskad|ønsket)(?: is| of)?|(?:needed|required|wanted|desired|benötigte|gewünschte|gewenste|önskad) [\p{L}-]+(?: [\p{L}-]+)?)\s?[:=]?\s?(?:ca\.? |about |~)?$/iu;

/** "Save £900 off the list": what is saved. */
const OFF_A_PRICE =
  /^ ?(?:off(?: (?:the|its|of))*(?: current)? (?:list|rrp|msrp|new price|price|sticker|retail)|(?:discount|rabatt|nachlass|de remise|de réduction|di sconto|de descuento|korting))(?!\p{L})/iu;

/** "Tank > 15 l", "seat <= 850": how much it should be. An arrow is none. */
const BOUNDED = /(?:(?<=[^\s<>=-])\s(?:[<>]=?)|[≥≤])\s?$/u;

/** What stands right before a number, or right behind it, that takes it from this machine, and how far it may reach, characters. */
/** "Price difference 1,200 €", "Preisunterschied: 1.200 €": between two. */
const DIFFERENCE =
  /(?:(?<!\p{L})(?:difference|gap|saving|différence|écart|differenza|diferencia|diferença|verschil|skillnad|forskjell|forskel|różnica)|unterschied|differenz|ersparnis)(?!\p{L})(?: (?:is|was|of|in (?:price|weight)|ist|beträgt|liegt bei|est|de|di|von|es|è|är|er|about|around|only|just|some|rund|etwa|nur)){0,3}\s?[:=]? ?[£$€]?$/iu;
/** "Rated at 73 hp but the A2 version makes 47": beside what it has, what it may be held back to. */
const A2_MAKES =
  /\d ?(?:hp|bhp|kw|ps|cv|ch|horses|horsepower)(?!\p{L})[^.;\d]{0,60}(?<!\p{L})A2(?=[ -])[ -](?:version|model|bike|one|trim|form|variant|spec) (?:only )?(?:makes|has|gets|gives|puts out|delivers|is) (?:about |just |only )?$/iu;
/** "Fuel injected since 2016", "had it since 2019": when something else began. */
const SINCE =
  /(?<!\p{L})(?:inject\p{L}*|abs|fitted|standard|own(?:ed|er)|had (?:it|her|mine|this|one)|rid(?:den|ing)|with me|mine|used|serviced|garaged|parked|stood|standing|regist\p{L}*|licen[cs]ed?|member|dealers?|warranty|unchanged) since (?:about |new in )?$/iu;
/** "A buddy paid $9,100": what others gave. */
const OTHERS_PAID =
  /(?<!\p{L})(?:budd(?:y|ies)|mates?|friends?|neighbou?rs?|brother|bloke|guys?|colleague|some(?:one|body)|others|people|kumpel|freund|nachbar|pote|ami|voisin|amico|vicino|amigo|vecino)(?: of mine| else| over there)? (?:has |have |hat |a |ha )?(?:paid|gave|bezahlt|gezahlt|payé|pagato|pagó|pagado) (?:about |around |only |just )?[£$€]?$/iu;
const BEFORE_IT: readonly (readonly [RegExp, number])[] = [
  [NOT, 22],
  [BOUNDED, 6],
  [ASKED_FOR, 34],
  [DIFFERENCE, 48],
  [SINCE, 40],
  [OTHERS_PAID, 60],
  [A2_MAKES, 110],
  [NOT_ABROAD, 34],
  [WIDTH_OF, 44],
  [LOWERED_WITH_SEAT, 160],
];
const BEHIND_IT: readonly (readonly [RegExp, number])[] = [
  [WAS_OLD, 40],
  [OFF_A_PRICE, 24],
  [OF_OTHER_VERSION, 60],
  [WITH_OPTION, 48],
];

/** Whether the words at a number say that it is not so, of another version, or how wide something is. */
export const isNobodys = (text: string, { from, to }: Pick<Quantity, 'from' | 'to'>): boolean =>
  BEFORE_IT.some(([words, reach]) => words.test(text.slice(Math.max(0, from - reach), from))) ||
  BEHIND_IT.some(([words, reach]) => words.test(text.slice(to, to + reach))) ||
  isNoneBut(text.slice(Math.max(0, from - 12), from), text.slice(to, to + 36)) ||
  isShownOnly(text.slice(Math.max(0, from - 60), from), text.slice(to, to + 90));
