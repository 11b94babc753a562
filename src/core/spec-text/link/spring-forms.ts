import { PLAINLY, type Form } from './form';
import type { SentenceWords } from './option';
import { WEIGHTS } from './weights';

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

/** Springs, and the rider they are for. */
export const SPRING_FORMS: readonly Form[] = [
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
];
