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
  // "They set it up for about 75", where springs are spoken of.
  ...([undefined, 'mass'] as const).map(
    (dimension): Form => ({
      key: 'springRiderMass',
      ...(dimension ? { dimension } : {}),
      points: PLAINLY,
      by: 'basis',
      before:
        /(?<!\p{L})(?:(?:set|sprung|valved|made|meant|built|tuned)(?: it| them| that| this)?(?: up)?|good|ausgelegt|abgestimmt|réglée?s?|tarat[aeo]) (?:for|auf|für|pour|per) (?:an? |about |around |etwa |rund |environ |circa )*$/iu,
      behind: /^(?! ?(?:km|mi|mph|miles|years|cm|mm|"))/iu,
      when: (s, { amounts: [a = 0] }) =>
        a >= 50 &&
        a <= 110 &&
        /(?<!\p{L})(?:suspension|springs?|sprung|fahrwerk|federung|suspensions|sospensioni)(?!\p{L})/iu.test(
          s.text,
        ),
    }),
  ),
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
