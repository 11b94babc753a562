import type { Quantity } from '../lattice/quantity';
import { PLAINLY, SEAT_MM, type Form } from './form';
import type { SentenceWords, Word } from './option';
import { isPower } from './restricted';
import { WEIGHTS } from './weights';

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
  /(?<!\p{L})(?:seat|saddle|sitz|selle|asiento|sella|siod[łl]o|zadel|kanap)/iu.test(s.text);

const isOfSeat = (word: Word | undefined): boolean =>
  word?.meaning.kind === 'label' && word.meaning.name === 'seatHeight';

/** Horsepower of anything with two wheels and an engine. Own assumption. */
const LEAST_POWER = 8;
const MOST_POWER = 220;

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
  // "I averaged 5.1 over the week".
  {
    key: 'consumption',
    points: PLAINLY,
    by: 'basis',
    basis: 'own-fills',
    before:
      /(?<!\p{L})(?:I|we)(?:['’]ve| have|['’]m|['’]re)? (?:averaged?|averaging)(?: about| around| just| only)? $/iu,
  },
  // "I'm getting five and a half".
  {
    key: 'consumption',
    points: WEIGHTS.byBasis,
    by: 'basis',
    basis: 'own-fills',
    before: /(?<!\p{L})(?:I|we)['’](?:m|re) getting (?:about |around |more like )?$/iu,
    behind: /^(?=[,.;]|$| (?:out of|on|from|instead|at))/iu,
    when: (s, { amounts: [a = 0] }) =>
      a >= 2 &&
      a < 10 &&
      /(?<!\p{L})(?:lit(?:re|er)s?|per hundred|fuel|drinks?|thirsty)(?!\p{L})/iu.test(s.text),
  },
  // "9,400 km, 412 l of fuel, so 4.4".
  {
    key: 'consumption',
    points: PLAINLY,
    by: 'basis',
    basis: 'own-fills',
    before: /\d ?(?:l|lit(?:re|er)s?) of (?:fuel|petrol|gas),? so (?:about )?$/iu,
    when: (_, { amounts: [a = 0] }) => a >= 1.5 && a < 13,
  },
  // "Normal is 62", where miles per gallon were spoken of.
  {
    key: 'consumption',
    points: WEIGHTS.byBasis,
    by: 'basis',
    before: /(?<!\p{L})normal(?:ly)?(?: is|:| it['’]s)? (?:about )?$/iu,
    when: (s, { amounts: [a = 0] }) =>
      /^mpg/.test(s.units.usual.consumption ?? '') && a >= 25 && a <= 130,
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
  // "Selle basse 820, d'origine 850".
  {
    key: 'seatHeight',
    points: PLAINLY,
    by: 'basis',
    before:
      /(?<!\p{L})(?:d['’]origine|de série|serienmäßig|serie|di serie|de serie|original|std|standard|normal)(?: è| es| c['’]est| sind(?: es)?)? $/iu,
    when: (s, { amounts: [a = 0] }) =>
      (speaksOfSeat(s) || isOfSeat(s.above)) && a >= SEAT_MM.least && a <= SEAT_MM.most,
  },
  // "Max 405, bike 214, leaves 191".
  {
    key: 'mass',
    points: WEIGHTS.byBasis,
    by: 'basis',
    before: /(?<!\p{L})bike(?: is| weighs|:)? $/iu,
    when: (s, { amounts: [a = 0] }) =>
      a >= 80 &&
      a <= 400 &&
      /(?<!\p{L})(?:max|plated?|gross|payload|leaves)(?!\p{L})/iu.test(s.text),
  },
  {
    key: 'payload',
    points: WEIGHTS.byBasis,
    by: 'basis',
    before: /(?<!\p{L})(?:which |that )?leaves(?: me| us| you)?(?: with)? (?:about )?$/iu,
    when: (s, { amounts: [a = 0] }) =>
      a >= 80 && a <= 300 && /(?<!\p{L})(?:max|plated?|gross)(?!\p{L})/iu.test(s.text),
  },
  // "So that's 178 payload".
  {
    key: 'payload',
    points: PLAINLY,
    by: 'basis',
    behind: /^ (?:of )?payload(?!\p{L})(?! (?:w\/|with|after|once))/iu,
    when: (_, { amounts: [a = 0] }) => a >= 80 && a <= 300,
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
    when: (s) => speaksOfPower(s) || /(?<!\p{L})(?:b?hp|whp|ps|kw|crank)(?!\p{L})/iu.test(s.text),
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
  // "On my lift scale, with the tank full, four twenty six".
  {
    key: 'mass',
    points: PLAINLY,
    by: 'basis',
    before:
      /(?:^|[.!?,;] ?)(?:and )?on (?:my|our|the|his|a|their) (?:\p{L}+ ){0,2}scales?,? (?:with (?:the |a )?(?:full tank|tank full),? )?(?:it['’]s |she['’]s |it was |it weighs |that['’]s )?(?:about )?$/iu,
    when: (_, { amounts: [a = 0] }) => a >= 100 && a <= 900,
  },
  // "Mine's a hundred and forty four, fuelled".
  {
    key: 'mass',
    points: PLAINLY,
    by: 'basis',
    basis: 'ready',
    before: /(?<!\p{L})(?:mine|it|she|he|this one)['’]s (?:about |around )?(?:an? )?$/iu,
    behind:
      /^, (?:fuell?ed|full|wet|brimmed|gassed(?: up)?|with (?:a full tank|fuel))(?=[,.;)]|$| (?:up|and))/iu,
    when: (_, { amounts: [a = 0] }) => a >= 80 && a <= 900,
  },
  // "Two ten? No. One ninety four, full."
  {
    key: 'mass',
    points: PLAINLY,
    by: 'basis',
    basis: 'ready',
    before: /^\s*$/u,
    behind: /^, (?:full|fuell?ed|wet|brimmed)[\s.!]*$/iu,
    when: (_, { amounts: [a = 0] }) => a >= 80 && a <= 900,
  },
  // "Eight sixty eight to the top of the foam".
  {
    key: 'seatHeight',
    points: PLAINLY,
    by: 'basis',
    behind: /^(?: mm)? to the top of the (?:foam|seat|saddle|cushion)(?!\p{L})/iu,
    when: (_, { amounts: [a = 0] }) => a >= SEAT_MM.least && a <= SEAT_MM.most,
  },
  // "And the bike alone is two twenty eight".
  {
    key: 'mass',
    points: PLAINLY,
    by: 'basis',
    before:
      /(?<!\p{L})(?:bike|machine|motorcycle|motorbike|moto)(?: (?:alone|itself|by itself|on its own))(?: (?:is|weighs|was))?(?: about)? $/iu,
  },
  // "They took four kilos out of it, so it's one eighty six now".
  {
    key: 'mass',
    points: PLAINLY,
    by: 'basis',
    before:
      /(?:kilos?|kg|pounds|lbs?) (?:out of it|off it|off|out|lighter|heavier|more|less)[^.\d]{0,16}(?:it['’]s|at|to) (?:now )?(?:about )?$/iu,
  },
  // "Started at 149.5 ready".
  {
    key: 'mass',
    points: PLAINLY,
    by: 'basis',
    basis: 'ready',
    behind: /^ ready(?=[,.;)]|$| (?:to (?:go|ride|roll)|for the road))/iu,
    when: (_, { amounts: [a = 0] }) => a >= 80 && a <= 900,
  },
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
  // "Fuelled it was 421 on the shop's scale".
  {
    key: 'mass',
    points: PLAINLY,
    by: 'basis',
    basis: 'ready',
    before:
      /(?<!\p{L})(?:fuell?ed(?: up)?|full|brimmed|gassed(?: up)?|with a full tank|vollgetankt|avec le plein|con il pieno|con el depósito lleno),? (?:it|mine|she|he|this one|the bike|sie|elle|la moto)?(?: (?:was|is|weighed|weighs|came (?:in|out) at|comes to|wiegt|wog|fait|pèse|pesa))(?: about| just)? $/iu,
  },
  {
    key: 'power',
    points: PLAINLY,
    by: 'basis',
    behind: /^ (?:hp |ps |bhp )?at the crank(?!\p{L})/iu,
    when: (s, { amounts: [a = 0] }) => speaksOfPower(s) || (a >= LEAST_POWER && a <= MOST_POWER),
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
];
