import type { Quantity } from '../lattice/quantity';
import { either } from './frames/frame';
import { PLAINLY, SEAT_MM, type Form } from './form';
import type { SentenceWords, Word } from './option';
import { WEIGHTS } from './weights';

const speaksOfSeat = (s: SentenceWords): boolean =>
  /(?<!\p{L})(?:seat|saddle|sitz|selle|asiento|sella|siod[łl]o|zadel|kanap|s\/?h(?!\p{L}))/iu.test(
    s.text,
  );

const isOfSeat = (word: Word | undefined): boolean =>
  word?.meaning.kind === 'label' && word.meaning.name === 'seatHeight';

/** A low seat is hardly lower than this share of the usual one. Own assumption. */
const LOWEST_SEAT = 0.9;

/** A seat a little lower than the number before it says. */
const isLowerThanBefore = (s: SentenceWords, q: Quantity): boolean => {
  const before = s.quantities.findLast((o) => o.to <= q.from)?.amounts[0] ?? 0;
  const [a = 0] = q.amounts;
  return speaksOfSeat(s) && a < before && a / before > LOWEST_SEAT;
};

const USUAL_IN_BRACKETS =
  /^ ?(?:mm|cm|in|")? ?\((?:standard(?: seat)?|stock|std|serie|serienmäßig|normal|d['’]origine|de série|di serie|de serie|standaard):? \d/iu;

const LOW_SAID = '(?:low(?:ered|est)?|niedrig|tief|basse|baja|bajo|bassa|laag|lav|låg)';
const USUAL_SAID =
  "(?:standard|std|stock|normal|serie|d['’]origine|de série|di serie|de serie|estándar|standaard)";
/** "Seat height standard/low: 870/850 mm": in the order of the head. */
const inOrderOfHead = (first: string, second: string, nth: '' | 'second') =>
  new RegExp(
    `(?<!\\p{L})${first} ?/ ?${second}(?: seat)?\\)?\\s?[:|]?\\s*${nth ? '\\d[\\d.,]* ?(?:mm|cm|in\\.?|["″])? ?/ ?' : ''}$`,
    'iu',
  );
const HEADS_OF_TWO = [
  { basis: 'standard-seat', before: inOrderOfHead(USUAL_SAID, LOW_SAID, '') },
  { basis: 'low-seat', before: inOrderOfHead(USUAL_SAID, LOW_SAID, 'second') },
  { basis: 'low-seat', before: inOrderOfHead(LOW_SAID, USUAL_SAID, '') },
  { basis: 'standard-seat', before: inOrderOfHead(LOW_SAID, USUAL_SAID, 'second') },
] as const;

/** Bare numbers that are the height of a seat. */
export const SEAT_FORMS: readonly Form[] = [
  ...HEADS_OF_TWO.flatMap((where) =>
    either('length', {
      key: 'seatHeight',
      points: PLAINLY + 1,
      by: 'basis',
      when: (s) => speaksOfSeat(s),
      ...where,
    }),
  ),
  // "At 870 I'm on tippy toes": what feet do at it is said of a seat.
  {
    key: 'seatHeight',
    points: WEIGHTS.byBasis + 1,
    by: 'basis',
    behind:
      /^(?: mil| mm)?,? (?:and |so |which means )?(?:I['’]?m|I am|I can|he['’]?s|she['’]?s|you['’]?re)(?: just| only| still| nearly)?(?: (?:about|get|on))?(?: on)?(?: my| both| the)? ?(?:tippy[ -]?toes?|tip[ -]?toes?|toes|flat[- ]foot(?:ed|ing)?|balls of)(?!\p{L})/iu,
  },
  // "34.4 in (low option 33.2 in)", "selle 850 (825 avec la selle basse)".
  ...either('length', {
    key: 'seatHeight',
    points: PLAINLY,
    by: 'basis',
    basis: 'low-seat',
    before:
      /(?<!\p{L}|\/ ?|\d ?(?:mm|cm|in|inch|inches) )(?:(?:low|lower|lowered)(?: (?:seat|one))?(?: option| version| setting| variant)?:?|(?:la|una|une|quella|sella|selle|asiento|silla) (?:bassa|basse|bajo|baja)(?: da| a| à| de)?|(?:die |eine |einer |der )?(?:niedrigen?|tiefen?)(?: (?:sitz)?bank)?(?: mit| hat| von| sind es| ist sie)?:?|(?:low|lower)(?: seat| one)?,? (?:that |which )?(?:brings?|drops?|takes?|gets?|puts?) (?:it|you|that|things)(?: down)? (?:to|at)) ?\(?(?:at |is )?$/iu,
    when: (s, { amounts: [a = 0] }) =>
      (speaksOfSeat(s) || isOfSeat(s.above)) &&
      ((a >= SEAT_MM.least && a <= SEAT_MM.most) || (a >= 26 && a <= 40 && a % 1 !== 0)),
  }),
  // "Sella 855 (835 mm opzionale)", "915 mm (optional 885 mm)": lower than the one told before it.
  ...[
    {
      points: PLAINLY,
      behind:
        /^(?: mm)? (?:opzionale|optional(?:ly)?|as an option|is optional|en option|opcional|als option|auf wunsch)(?!\p{L})/iu,
    },
    {
      points: PLAINLY + 1,
      before:
        /\d ?(?:mm|cm|in|")? ?[(,;] ?(?:optional(?:ly)?|option|opt\.?|en option|opzionale|opcional|als option|auf wunsch):? $/iu,
    },
  ].flatMap((where) =>
    either('length', {
      key: 'seatHeight',
      by: 'basis',
      basis: 'low-seat',
      when: isLowerThanBefore,
      ...where,
    }),
  ),
  // "Seat height with low seat 820 (standard 850)".
  ...either('length', {
    key: 'seatHeight',
    points: PLAINLY + 1,
    by: 'basis',
    basis: 'low-seat',
    behind: USUAL_IN_BRACKETS,
    when: (s, q) => {
      const next = s.quantities.find((o) => o.from >= q.to)?.amounts[0] ?? 0;
      const [a = 0] = q.amounts;
      return speaksOfSeat(s) && a < next && a / next > LOWEST_SEAT;
    },
  }),
  // "I swapped to the low one at 33.5 in".
  {
    key: 'seatHeight',
    dimension: 'length',
    points: PLAINLY,
    by: 'basis',
    basis: 'low-seat',
    before: /(?<!\p{L})(?:low|lower|lowered) (?:one|seat|option|version) (?:at|is|is at|of) $/iu,
    when: (s) => speaksOfSeat(s),
  },
  // "At 865 the seat's a touch tall".
  ...either('length', {
    key: 'seatHeight',
    points: PLAINLY,
    by: 'basis',
    before: /(?<!\p{L})at $/iu,
    behind: /^,? (?:the|its|my) (?:seat|saddle)(?:['’]s| is| feels| isn['’]t)(?!\p{L})/iu,
    when: (_, { amounts: [a = 0] }) =>
      (a >= SEAT_MM.least && a <= SEAT_MM.most) || (a >= 26 && a <= 40),
  }),
  // "850 in the low position".
  {
    key: 'seatHeight',
    points: PLAINLY,
    by: 'basis',
    basis: 'low-seat',
    behind:
      /^ (?:in|with|at) (?:the |its |their )?(?:accessory |optional |factory )?(?:low|lower|lowest)(?=,|\.| |$)(?! gear)/iu,
    when: speaksOfSeat,
  },
  {
    key: 'seatHeight',
    points: PLAINLY,
    by: 'basis',
    behind:
      /^ (?:in|with|at) (?:the |its |their )?(?:high|higher|highest|standard|tall)(?=,|\.| |$)(?! gear)/iu,
    when: speaksOfSeat,
  },
  // "In der tiefen Version achthundertzwanzig".
  {
    key: 'seatHeight',
    points: PLAINLY,
    by: 'basis',
    basis: 'low-seat',
    before:
      /(?<!\p{L})(?:tiefen|niedrigen|tiefergelegten|abgesenkten|basse|ribassata|baja) (?:version|variante|position|einstellung)(?: (?:sind es|hat sie|à|a|hat))? $/iu,
    when: (s, { amounts: [a = 0] }) =>
      (speaksOfSeat(s) || isOfSeat(s.above)) && a >= SEAT_MM.least && a <= SEAT_MM.most,
  },
  // "(815 standard)", "845 as standard": how tall the usual seat is.
  {
    key: 'seatHeight',
    points: PLAINLY,
    by: 'basis',
    behind:
      /^ (?:mm )?(?:as )?(?:standard|stock|normally|from new|serie|di serie|d['’]origine)(?=[),.;]|$)/iu,
    when: (s, { amounts: [a = 0] }) =>
      (speaksOfSeat(s) || isOfSeat(s.above)) && a >= SEAT_MM.least && a <= SEAT_MM.most,
  },
  // "Selle basse 820, d'origine 850".
  ...either('length', {
    key: 'seatHeight',
    points: PLAINLY,
    by: 'basis',
    basis: 'standard-seat',
    before:
      /(?<!\p{L}|\/ ?)(?:au lieu de|statt|anstatt|invece di|en lugar de|d['’]origine|de série|serienmäßig|serie|di serie|de serie|original|std|standard|normal)(?: è| es| c['’]est| sind(?: es)?)? $/iu,
    when: (s, { amounts: [a = 0] }) =>
      (speaksOfSeat(s) || isOfSeat(s.above)) &&
      ((a >= SEAT_MM.least && a <= SEAT_MM.most) || (a >= 26 && a <= 40 && a % 1 !== 0)),
  }),
  // "Eight sixty eight to the top of the foam".
  {
    key: 'seatHeight',
    points: PLAINLY,
    by: 'basis',
    behind: /^(?: mm)? to the top of the (?:foam|seat|saddle|cushion)(?!\p{L})/iu,
    when: (_, { amounts: [a = 0] }) => a >= SEAT_MM.least && a <= SEAT_MM.most,
  },
  // "Seat height 865 mm (845 mm low)", "Sitzhöhe 865 mm (tief 845 mm)".
  ...either('length', {
    key: 'seatHeight',
    points: PLAINLY + 1,
    by: 'basis',
    basis: 'low-seat',
    behind:
      /^ ?\(?(?:low|lowered|tief|niedrig|basse|bassa|baja|bajo|laag|låg|lav|nisk\p{L}*)(?: (?:seat|option|version|one))?\)/iu,
    when: speaksOfSeat,
  }),
  ...either('length', {
    key: 'seatHeight',
    points: PLAINLY + 1,
    by: 'basis',
    basis: 'low-seat',
    before:
      /\d ?(?:mm|cm|in|")? \((?:with )?(?:the )?(?:low|lowered|tief|niedrig|basse|bassa|baja|laag)(?: seat)?:? $/iu,
    behind: /^ ?\)/u,
    when: speaksOfSeat,
  }),
  // "You sit 865 mm off the ground".
  {
    key: 'seatHeight',
    dimension: 'length',
    points: PLAINLY,
    by: 'basis',
    before: /(?<!\p{L})(?:you|I|we|one) (?:sit|sits|perch) (?:about |around |up at |at )?$/iu,
    behind: /^ (?:off|above|over) the (?:ground|floor|deck|road)(?!\p{L})/iu,
  },
  // "Man sitzt auf 865 mm".
  {
    key: 'seatHeight',
    dimension: 'length',
    points: PLAINLY,
    by: 'basis',
    before:
      /(?<!\p{L})(?:man|ich|du|wir) (?:sitzt|sitze|sitzen) (?:da )?(?:auf|in) (?:etwa |rund |knapp |gut )?$/iu,
  },
  // "Seat 870 (850 with the low seat)", "(850 mit niedriger Sitzbank)", "(850 avec la selle basse à 149 €)".
  ...either('length', {
    key: 'seatHeight',
    points: PLAINLY + 1,
    by: 'basis',
    basis: 'low-seat',
    before: /\d ?(?:mm|cm|in\.?|inches|["″])? ?[(,;] ?(?:or |oder |ou |o |nur |only )?$/iu,
    behind:
      /^ (?:with|on|using|mit|avec|con|com|met|med) (?:the |a |an |der |einer |la |une |una |de |el |o |il )?(?:(?:factory|optional|accessory|optionalen?|lower|option) )?(?:low(?:er|ered)?|comfort low|niedrig\p{L}*|tief\p{L}*|flach\p{L}*|(?:selle|sella|silla|banco|asiento|sillín) (?:basse|bassa|ribassata|baja|baixo|bajo)|lage|låg|lav|lavt)(?: (?:seat|saddle|sitz\p{L}*|bank|zadel|sits|sete|sæde))?(?!\p{L})/iu,
    when: isLowerThanBefore,
  }),
  // "Stock 870, I have the 850 low".
  {
    key: 'seatHeight',
    points: PLAINLY,
    by: 'basis',
    basis: 'low-seat',
    behind: /^ (?:low|lowered)(?: seat| one| version)?(?=[.,;)]|$)/iu,
    when: (s, { amounts: [a = 0] }) =>
      (speaksOfSeat(s) || isOfSeat(s.above)) && a >= SEAT_MM.least && a <= SEAT_MM.most,
  },
];
