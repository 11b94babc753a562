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

/** A figure that is told as a bound waits for a look. */
export function asBound(made: FigureProposal, text: string, q: Quantity): FigureProposal {
  if (!made.ticked || BOUNDS.has(made.key) || made.key.endsWith('Interval')) return made;
  const before = text.slice(Math.max(0, q.from - LONGEST), q.from);
  const words = (BOUND.exec(before) ?? (LIMITED.has(made.key) ? LIMIT.exec(before) : null))?.[1];
  return words === undefined
    ? made
    : { ...made, ticked: false, doubts: [...made.doubts, { code: 'hedged', words }] };
}
