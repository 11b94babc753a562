import type { Dimension } from '../../units';
import type { Quantity } from '../lattice/quantity';
import { BARE_FORMS, PLAINLY, type Form } from './bare-forms';
import type { SentenceWords } from './option';
import { WEIGHTS } from './weights';

/** A length that alone in a list of figures nearly always is the seat's. */
const isSeat = (_: SentenceWords, { amounts: [a = 0], unit }: Quantity): boolean =>
  (unit === 'mm' && a >= 780 && a <= 960) || (unit === 'in' && a >= 30.5 && a <= 38);

/** Between commas or stops with nothing beside it: `…, 4.2 gal, …`. */
const isAlone = (s: SentenceWords, q: Quantity): boolean =>
  /(?:^[^\p{L}\d]*|^(?:mine|stock|standard|serie)\s*:\s*|^\s*\d\)\s*|[,;(.•*/|-]\s*)$/u.test(
    s.text.slice(Math.max(0, q.from - 6), q.from),
  ) && /^\.?(?:\s*[,;)./|]|\s*$)/u.test(s.text.slice(q.to, q.to + 3));

const ONE_TANK = {
  key: 'statedRange',
  dimension: 'distance',
  points: WEIGHTS.byUnit + 0.6,
  by: 'unit',
} as const;
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

const FORMS: readonly Form[] = [
  ...BARE_FORMS,
  { ...TANK, when: isAlone },
  // "They gave it 5.3 gallons", "19 litres of petrol": what only a tank holds.
  {
    ...TANK,
    before: /(?:gave|gives|give|given) it (?:a )?$/iu,
    when: (_, q) => /^gal/.test(q.unit ?? ''),
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
  {
    key: 'seatHeight',
    dimension: 'length',
    points: WEIGHTS.byUnit - 1,
    by: 'unit',
    when: (s, q) => isAlone(s, q) && isSeat(s, q),
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
  { ...SPRING, key: 'forkRate' },
  { ...SPRING, key: 'shockRate' },
  // "You're gonna get around 350 km out of that", "should be good for 300 km": how far a tank goes.
  {
    ...ONE_TANK,
    behind: /^\+? (?:theoretically|in theory|to empty|to dry|between fill-?ups)(?!\p{L})/iu,
  },
  {
    ...ONE_TANK,
    behind:
      /^\+? (?:out of|from|on|per|to) (?:it|that|this|the tank|a tank|one tank|each tank|a full)(?!\p{L})/iu,
  },
  {
    ...ONE_TANK,
    before:
      /(?<!\p{L})you(?:['’](?:ll|d)| will| can| would)?(?: still| easily| just| probably)? (?:get|see|do|go|manage)(?: about| around| over| nearly)?(?: an?)? $/iu,
  },
  {
    ...ONE_TANK,
    before: /(?<!\p{L})good for (?:about |around |over |nearly |at least |a solid |an easy )?$/iu,
  },
  {
    ...ONE_TANK,
    before:
      /(?<!\p{L})tank (?:gave|gives|gets|got|does|did|lasts|lasted|takes|took)(?: me| us| you)?(?: about| around)? $/iu,
  },
  // "4.8 N/mm, right for a 75 kg rider".
  {
    key: 'springRiderMass',
    dimension: 'mass',
    points: PLAINLY,
    by: 'unit',
    behind: /^[ -](?:riders?|fahrer\p{L}*|pilot[aeo]s?)(?!\p{L})/iu,
    when: (s) => s.quantities.some((o) => /^(?:N\/mm|kgf\/mm|lbf\/in)$/.test(o.unit ?? '')),
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

/** How far a form looks to either side, in characters. */
const BEFORE = 90;
const BEHIND = 48;

/** The forms that a number stands in. */
export function formsOf(
  s: SentenceWords,
  q: Quantity,
  dimension: Dimension | undefined,
): readonly Form[] {
  const before = s.text.slice(Math.max(0, q.from - BEFORE), q.from);
  const behind = s.text.slice(q.to, q.to + BEHIND);
  return FORMS.filter(
    (f) =>
      f.dimension === dimension &&
      (s.ours || f.anywhere) &&
      (f.before?.test(before) ?? true) &&
      (f.behind?.test(behind) ?? true) &&
      (f.when?.(s, q) ?? true),
  );
}
