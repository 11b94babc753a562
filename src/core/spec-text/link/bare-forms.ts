import type { Basis, FigureKey } from '../../readings';
import type { Dimension } from '../../units';
import type { Quantity } from '../lattice/quantity';
import type { Option, SentenceWords } from './option';
import { isPower } from './restricted';
import { WEIGHTS } from './weights';

/** A way of saying a figure that needs no label: what stands right before or behind a number tells what it is. */
export interface Form {
  readonly key: FigureKey;
  /** What the number is written in; absent: nothing. */
  readonly dimension?: Dimension;
  readonly points: number;
  readonly by: Option['by'];
  /** Which way of measuring these words say. */
  readonly basis?: Basis;
  /** What ends right before the number, or begins right behind it; one of them is there. */
  readonly before?: RegExp;
  readonly behind?: RegExp;
  readonly when?: (s: SentenceWords, q: Quantity) => boolean;
  /** Also in a text of which it is open whether it is about a motorcycle. */
  readonly anywhere?: true;
}

/** Beats what a rider, a budget or a clock would take: nothing else is said like that. */
export const PLAINLY = WEIGHTS.byBasis + 2.2;

/** "It's up at 3 750", "the dealer would do 9,990". */
export const ASKED_FOR =
  /(?<!\p{L})(?:(?:is|it['’]s|this one['’]s|he['’]s|one) up (?:at|for)|(?:would|will|could|to) (?:do|take|let (?:it|me have it) go for|let it go (?:at|for)))(?: about)? $/iu;

/** "42.6 at the wheel". */
export const AT_THE_WHEEL =
  /^ (?:hp |ps |bhp )?(?:measured )?(?:at|to) the (?:rear |back )?wheel(?!\p{L})/iu;

const isMotor = (_: SentenceWords, { amounts: [a = 0] }: Quantity): boolean =>
  Number.isInteger(a) && a >= 100 && a <= 1400 && a % 10 === 0;
const speaksOfPower = (s: SentenceWords): boolean =>
  s.units.usual.power !== undefined ||
  s.quantities.some(isPower) ||
  /(?<!\p{L})(?:makes|puts (?:down|out)|horse\w*|power)/iu.test(s.text);

const speaksOfSeat = (s: SentenceWords): boolean =>
  /(?<!\p{L})(?:seat|saddle|sitz|selle|asiento|sella)/iu.test(s.text);

/** Millimetres within which a bare number beside the word seat is its height. Own assumption. */
const SEAT_LEAST = 740;
const SEAT_MOST = 980;

/** In any currency: less is asked for a part. Own assumption. */
const LEAST_ASKED = 1000;

/** Forms of a bare number. */
export const BARE_FORMS: readonly Form[] = [
  // "A 450 single", "my 650 twin": the size of a motor, in cubic centimetres.
  {
    key: 'displacement',
    points: WEIGHTS.byUnit + 1.8,
    by: 'unit',
    behind:
      /^[ -](?:(?:air|oil|water|liquid)[- ]cooled )?(?:single|twin|parallel twin|v-?twin|triple|thumper|boxer)(?! ?(?:dis[ck]|seat|shock|exhaust|headlight|track|owner))(?!\p{L})/iu,
    when: isMotor,
  },
  // "At 870 I'm on tippy toes": what feet do at it is said of a seat.
  {
    key: 'seatHeight',
    points: WEIGHTS.byBasis + 1,
    by: 'basis',
    behind:
      /^(?: mil| mm)?,? (?:and |so |which means )?(?:I['’]?m|I am|I can|he['’]?s|she['’]?s|you['’]?re)(?: just| only| still| nearly)?(?: (?:about|get|on))?(?: on)?(?: my| both| the)? ?(?:tippy[ -]?toes?|tip[ -]?toes?|toes|flat[- ]foot(?:ed|ing)?|balls of)(?!\p{L})/iu,
  },
  // "850 in the low position".
  {
    key: 'seatHeight',
    points: PLAINLY,
    by: 'basis',
    basis: 'low-seat',
    behind: /^ (?:in|with|at) (?:the |its |their )?(?:low|lower|lowest)(?=,|\.| |$)(?! gear)/iu,
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
  // "(815 standard)", "845 as standard": how tall the usual seat is.
  {
    key: 'seatHeight',
    points: PLAINLY,
    by: 'basis',
    behind: /^ (?:mm )?(?:as )?(?:standard|stock|serie|di serie|d['’]origine)(?=[),.;]|$)/iu,
    when: (s, { amounts: [a = 0] }) => speaksOfSeat(s) && a >= SEAT_LEAST && a <= SEAT_MOST,
  },
  // "The dealer would do 9,990".
  {
    key: 'price',
    points: WEIGHTS.byBasis,
    by: 'basis',
    basis: 'asked',
    before: ASKED_FOR,
    when: (s, { amounts }) => s.units.money !== undefined && Math.max(...amounts) >= LEAST_ASKED,
  },
  // "I averaged 5.1 over the week".
  {
    key: 'consumption',
    points: PLAINLY,
    by: 'basis',
    basis: 'own-fills',
    before:
      /(?<!\p{L})(?:I|we)(?:['’]ve| have|['’]m|['’]re)? (?:averaged?|averaging)(?: about| around| just| only)? $/iu,
  },
  // "I stop around one ninety", "fuel light at 190".
  {
    key: 'statedRange',
    points: PLAINLY,
    by: 'unit',
    before:
      /(?<!\p{L})(?:(?:I|we) (?:usually |normally )?(?:stop|fill up|refuel|start looking)|(?:fuel |low fuel |reserve )?light (?:comes on |came on |on )?)(?: ?(?:at|around|by|about))+ $/iu,
    when: (s, { amounts: [a = 0] }) => s.units.distance !== undefined && a >= 60 && a <= 700,
  },
  // "He gets two hundred and eighty out of it".
  {
    key: 'statedRange',
    points: WEIGHTS.byBasis,
    by: 'unit',
    behind: /^ out of (?:it|that|a tank|the tank|one tank)(?!\p{L})/iu,
    when: (s, { amounts: [a = 0] }) => s.units.distance !== undefined && a >= 60 && a <= 700,
  },
  // "4.7/100".
  {
    key: 'consumption',
    points: PLAINLY,
    by: 'unit',
    behind: /^ ?\/ ?100(?! ?(?:points?|%)|[\d/-])/iu,
    when: (_, { amounts: [a = 0] }) => a >= 1.5 && a < 13,
  },
  // "Primary 76/36 = 2.111".
  {
    key: 'primaryRatio',
    points: PLAINLY,
    by: 'label',
    before: /(?<!\p{L})prim(?:ary|är\p{L}*|aire|aria|ario)[^.;\d]{0,14}\d{2}[/:]\d{2} ?= ?$/iu,
  },
  // "It's four kilos heavier at one ninety nine".
  {
    key: 'mass',
    points: WEIGHTS.byBasis,
    by: 'basis',
    before: /(?<!\p{L})(?:heavier|lighter)(?:,)? (?:now )?at (?:about )?$/iu,
  },
  // "Air cooled two hundred, five speed".
  {
    key: 'displacement',
    points: WEIGHTS.byBasis,
    by: 'unit',
    before: /(?<!\p{L})(?:air|oil|water|liquid)[- ]cooled $/iu,
    when: isMotor,
  },
  // "Selle basse 820, d'origine 850".
  {
    key: 'seatHeight',
    points: PLAINLY,
    by: 'basis',
    before: /(?<!\p{L})(?:d['’]origine|de série|serienmäßig|di serie|de serie) $/iu,
    when: (s, { amounts: [a = 0] }) => speaksOfSeat(s) && a >= SEAT_LEAST && a <= SEAT_MOST,
  },
  // "So that's 178 payload".
  {
    key: 'payload',
    points: PLAINLY,
    by: 'basis',
    behind: /^ (?:of )?payload(?!\p{L})(?! (?:w\/|with|after|once))/iu,
    when: (_, { amounts: [a = 0] }) => a >= 80 && a <= 300,
  },
  // "300ish before reserve".
  {
    key: 'statedRange',
    points: WEIGHTS.byBasis,
    by: 'basis',
    behind:
      /^(?:ish)?(?: out of (?:it|that|a tank|the tank))? (?:before|to|until|till) (?:the |it hits )?(?:reserve|light|fuel light|low fuel|empty|dry)(?!\p{L})/iu,
  },
  // "So 176 for me, her and the panniers", "192 to play with".
  {
    key: 'payload',
    points: PLAINLY,
    by: 'unit',
    behind:
      /^ (?:kg |kilos )?(?:left )?to play with(?!\p{L})|^ (?:left )?for (?:me|us|the rider|rider)(?:,| and| plus)[^.]{0,24}(?:panniers|luggage|bags|kit|gear|her|him|passenger|pillion)?/iu,
  },
  {
    key: 'power',
    points: PLAINLY,
    by: 'basis',
    behind: AT_THE_WHEEL,
    when: speaksOfPower,
    anywhere: true,
  },
  {
    key: 'power',
    points: PLAINLY,
    by: 'basis',
    behind: /^ (?:hp |ps |bhp )?at the crank(?!\p{L})/iu,
    when: speaksOfPower,
    anywhere: true,
  },
  // "We had it on our scales and it was 206".
  {
    key: 'mass',
    points: PLAINLY,
    by: 'basis',
    before:
      /(?:(?:had|put|got|stuck|rolled|ran|popped) (?:it|mine|her|this one|the bike) (?:up )?on|took (?:it|mine) to) (?:the|our|my|his|their|a|some) (?:\p{L}+ ){0,2}(?:scales?|weighbridge)[^.\d]{0,36}(?:was|is|came (?:out |up )?(?:at|to|as)|said|read|says|reads|showed|shows|at|:)(?: about| exactly| a)? $/iu,
  },
  // "Fifty-seven hundred out the door".
  {
    key: 'price',
    points: PLAINLY,
    by: 'basis',
    behind:
      /^,? (?:out the door|otd|on the road|otr)(?!\p{L})(?!,? ?(?:was|is|at|came to|for)? ?[$£€]?\d)/iu,
  },
];
