import { spelt } from '../vocabulary/letters';
import type { FigureKey } from '../../readings';
import type { Quantity } from '../lattice/quantity';
import type { FigureProposal } from '../proposal';

// "Under 180 kg", "feels like more than 68 hp": a bound of what somebody wants or feels, and no reading. Common usage, no source.

/** "Just under 180 kg" is a reading all the same. */
const NEARLY =
  '(?<!(?<!\\p{L})(?:just|only|hair|touch|shade|whisker|bit|little|slightly|knapp|etwas|kurz|leicht|juste?|peu|légèrement|poco|appena|leggermente|algo|ligeramente|apenas|net|iets|strax|lite|lige|rett|litt|tuż|nieco|trochę|těsně|lehce|hieman|juuri) )';
const WORDS =
  "under|below|less than|fewer than|more than|over|at (?:the )?(?:most|least)|no (?:more|less) than|not (?:more|over) than|(?<!(?:['’]s|is|are|now|gone|goes|went) )up to|unter|über|weniger als|mehr als|mindestens|höchstens|bis zu|moins d[e’']|plus d[e’']|au moins|au plus|sous les|menos de|más de|al menos|como (?:mucho|máximo|mínimo)|hasta|meno di|più di|almeno|al massimo|oltre(?: i)?|fino a|sotto i|sopra i|onder(?: de)?|boven(?: de)?|minder dan|meer dan|minstens|hooguit|hoogstens|mais de|até|pelo menos|no máximo|mindre (?:än|enn|end)|mer (?:än|enn)|mere end|minst|högst|höyst|upp till|mindst|højst|op til|høyst|opp til|poniżej|powyżej|mniej niż|więcej niż|co najmniej|najwyżej|ponad|pod|méně než|více než|alespoň|nejvýše|přes|alle|vähintään|enintään|korkeintaan";
const LIMITS =
  'max(?:imum|imal|imaal|imalt|imo)?\\.?|máx(?:imo)?\\.?|maks\\.?|min(?:imum|imo)?\\.?|mín\\.?';
const ended = (words: string): RegExp =>
  spelt(
    new RegExp(
      `(?<!\\p{L})${NEARLY}(${words})(?: (?:about|around|the|les|los|die|i))? ?[£$€]? ?$`,
      'iu',
    ),
  );
const BOUND = ended(WORDS);
const LIMIT = ended(LIMITS);

/** "55 kW (Ziel)", "190 kg (estimated)", "870 mm, to be confirmed": nobody has measured it. */
const TENTATIVE = spelt(
  /^ ?(?:[\p{L}/"″]{1,8} )?[,(–-] ?(target|goal|ziel(?:wert)?|objectif|obiettivo|objetivo|doel|est(?:\.|imated|imate|imé|imation|(?=\)))|geschätzt|stimat[oa]|estimad[oa]|geschat|uppskattat|anslået|anslått|szacunkow[oay]|odhad(?:em)?|arvio|provisional|preliminary|vorläufig|provisoire|provvisori[oa]|provisional|voorlopig|preliminärt|foreløpig|foreløbig|wstępn[eay]|předběžn[éě]|expected|erwartet|prévue?|previst[oa]|verwacht|tbc|t\.b\.c\.|to be confirmed|unconfirmed|unbestätigt|à confirmer|da confermare|por confirmar|nog te bevestigen)(?!\p{L})/iu,
);

const SAT_ON =
  'laden|loaded|sat[- ]on|with (?:the )?rider(?: aboard)?|belastet|beladen|mit fahrer|en charge|chargée|avec pilote|cargad[oa]|con piloto|caric(?:a|ata)|con pilota|belast|belastad|med förare|obciążon\\p{L}*|zatížen\\p{L}*';
/** "Seat height, laden: 845 mm": a seat is told without its rider. */
const LADEN = {
  before: spelt(new RegExp(`(?<!\\p{L})(${SAT_ON})\\)?[ :.=]{1,8}$`, 'iu')),
  behind: spelt(new RegExp(`^ ?(?:mm|cm|in\\.?|")?,? ?\\(?(${SAT_ON})(?!\\p{L})`, 'iu')),
};

/** What is a bound by its nature, and what makers claim as one: "up to 190 kg of payload", "over 400 km". */
const BOUNDS: ReadonlySet<FigureKey> = new Set([
  'maxMass',
  'payload',
  'axleLimitFront',
  'axleLimitRear',
  'rackLimit',
  'statedRange',
]);
/** "Seat max. 850 mm", "max 6,000 €"; "max. 73 hp" is how power is told. */
const LIMITED: ReadonlySet<FigureKey> = new Set(['mass', 'seatHeight', 'tank', 'price']);
const LONGEST = 30;

/** A figure that is told as a bound ("alle" is "under" in Finnish, "every" in German and "at" in Italian), or as what is only aimed at, waits for a look. */
export function asBound(made: FigureProposal, text: string, q: Quantity): FigureProposal {
  if (!made.ticked) return made;
  const tentative = TENTATIVE.exec(text.slice(q.to, q.to + LONGEST))?.[1];
  if (tentative !== undefined) return waiting(made, 'tentative', tentative);
  const before = text.slice(Math.max(0, q.from - LONGEST), q.from);
  const laden =
    made.key === 'seatHeight'
      ? (LADEN.before.exec(before) ?? LADEN.behind.exec(text.slice(q.to, q.to + LONGEST)))?.[1]
      : undefined;
  if (laden !== undefined) return waiting(made, 'laden', laden);
  if (BOUNDS.has(made.key) || /(?:Interval|Rpm)$/.test(made.key)) return made;
  const words = (BOUND.exec(before) ?? (LIMITED.has(made.key) ? LIMIT.exec(before) : null))?.[1];
  return words === undefined ? made : waiting(made, 'bound', words);
}

const waiting = (
  made: FigureProposal,
  code: 'bound' | 'laden' | 'tentative',
  words: string,
): FigureProposal => ({
  ...made,
  ticked: false,
  doubts: [...made.doubts, { code, words }],
});
