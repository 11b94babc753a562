import type { Dimension } from '../../units';
import type { Quantity } from '../lattice/quantity';
import { ASKED_FOR, BARE_FORMS, PLAINLY, type Form } from './bare-forms';
import { BESIDE_FORMS } from './beside-forms';
import { CARE_FORMS } from './care-forms';
import type { SentenceWords } from './option';
import { RANGE_FORMS } from './range-forms';
import { WEIGHTS } from './weights';

/** Figures between commas, slashes or stops: the least for a list that names nothing. Own assumption. */
const LISTED_FIGURES = 4;

/** A length that alone in a list of figures nearly always is the seat's. */
const isSeat = (_: SentenceWords, { amounts: [a = 0], unit }: Quantity): boolean =>
  (unit === 'mm' && a >= 780 && a <= 960) || (unit === 'in' && a >= 30.5 && a <= 38);

/** Between commas or stops with nothing beside it: `…, 4.2 gal, …`. */
const isAlone = (s: SentenceWords, q: Quantity): boolean =>
  /(?:^[^\p{L}\d]*|^(?:mine|stock|standard|serie)\s*:\s*|^\s*\d\)\s*|[,;(.•*/|-]\s*)$/u.test(
    s.text.slice(Math.max(0, q.from - 6), q.from),
  ) && /^\.?(?:\s*[,;)./|]|\s*$)/u.test(s.text.slice(q.to, q.to + 3));

const TANK = {
  key: 'tank',
  dimension: 'volume',
  points: WEIGHTS.byUnit - 0.3,
  by: 'unit',
} as const;

const speaksOfSprings = (s: SentenceWords): boolean =>
  /(?<!\p{L})(?:springs?|\p{L}*federn?|ressorts?|moll[ae]|muelles?|forks?|gabel|fourche|shock|stock|serie|standard)(?!\p{L})/iu.test(
    s.text,
  );

/** "A fifty-five newton spring", "Serie ist 4,8 N/mm vorne und 60 N/mm hinten": which end, its size tells. */
const SPRING = {
  dimension: 'springRate',
  points: WEIGHTS.byUnit + 0.3,
  by: 'unit',
  when: speaksOfSprings,
} as const;

/** Litres: less is oil, or a fill. Own assumption. */
const LEAST_TANK = 6;

/** In any currency: a service costs less. Own assumption. */
const LEAST_PAID = 1500;

const FORMS: readonly Form[] = [
  ...BARE_FORMS,
  ...RANGE_FORMS,
  ...BESIDE_FORMS,
  ...CARE_FORMS,
  { ...TANK, when: isAlone },
  // "They gave it 5.3 gallons", "19 litres of petrol": what only a tank holds.
  {
    ...TANK,
    before: /(?:gave|gives|give|given) it (?:a )?$/iu,
    when: (_, q) =>
      /^gal/.test(q.unit ?? '') || (q.unit === 'L' && (q.amounts[0] ?? 0) >= LEAST_TANK),
  },
  {
    ...TANK,
    behind:
      /^ of (?:fuel|petrol|gas|unleaded)(?! (?:for|in|gone|went|burnt|used)(?!\p{L}))(?!\p{L})/iu,
  },
  // "It's eighteen litres", "on its ten and a half litres": said of what was spoken of, and in litres that is the tank.
  {
    ...TANK,
    before: /(?<!\p{L})(?:it['’]?s|it is)(?: only| just| about| around)?(?: an?)? $/iu,
  },
  // "You put sixteen litres in, all three tanks".
  {
    ...TANK,
    points: WEIGHTS.byBasis,
    before: /(?<!\p{L})you (?:put|get|can put|can get) $/iu,
    behind: /^ (?:of (?:fuel|petrol|gas) )?in(?: it| the tank)?(?=[,.]| and|$)/iu,
  },
  // "Sixteen litres fit in it", "16 Liter passen rein".
  {
    ...TANK,
    points: WEIGHTS.byBasis,
    behind:
      /^ (?:passen|gehen|go|fit|goes|fits)(?: (?:da|in|into))? ?(?:rein|hinein|in|in den tank|(?:it|the tank))(?!\p{L})/iu,
  },
  {
    key: 'seatHeight',
    dimension: 'length',
    points: WEIGHTS.byUnit - 1,
    by: 'unit',
    when: (s, q) => isAlone(s, q) && isSeat(s, q),
  },
  // "38hp, 148 dry, 14l, 880, 21/18": in such a list the seat needs no unit either.
  {
    key: 'seatHeight',
    points: WEIGHTS.byUnit,
    by: 'unit',
    when: (s, q) =>
      isAlone(s, q) && isSeat(s, { ...q, unit: 'mm' }) && s.quantities.length >= LISTED_FIGURES,
  },
  // "6,899 pounds, plus on the road charges": what a new one is listed at.
  {
    key: 'price',
    dimension: 'money',
    points: WEIGHTS.byBasis,
    by: 'basis',
    behind:
      /^,? ?(?:plus|before|then) (?:the |your )?(?:on[- ](?:the[- ])?roads?|otr|freight|dealer fees|destination|tax(?:es)?|rego)(?!\p{L})/iu,
  },
  // "£6,799 + £250 OTR": what comes on top is said behind it.
  {
    key: 'price',
    dimension: 'money',
    points: PLAINLY + 1,
    by: 'basis',
    basis: 'list',
    when: (s) => !s.sale,
    behind:
      /^ ?(?:\+|plus|and) ?(?:about )?[£$€]? ?\d[\d.,]* ?[£$€]? ?(?:for |in |of )?(?:the )?(?:otr|on[- ]the[- ]roads?|pdi|freight|delivery|dealer fees|destination|rego|registration|fees|doc fees?)(?!\p{L})/iu,
  },
  // "What do you get for seven thousand nine hundred ninety nine dollars?"
  {
    key: 'price',
    dimension: 'money',
    points: WEIGHTS.byBasis,
    by: 'basis',
    before:
      /(?<!\p{L}|can )you(?:['’]re)? get(?:ting)?(?: \p{L}+){0,3} for (?:your |just |only )?$/iu,
  },
  // "Forty five hundred dollars I gave for it".
  {
    key: 'price',
    dimension: 'money',
    points: PLAINLY + 1,
    by: 'basis',
    basis: 'paid',
    behind: /^,? (?:is what |was what )?(?:I|we) (?:gave|paid|handed over)(?!\p{L})/iu,
  },
  // "Cost us four and a half thousand": of the machine, and not of a service.
  {
    key: 'price',
    dimension: 'money',
    points: PLAINLY + 1,
    by: 'basis',
    basis: 'paid',
    before:
      /(?:^|[.!?,;] ?|(?<!\p{L})(?:it|she|he|bike|mine|which) )cost (?:me|us) (?:about |around )?$/iu,
    when: (_, { amounts: [a = 0] }) => a >= LEAST_PAID,
  },
  // "Eighteen nine ninety five to you".
  {
    key: 'price',
    dimension: 'money',
    points: WEIGHTS.byBasis,
    by: 'basis',
    basis: 'asked',
    behind: /^ to you(?=[.,!]|$)/iu,
  },
  // "It's up at three seven fifty", "the dealer would do 9,990".
  {
    key: 'price',
    dimension: 'money',
    points: WEIGHTS.byBasis,
    by: 'basis',
    basis: 'asked',
    before: ASKED_FOR,
  },
  // "Elle est à 10 999 euros".
  {
    key: 'price',
    dimension: 'money',
    points: WEIGHTS.byBasis,
    by: 'basis',
    before:
      /(?<!\p{L})(?:est|affichée?|proposée?|vendue?|facturée?|disponible|steht|liegt|gibt['’]?s|gibt es) (?:à partir de |à|bei|mit|ab|für) $/iu,
  },
  // "We pay about twelve thousand dollars a unit".
  {
    key: 'price',
    dimension: 'money',
    points: WEIGHTS.byBasis,
    by: 'basis',
    basis: 'paid',
    before: /(?<!\p{L})(?:we|I) (?:pay|have paid) (?:about |around |roughly )?$/iu,
    behind: /^ (?:a|per|each)(?: unit| bike| piece| machine)?(?=[.,;]|$| (?:for|from))/iu,
  },
  { ...SPRING, key: 'forkRate' },
  { ...SPRING, key: 'shockRate' },
  // "4.8 N/mm, right for a 75 kg rider".
  {
    key: 'springRiderMass',
    dimension: 'mass',
    points: PLAINLY,
    by: 'unit',
    behind: /^[ -](?:riders?|fahrer\p{L}*|pilot[aeo]s?)(?!\p{L})/iu,
    when: (s) => s.quantities.some((o) => /^(?:N\/mm|kgf\/mm|lbf\/in)$/.test(o.unit ?? '')),
  },
  // "Stock shock 85 N/mm, and that's for 80 kg".
  {
    key: 'springRiderMass',
    dimension: 'mass',
    points: WEIGHTS.byBasis,
    by: 'unit',
    before:
      /(?<!\p{L})(?:that['’]s|which is|meant|set up|good|right|suits?|sprung|valved|made) for (?:an? |about |around )?$/iu,
    when: (s) => s.quantities.some((o) => /^(?:N\/mm|kgf\/mm|lbf\/in)$/.test(o.unit ?? '')),
  },
  // "75 kg rider in the manual".
  {
    key: 'springRiderMass',
    dimension: 'mass',
    points: PLAINLY,
    by: 'unit',
    behind:
      /^[ -](?:riders?|fahrer\p{L}*|pilot[aeo]s?),? (?:in|per|by|says|according to) (?:the )?(?:\p{L}+['’]s )?(?:manual|handbook|book|owner)(?!\p{L})/iu,
  },
  // "Stock puts out 320 W @ 5k".
  {
    key: 'alternator',
    dimension: 'electric',
    points: WEIGHTS.byBasis,
    by: 'unit',
    before:
      /(?<!\p{L})(?:puts? out|pumps out|charges at|generates)(?: about| around| a claimed)? $/iu,
  },
  // "Soft luggage rack (max 8 kg)".
  {
    key: 'rackLimit',
    dimension: 'mass',
    points: PLAINLY,
    by: 'basis',
    before: /(?<!\p{L})rack \((?:max\.?|rated|limit|up to|good for) ?(?:at |to |for )?$/iu,
  },
  // "A rack that takes seven kilos".
  {
    key: 'rackLimit',
    dimension: 'mass',
    points: PLAINLY,
    by: 'basis',
    before:
      /(?<!\p{L})rack (?:that |which )?(?:takes|holds|carries|is (?:only )?good for)(?: up to| only| about)? $/iu,
  },
  // "Plate on mine says 390 kg".
  {
    key: 'maxMass',
    dimension: 'mass',
    points: PLAINLY,
    by: 'basis',
    before: /(?<!\p{L})plate(?: \p{L}+){0,5} (?:says?|reads?|shows?|states?|gives)(?: max)? $/iu,
  },
  // "From 34.8 in to 33.2 with the low seat".
  {
    key: 'seatHeight',
    dimension: 'length',
    points: WEIGHTS.byUnit,
    by: 'unit',
    before: /(?<!\p{L})from (?:the (?:stock|standard) )?$/iu,
    when: (s, q) =>
      isSeat(s, q) && /(?<!\p{L})(?:seat|saddle|sitz\p{L}*|selle)(?!\p{L})/iu.test(s.text),
  },
  // "Stock was 34.5 in".
  {
    key: 'seatHeight',
    dimension: 'length',
    points: WEIGHTS.byBasis,
    by: 'basis',
    basis: 'standard-seat',
    before: /(?<!\p{L})(?:stock|standard|originally|original|oem) (?:it )?(?:was|is) $/iu,
    when: isSeat,
  },
  // "It's six thousand four hundred and ninety nine pounds": no mass is so large.
  {
    key: 'price',
    dimension: 'money',
    points: WEIGHTS.bySum,
    by: 'sum',
    before:
      /(?<!\p{L})(?:it['’]s|it is|that['’]s|for|at|yours for) (?:about |around |only |just )?$/iu,
    when: (s, { amounts: [a = 0], unit }) => !s.sale && unit === 'pounds' && a >= LEAST_PAID,
  },
  // "It will be in showrooms in March from €11,290".
  {
    key: 'price',
    dimension: 'money',
    points: WEIGHTS.bySum,
    by: 'sum',
    before: /(?<!\p{L})(?:from|starting at|priced from|ab|à partir de|desde|a partire da) $/iu,
    when: (s, { amounts: [a = 0] }) =>
      !s.sale &&
      a >= LEAST_PAID &&
      /(?<!\p{L})(?:showrooms?|dealers?|available|on sale|arrives?|händler\p{L}*|concession\p{L}*|concesionari\p{L}*)(?!\p{L})/iu.test(
        s.text,
      ),
  },
  // "3.0 gal, 359 lbs, $5,749": the one sum of a list.
  {
    key: 'price',
    dimension: 'money',
    points: WEIGHTS.bySum,
    by: 'sum',
    when: (s, q) =>
      !s.sale &&
      isAlone(s, q) &&
      s.quantities.length >= LISTED_FIGURES &&
      s.quantities.filter((o) => o.unit === q.unit).length === 1 &&
      (q.amounts[0] ?? 0) >= LEAST_PAID &&
      !/(?<!\p{L})(?:picked|paid|bought|gave)(?!\p{L})/iu.test(s.text),
  },
  // "326 pounds." by itself, where money is in dollars.
  {
    key: 'mass',
    dimension: 'mass',
    points: WEIGHTS.byUnit,
    by: 'unit',
    when: (s, q) =>
      q.unit === 'pounds' &&
      s.units.money !== 'GBP' &&
      isAlone(s, q) &&
      q.amounts.every((a) => a >= 200 && a <= 700),
  },
  // An angle with a length behind a slash: rake and trail.
  {
    key: 'rake',
    dimension: 'angle',
    points: WEIGHTS.byUnit,
    by: 'unit',
    behind: /^\s*\/\s*\d{1,3}(?:[.,]\d)? ?(?:mm|in)/iu,
  },
];

/** A form with what stands before its number looked at backwards from there: words that do not fit are left at the last of them. */
interface Looked {
  readonly form: Form;
  readonly stands: (text: string, at: number) => boolean;
}

/** How far a form that begins at the start of a line looks back, in characters. */
const BEFORE = 90;
/** How far a form looks behind its number, in characters. */
const BEHIND = 48;

function looked(form: Form): Looked {
  const { before } = form;
  if (!before) return { form, stands: () => true };
  if (before.source.startsWith('^'))
    return { form, stands: (text, at) => before.test(text.slice(Math.max(0, at - BEFORE), at)) };
  const back = new RegExp(`(?<=${before.source.slice(0, -1)})`, `${before.flags}y`);
  return {
    form,
    stands: (text, at) => {
      back.lastIndex = at;
      return back.test(text);
    },
  };
}

/** The forms of each unit's dimension, so that most need not be looked at. */
const BY_DIMENSION = new Map<Dimension | undefined, readonly Looked[]>();
for (const form of FORMS)
  BY_DIMENSION.set(form.dimension, [...(BY_DIMENSION.get(form.dimension) ?? []), looked(form)]);

/** The forms that a number stands in. */
export function formsOf(
  s: SentenceWords,
  q: Quantity,
  dimension: Dimension | undefined,
): readonly Form[] {
  const behind = s.text.slice(q.to, q.to + BEHIND);
  return (BY_DIMENSION.get(dimension) ?? []).flatMap(({ form, stands }) =>
    (s.ours || form.anywhere) &&
    (form.behind?.test(behind) ?? true) &&
    stands(s.text, q.from) &&
    (form.when?.(s, q) ?? true)
      ? [form]
      : [],
  );
}
