import { spelt } from '../../vocabulary/letters';
import type { Quantity } from '../../lattice/quantity';
import { guarded, type Guard } from './guard';
import { isLengthOrBare, isMoney } from './kinds';

// What stands right before a number or right behind it and takes it from this machine: another's, another version's, wished for, denied.

/** "41 was the old one". */
const WAS_OLD = spelt(
  /^(?: [\p{L}-]+)? (?:was|is|were|being) (?:on |for |in )?(?:the |my )?(?:old|previous|outgoing|older|last|other)(?!\p{L})/iu,
);

/** "890 mm but that was the rally version". */
const OF_OTHER_VERSION = spelt(
  /^,?;? but (?:that|this|it)(?:['’]s| is| was) (?:for |of |on |only )?(?:the )?(?:[\p{L}-]+ ){1,2}(?:version|model|one|edition|trim|variant|spec)(?!\p{L})/iu,
);

/** "Range 250 miles on the 5.3 gal. tank option": with what costs more. */
const WITH_OPTION = spelt(
  /^(?: ?(?:miles|mi|km))? (?:on|with|from) (?:the|its|an?) (?:(?:optional|accessory) [^,;]{0,14}tank|[\d.,]{1,5}[ -]?(?:gal(?:lon)?s?\.?|l|lit(?:re|er)s?)[ -](?:tank )?option)(?!\p{L})/iu,
);

/** "The low suspension option drops the seat to 820 mm and clearance to 195 mm". */
const LOWERED_WITH_SEAT = spelt(
  /(?<!\p{L})low(?:er|ered)? (?:suspension|ride|chassis|version|option|model|kit)(?!\p{L})[^.;]{0,60}?(?:drops?|lowers?|reduces?|cuts?|brings?|takes?)(?!\p{L})[^.;]{0,60}(?:clearance|travel)[^.;\d]{0,12}$/iu,
);

/** "Overall width (handlebar) 875 mm", "width at the bars": how wide it is, and nobody's height. */
const WIDTH_OF = spelt(
  /(?<!\p{L})(?:width|breite|largeur|anchura|larghezza|largura|breedte|bredde?|szerokość)(?:,? (?:with|at|across|mit|am|an|über|au|aux|avec|al|en|con|alla|op|aan) [^\d\n,;:|/]{1,22}| ?\([^\d\n)]{1,22}\))? ?[:=]? ?$/iu,
);

/** "it's not 145 kg". */
const NOT = spelt(
  /(?:(?<!\p{L})(?:not|no longer(?: (?:holds?|has|weighs|makes|is|costs|takes|does|gets))?|nowhere near|nothing like|far from|anything but|nicht|pas|non|nie|statt(?: der angegebenen)?|rather than|instead of)|n't)\s+(?:the |quite |really |a |i |gli |les |die )?$|(?:(?<!\p{L})[ye]|,) (?:no|não) (?:los |las |os |a )?$/iu,
);

/** "non è da 21 litri", "ya no es de 19", "n'est plus de 20", "pas de 100 ch", "nie ma 95 KM", "inte längre 14". */
const NOT_ABROAD = spelt(
  /(?<!\p{L})(?:nicht (?:mehr|die|ganz|länger)|non (?:(?:è|sono|ha|pesa|fa|sta|consuma|tiene|ne ha)(?: più)?|più)(?: (?:da|di|i|a))?|(?:ya )?no (?:es|son|tiene|pesa|lleva|da|consume|mide|hace|está)(?: (?:de|a|los|en))?|(?:já )?não (?:é|são|tem|pesa|faz|gasta)(?: (?:de|a|os))?|n(?:e |['’])(?:est|sont|fait|pèse|a|consomme|mesure|tient)(?: plus| pas)(?: (?:de|à|les|que))?|pas (?:de|à|tout à fait)|niet (?:meer|langer)|(?:inte|ikke|ej)(?: (?:længere|längre|lenger|mer))?|nie (?:ma|waży|jest|pali|wchodzi)(?: już)?|nemá|neváží|není(?: to)?)\s+$/iu,
);

/** "Range needed 280 km", "gewünschte Sitzhöhe: 830 mm": what somebody asks for. */
const ASKED_FOR = spelt(
  /(?<!\p{L})(?:(?<!(?<!\p{L})(?:it|she|he|we|they|I|bike|machine|one|always|only|has|have|had|just) )(?:needed|required|wanted|desired|wished for|hoped for|asked for|expected|benötigt|gewünscht|nötig|erforderlich|souhaitée?|voulue?|requise?|nécessaire|necesari[ao]|desead[ao]|necessari[ao]|desiderat[ao]|gewenst|nodig|önskad|ønsket)(?: is| of)?|(?:needed|required|wanted|desired|benötigte|gewünschte|gewenste|önskad) [\p{L}-]+(?: [\p{L}-]+)?)\s?[:=]?\s?(?:ca\.? |about |~)?$/iu,
);

/** "Save £900 off the list": what is saved. */
const OFF_A_PRICE = spelt(
  /^ ?(?:off(?: (?:the|its|of))*(?: current)? (?:list|rrp|msrp|new price|price|sticker|retail)|(?:discount|rabatt|nachlass|de remise|de réduction|di sconto|de descuento|korting))(?!\p{L})/iu,
);

/** "Tank > 15 l", "seat <= 850": how much it should be. An arrow is none. */
const BOUNDED = /(?:(?<=[^\s<>=-])\s(?:[<>]=?)|[≥≤])\s?$/u;

/** "Price difference 1,200 €", "Preisunterschied: 1.200 €": between two. */
const DIFFERENCE = spelt(
  /(?:(?<!\p{L})(?:difference|gap|saving|différence|écart|differenza|diferencia|diferença|verschil|skillnad|forskjell|forskel|różnica)|unterschied|differenz|ersparnis)(?!\p{L})(?: (?:is|was|of|in (?:price|weight)|ist|beträgt|liegt bei|est|de|di|von|es|è|är|er|about|around|only|just|some|rund|etwa|nur)){0,3}\s?[:=]? ?[£$€]?$/iu,
);

/** "Rated at 73 hp but the A2 version makes 47": beside what it has, what it may be held back to. */
const A2_MAKES = spelt(
  /\d ?(?:hp|bhp|kw|ps|cv|ch|horses|horsepower)(?!\p{L})[^.;\d]{0,60}(?<!\p{L})A2(?=[ -])[ -](?:version|model|bike|one|trim|form|variant|spec) (?:only )?(?:makes|has|gets|gives|puts out|delivers|is) (?:about |just |only )?$/iu,
);

/** "Fuel injected since 2016", "had it since 2019": when something else began. */
const SINCE = spelt(
  /(?<!\p{L})(?:inject\p{L}*|abs|fitted|standard|own(?:ed|er)|had (?:it|her|mine|this|one)|rid(?:den|ing)|with me|mine|used|serviced|garaged|parked|stood|standing|regist\p{L}*|licen[cs]ed?|member|dealers?|warranty|unchanged) since (?:about |new in )?$/iu,
);

/** "A buddy paid $9,100": what others gave. */
const OTHERS_PAID = spelt(
  /(?<!\p{L})(?:budd(?:y|ies)|mates?|friends?|neighbou?rs?|brother|bloke|guys?|colleague|some(?:one|body)|others|people|kumpel|freund|nachbar|pote|ami|voisin|amico|vicino|amigo|vecino)(?: of mine| else| over there)? (?:has |have |hat |a |ha )?(?:paid|gave|bezahlt|gezahlt|payé|pagato|pagó|pagado) (?:about |around |only |just )?[£$€]?$/iu,
);

/** "keine 20 Liter mehr sondern 16": "keine vier Liter" alone are all but four. */
const NONE = spelt(/(?<!\p{L})(?:kein(?:e[nrm]?|s)?|geen)\s+$/iu);

const BUT = spelt(/^[^.;:]{0,24}?(?<!\p{L})(?:mehr|sondern|meer|maar|eerder)(?!\p{L})/iu);

/** "Laut Anzeige 420, real war bei 350 Schluss", "the dash says 4.1 but it was 4.6": what an instrument shows, put right behind. */
const BY_INSTRUMENT = spelt(
  /(?<!\p{L})(?:(?:laut|nach|selon|secondo|según|volgens|according to|per) (?:(?:the|der|dem|l['’]|la|le|il|el|de|het) ?)?)?(?:anzeige|bordcomputer|display|tacho|trip computer|computer|dash(?:board)?|gauge|ordinateur(?: de bord)?|compteur|afficheur|computer di bordo|cruscotto|ordenador(?: de a bordo)?|cuadro|boordcomputer)(?: (?:says?|said|shows?|showed|reads?|claims?|sagt|zeigt|zeigte|meint|indique|affiche|dit|dice|marca|segna|indica|zegt))?(?: (?:about|around|etwa|rund|environ|unos|circa))?:? ?$/iu,
);

const PUT_RIGHT = spelt(
  /^[^.;\d]{0,24}(?:,|;|–|-| but| aber| mais| ma| pero| maar) ?[^.;\d]{0,24}(?<!\p{L})(?:real(?:ly|ity|istisch|mente|ita|ité|idad)?|realtà|tatsächlich|wirklich|actual(?:ly)?|in truth|gerechnet|gemessen|worked out|by hand|calculated|it was|it['’]s|it is|was|en vrai|en fait|echt|werkelijk|in werkelijkheid|nachgerechnet)(?!\p{L})[^.;\d]{0,24}\d/iu,
);

/** "Extra set of sprockets 13/50": none that is on the machine. */
const SPARE = spelt(
  /(?<!\p{L})(?:extra|spare|second|additional|ersatz\p{L}*|zusätzlich\p{L}*|de rechange|di ricambio|de repuesto)(?: set| pair| satz)?(?: of)?(?: (?:sprockets?|ritzel|kettensatz|pignons?|wheels?|rims?|tyres?|tires?|springs?|\p{L}+ (?:sprockets?|springs?|wheels?|rims?|tyres?|tires?)))(?: \(| of|:|,)? ?(?:\d\d ?[/-] ?)?$/iu,
);

/** "I was promised four litres": what was hoped for. */
const PROMISED = spelt(
  /(?<!\p{L})(?:promised|should have been|hoped for|hoping for|expected|versprochen(?: waren)?|promis)(?: me| us)?(?: about| around| a)? $/iu,
);

/** "12 kg less (would make it 184 wet)": what it is not. */
const WOULD_BE = spelt(
  /(?<!\p{L})(?:would|could|might|['’]d) (?:make|bring|get|put|take) (?:it|her|mine) (?:down |up )?(?:to |at )?(?:about )?$/iu,
);

/** "6 900 € → 6 200 €": what stands before the arrow is no more. */
const BEFORE_ARROW = /^ ?(?:€|£|\$|eur|euros?)? ?(?:→|->|=>|➜|➔) ?[£€$]? ?\d/iu;

/** What may still be said of the machine as it came: "not 14T, (stock 15)". */
const UNLESS_STOCK: readonly Guard[] = [
  ...(
    [
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
    ] as const
  ).map((before): Guard => ({ as: 'other-machine', before })),
  ...(
    [
      [WAS_OLD, 40],
      [OFF_A_PRICE, 24],
      [OF_OTHER_VERSION, 60],
      [WITH_OPTION, 48],
    ] as const
  ).map((behind): Guard => ({ as: 'other-machine', behind })),
  { as: 'other-machine', before: [NONE, 12], behind: [BUT, 36] },
  { as: 'other-machine', before: [BY_INSTRUMENT, 60], behind: [PUT_RIGHT, 90] },
];
/** Why a number is another's, or nobody's, unless it is said to be the stock one's. */
export const whyNobodys = guarded(UNLESS_STOCK);

/** "50 Nm (A2), 68 Nm": held back, beside what it has. */
const HELD_BACK = spelt(
  /^ ?(?:\((?:in |als |en |in der )?(?:A2|bridée?|bridage|gedrosselt|restricted|limitad[ao]|depotenziat[ao])(?![\p{L}\d])|(?:depotenziata|gedrosselt|bridée?|restricted)(?!\p{L}))/iu,
);
const isOneOfTwoTorques = ({ unit }: Quantity, text: string): boolean =>
  (unit === 'Nm' || unit === 'lbf-ft') &&
  (text.match(/\d ?(?:Nm|lb-?ft|ft-?lb)/giu)?.length ?? 0) > 1;

const AT_ALL: readonly Guard[] = [
  { as: 'other-machine', of: isOneOfTwoTorques, behind: [HELD_BACK, 24] },
  { as: 'other-machine', before: [PROMISED, 34] },
  { as: 'other-machine', before: [SPARE, 48] },
  { as: 'other-machine', before: [WOULD_BE, 34] },
  {
    as: 'other-machine',
    of: isLengthOrBare,
    behind: [/^\s*(?:["”]\s*)?(?:wide|across|in width)(?!\p{L})/iu, 12],
  },
  { as: 'other-machine', of: isMoney, behind: [BEFORE_ARROW, 16] },
];
/** Why a number is no machine's, whatever else is said of it. */
export const whyNoMachines = guarded(AT_ALL);
