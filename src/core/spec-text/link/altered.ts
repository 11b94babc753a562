import { spelt } from '../vocabulary/letters';
import type { Quantity } from '../lattice/quantity';
import { isOffered } from './offered';

// Words that say that a machine is not as its maker built it: its figures wait for a look.

const words = (...alternatives: readonly string[]): RegExp =>
  new RegExp(`(?<!\\p{L})(?:${alternatives.join('|')})(?!\\p{L})`, 'iu');

const ALTERED: RegExp = words(
  'lowered(?! (?:version|suspension|model|by the (?:factory|maker)))',
  '(?:lowering|raising|longer|taller|jack[- ]?up) links?',
  'cut down',
  'home[- ]?(?:made|built|brew(?:ed)?)|self[- ]made|eigenbau|selbst ?gebaut\\p{L}*|faite? maison|caser[oa]|artigianal\\p{L}*|zelf ?gemaakt\\p{L}*|hemmagjord\\p{L}*',
  '(?:shaved|scooped|reshaped|carved|re-?foamed|rebuilt) (?:the |my |its )?(?:seat|saddle)',
  'with the (?:rally|comfort) seat|(?:tall|high|comfort|rally|gel|touring) (?:seat|saddle):?,? (?=[£$€]?\\d)',
  '(?:the|an|with) (?:big|bigger|large|larger|optional|long[- ]range) tank',
  'with the (?:big|bigger|large|larger|optional|long[- ]range) \\d[\\d.,]*[- ]?(?:l|lit(?:re|er)s?|gal\\p{L}*) tank',
  '(?:fitted|installed|put in|swapped (?:in|to)|went to|upgraded to) (?:the |some |a |my |much )?(?:stiffer|softer|progressive|heavier|longer|taller|shorter) (?:springs?|shock|forks?)',
  'nav(?:igation)? tower|rally seat|fully built(?! up)|\\d ?(?:mm|cm) (?:tiefer|niedriger|lower(?:ed)?|taller)(?! than| als| with (?:the |an? )?(?:low(?:er)?|optional|accessory)| mit (?:der |einer )?(?:niedrig|tief|flach))',
  // A tank that is called the bigger one.
  '(?:bigger|larger|größere[rn]?|plus gr(?:os|and)|grotere|större|større|większ[yae]|větší|isompi) (?:tank|réservoir|zbiornik|nádrž|tankki)',
  '(?:depósito|tanque|serbatoio|réservoir) (?:maior|mayor|más grande|più grande|maggiorato|plus grand|agrandi|aumentado)',
  'rally (?:build|conversion)|(?:built|build) (?:mine|it|her) up|stretched|after[- ]?market|modded|heavily modified|non[- ]stock',
  'tiefergelegt|umgebaut|umbau|(?:ab|auf)gepolstert|abpolstern|nach (?:dem )?umbau',
  're-?sprung|re-?valved|sprung for|springs?[^;\\n]{0,24} for (?:an? |my )?\\d{2,3} ?(?:kg|lbs?) rider',
  '(?:ammortizzatore|mono) (?:rifatto|revisionato)|forcella (?:rifatta|revisionata)|(?:federbein|gabel) (?:überarbeitet|neu abgestimmt)|amortisseur (?:refait|préparé)|fourche (?:refaite|préparée)|amortiguador (?:rehecho|preparado)',
  'upgraded the (?:tank|seat|shock|forks?|springs?|suspension)',
  'rabaissée|creusement|creusée|kit de rabaissement|modifiée|selle refaite|suspensions? (?:revue|refaite)s?',
  'ribassata|scavata|sella rifatta|maggiorat[oa]|elaborata|modificata',
  'rebajad[oa]|rebajarl[oa]|aumentado|modificada|asiento mullido',
  'verlaagd|na verlagen|omgebouwd|obniżon\\p{L}*|snížen\\p{L}*|rebaixad[oa]|rebaixamento',
  'sänkt (?:länkage|fjädring|sadel|sits)|sænket|senket|monterat:|eftermonterat|ombygd|ombygget',
);

/** What the words of a sentence say was done to the machine; `undefined` where they say nothing of it. */
export function alteredIn(text: string): string | undefined {
  const match = ALTERED.exec(text);
  return match && !isOffered(text, match.index, match.index + match[0].length)
    ? match[0]
    : undefined;
}

/** "830 mm custom", "14T aftermarket". */
const ALTERED_BEHIND = spelt(
  /^ ?(?:mm |cm )?\(?(?:aftermarket|custom(?:ised|ized)?|modified|modded|lowered|raised|cut down|shaved|nicht original|umgebaut|modifié\p{L}*|modificat\p{L}*|no original|non originale)(?! (?:version|model))(?=[\s.,;)]|$)/iu,
);

/** "14 (one up from stock)", "15, eins mehr als Serie": told by how far it is from what was built in. */
const BESIDE_STOCK = spelt(
  /^ ?(?:mm|cm|kg|t|teeth|tooth|zähne|dents|dientes|denti)?[,;]? ?\(?(?:which is |so |also |donc |quindi )?(?:(?:one|two|three|[+-]?\d{1,2}|eins|einer|zwei|une?|deux|uno|dos|due|een|één|twee|ett|en|to|två|o? ?jeden|o jeden)(?: ?(?:mm|cm|kg|tooth|teeth|zähne?n?|dents?|dientes?|denti|tand(?:en)?|ząb))? (?:up|down|over|under|more|less|fewer|bigger|smaller|taller|lower|higher|larger|mehr|weniger|höher|niedriger|de plus|de moins|en plus|en moins|más|menos|in più|in meno|più|meno|meer|minder|mer|mindre|fler|więcej|mniej)(?: teeth)? (?:from|than|on|to|als|unter|über|que|qu['’]|de|di|rispetto a(?:lla|l)?|dan|än|enn|end|niż)?) ?(?:the |le |la |l['’]|d['’]|de |der |die |den )?(?:stock|standard|std|oem|original\p{L}*|origine|factory|serie\p{L}*|fabbrica|fábrica|fabryczn\p{L}*)(?!\p{L})/iu,
);

const TIME_BEFORE =
  '(?:it was|they were|was|were|used to be|before it was|it used to be|vorher|zuvor|früher|ursprünglich|avant|auparavant|antes(?: era)?|prima(?: era)?|in origine|voorheen|eerst|tidigare|før|wcześniej|původně)';
const BECAME_BRACKET = spelt(
  new RegExp(`^ ?(?:\\p{L}{1,8} ?){0,3}\\((?:it |they )?${TIME_BEFORE}(?: a| about)? ?\\d`, 'iu'),
);
/** "830 mm after shaving it, before it was 850". */
const BECAME = spelt(
  new RegExp(
    `^ ?(?:mm|cm|kg|l|lit(?:re|er)s?)?(?: (?:now|jetzt|maintenant|ahora|ora|adesso|nu))?,? (?:\\p{L}+ ){0,4}(?:used to be|before it was|it used to be|vorher|zuvor|früher|ursprünglich|auparavant|antes(?: era)?|prima era|in origine|voorheen)(?: a| about)? ?\\d`,
    'iu',
  ),
);
/** "830 mm now, it was 850 mm from the factory", "(850 avant)". */
const BEFORE_BEHIND =
  /^[^\d.;]{0,16}[,;(][^\d.;]{0,20}\d[\d.,]* ?(?:mm|cm|kg|l|lit(?:re|er)s?|hp)? (?:from the factory|when (?:new|I (?:got|bought) it)|avant(?=\))|vorher(?=[).,]|$)|originally|out of the (?:box|crate|shop))/iu;

/** "14T front (was 15)", "850 mm (vorher 870)": what it was before stands behind, so what stands before may be somebody's own. */
export const isChangedTo = (text: string, { to }: Quantity): boolean =>
  BECAME_BRACKET.test(text.slice(to, to + 48));

/** "… instead of 16": behind a number, what it was before. */
export const INSTEAD_OF = spelt(
  /^,? ?(?:\p{L}+ ){0,2}\(?(?:instead of|rather than|in place of|ipv|i\.p\.v\.|in plaats van|(?:an)?statt|anstelle von|au lieu d(?:e|es|u)|invece (?:di|dei|che)|al posto d(?:i|ei)|en (?:lugar|vez) de|em vez de|i ?stället för|i ?stedet for|sijaan|o lugar de|zamiast|místo) (?:\p{L}+ ){0,2}\d/iu,
);
const OF_A_NEW_MODEL = spelt(
  /(?<!\p{L})(?:new|neue[rns]?|nouve(?:au|lle)|nuev[ao]|nuov[ao]|nieuwe|nya?|predecessor|previous|outgoing|old(?:er)?|alten?|vorgänger\p{L}*|précédente?|anterior|precedente|vorige|bisher\p{L}*|generation|model year|20[12]\d)(?!\p{L})/iu,
);
const MAY_BE_A_PARTS = /^(?:mm|cm|in|kg|lb|L|gallon|teeth|hp|PS|kW|Nm|N\/mm)$/;

/** "Tank 22 l statt 16 l", "830 mm custom": what a part made of it, unless a maker changed it from one model to the next. */
export const isAltered = (text: string, q: Quantity): boolean => {
  if (isChangedTo(text, q) || BESIDE_STOCK.test(text.slice(q.to, q.to + 64))) return true;
  if (q.unit === undefined || !MAY_BE_A_PARTS.test(q.unit)) return false;
  const behind = text.slice(q.to, q.to + 64);
  return (
    ALTERED_BEHIND.test(behind) ||
    ((INSTEAD_OF.test(behind) || BECAME.test(behind) || BEFORE_BEHIND.test(behind)) &&
      !OF_A_NEW_MODEL.test(text))
  );
};
