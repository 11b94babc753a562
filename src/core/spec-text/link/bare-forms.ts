import { spelt } from '../vocabulary/letters';
import type { Quantity } from '../lattice/quantity';
import { PLAINLY, type Form } from './form';
import type { SentenceWords } from './option';
import { isPower } from './restricted';
import { WEIGHTS } from './weights';

/** "42.6 at the wheel". */
export const AT_THE_WHEEL = spelt(
  /^ (?:hp |ps |bhp )?(?:measured )?(?:(?:at|to) the (?:rear |back )?wheel|alla ruota|à la roue|a la rueda|am (?:hinter)?rad)(?!\p{L})/iu,
);

const isMotor = (_: SentenceWords, { amounts: [a = 0] }: Quantity): boolean =>
  Number.isInteger(a) && a >= 100 && a <= 1400 && a % 10 === 0;
const speaksOfPower = (s: SentenceWords): boolean =>
  s.units.usual.power !== undefined ||
  s.quantities.some(isPower) ||
  /(?<!\p{L})(?:makes|puts (?:down|out)|horse\w*|power)/iu.test(s.text);

/** Horsepower of anything with two wheels and an engine. Own assumption. */
const LEAST_POWER = 8;
const MOST_POWER = 220;

/** Bare numbers that are the size of a motor, a power, a ratio. */
export const BARE_FORMS: readonly Form[] = [
  // "14T front (was 15)", "rear sprocket 47 (was 45)": what the maker fitted.
  ...(
    [
      ['sprocketFront', 10, 20],
      ['sprocketRear', 34, 64],
    ] as const
  ).map(
    ([key, least, most]): Form => ({
      key,
      points: PLAINLY + 1,
      by: 'basis',
      before:
        /(?:\d ?(?:t|tooth|teeth|er|zähne?)(?!\p{L})[^.;()]{0,24}|(?<!\p{L})(?:sprockets?|ritzel|kettenrad|pignon|couronne|pignone|corona|piñón|tandwiel) ?:? \d{2}) ?\((?:it |they )?(?:was|were|used to be|vorher|früher|avant|antes|prima|voorheen|stock|std|serie)(?: an?)? $/iu,
      behind: /^ ?(?:t|tooth|teeth|er)?(?: stock)?\)/iu,
      when: (_, { amounts: [a = 0] }) => Number.isInteger(a) && a >= least && a <= most,
    }),
  ),
  // "We put it on our rollers and got thirty-seven".
  {
    key: 'power',
    points: PLAINLY,
    by: 'basis',
    basis: 'wheel',
    before:
      /(?<!\p{L})on(?:to)? (?:our|the|a|their|my|his|some|\p{L}+['’]s) (?:\p{L}+ )?(?:dyno|rollers|rolling road),? (?:and|where|which) (?:it |we |I )?(?:got|saw|made|reads?|showed|gave|put (?:down|out)) (?:only |just |about |an? )?$/iu,
    when: (_, { amounts: [a = 0] }) => a >= LEAST_POWER && a <= MOST_POWER,
  },
  // "A 450 single", "my 650 twin": the size of a motor, in cubic centimetres.
  {
    key: 'displacement',
    points: WEIGHTS.byUnit + 1.8,
    by: 'unit',
    behind:
      /^[ -](?:(?:air|oil|water|liquid)[- ]cooled )?(?:single|twin|parallel twin|v-?twin|triple|thumper|boxer)(?! ?(?:dis[ck]|seat|shock|exhaust|headlight|track|owner))(?!\p{L})/iu,
    when: isMotor,
  },
  // "C'est une cinq cents".
  {
    key: 'displacement',
    points: WEIGHTS.byBasis,
    by: 'unit',
    before: /(?<!\p{L})c['’]est une $/iu,
    behind: /^(?=[,.;]|$)/u,
    when: isMotor,
  },
  // "Motore bicilindrico da settecentocinquanta".
  {
    key: 'displacement',
    points: WEIGHTS.byBasis,
    by: 'unit',
    before:
      /(?<!\p{L})(?:motore|motor|moteur|bicilindrico|monocilindrico|bicylindre|monocylindre|einzylinder|zweizylinder|bicilíndrico|monocilíndrico) (?:\p{L}+ )?(?:da|de|di|mit|von) $/iu,
    when: isMotor,
  },
  // "Air cooled two hundred, five speed".
  {
    key: 'displacement',
    points: WEIGHTS.byBasis,
    by: 'unit',
    before: /(?<!\p{L})(?:air|oil|water|liquid)[- ]cooled $/iu,
    when: isMotor,
  },
  // "Primary 76/36 = 2.111".
  {
    key: 'primaryRatio',
    points: PLAINLY,
    by: 'label',
    before: /(?<!\p{L})prim(?:ary|är\p{L}*|aire|aria|ario)[^.;\d]{0,14}\d{2}[/:]\d{2} ?= ?$/iu,
  },
  {
    key: 'power',
    points: PLAINLY,
    by: 'basis',
    behind: AT_THE_WHEEL,
    when: (s) =>
      speaksOfPower(s) ||
      /(?<!\p{L})(?:b?hp|whp|ps|kw|crank|cavalli|cv|ch|chevaux|caballos|leistung)(?!\p{L})/iu.test(
        s.text,
      ),
    anywhere: true,
  },
  // "Claimed is 61 crank".
  {
    key: 'power',
    points: PLAINLY,
    by: 'basis',
    basis: 'crank',
    behind: /^ crank(?=[,.;)]|$| (?:and|but|vs|claimed))/iu,
    when: (_, { amounts: [a = 0] }) => a >= LEAST_POWER && a <= MOST_POWER,
  },
  {
    key: 'power',
    points: PLAINLY,
    by: 'basis',
    behind: /^ (?:hp |ps |bhp )?at the crank(?!\p{L})/iu,
    when: (s, { amounts: [a = 0] }) => speaksOfPower(s) || (a >= LEAST_POWER && a <= MOST_POWER),
    anywhere: true,
  },
];
