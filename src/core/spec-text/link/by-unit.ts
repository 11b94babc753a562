import { figureDefinition, type FigureKey } from '../../readings';
import { type Quantity } from '../lattice/scan-quantities';
import { BY_UNIT, sensesOf } from './dimensions';
import type { Option, SentenceWords } from './option';
import { nearness } from './relation';
import { isDroppedFrom, isPower, isRestricted, isUnrestricted } from './restricted';
import { pairKeys, rimBySize, rimSpoken, travelBeside, wheelBeside } from './rims';
import { senses } from './senses';
import { WEIGHTS } from './weights';

/** An angle with a length behind a slash: rake and trail. */
const STEERING = /^\s*\/\s*\d{1,3}(?:[.,]\d)? ?(?:mm|in)/iu;

const EVERY = /(?:every|each|alle|tous les|cada|ogni|elke|co|a cada)\s*(?:about |approx\.? )?$/iu;

/** A figure that only its unit names, or a word of its basis, or that it is a sum in an advert. */
export function unitOptions(s: SentenceWords, q: Quantity, index: number): readonly Option[] {
  const made: Option[] = [];
  const push = (key: FigureKey, points: number, by: Option['by'], bare = false) => {
    for (const sense of senses(s, q, key, bare, index))
      if (!sense.continues)
        made.push({ key, word: undefined, ...sense, points: points + sense.points, by });
  };
  if (q.unit === undefined) {
    const before = s.quantities[index - 1];
    const end =
      before?.unit === 'teeth' || before?.unit === 'in'
        ? wheelBeside(s, { ...q, unit: before.unit })
        : undefined;
    if (end)
      for (const sense of senses(s, q, end, true, index))
        made.push({
          key: end,
          word: undefined,
          ...sense,
          points: WEIGHTS.byUnit + 0.9,
          by: 'basis',
        });
    const sized = rimBySize(s, q, index);
    if (sized) push(sized, WEIGHTS.byUnit + 0.9, 'unit', true);
    const spoken = rimSpoken(s, q) ? WEIGHTS.follows : WEIGHTS.byUnit + 0.4;
    for (const key of pairKeys(s, q, index))
      for (const sense of senses(s, q, key, true, index))
        made.push({ key, word: undefined, ...sense, points: spoken, by: 'unit' });
    if (s.ours && MOTOR_BEHIND.test(s.text.slice(q.to, q.to + 18)) && isMotor(q))
      push('displacement', WEIGHTS.byUnit + 1.8, 'unit', true);
    if (s.ours && FEET_BEHIND.test(s.text.slice(q.to, q.to + 44)))
      push('seatHeight', WEIGHTS.byBasis, 'basis', true);
    if (s.ours && IN_POSITION.test(s.text.slice(q.to, q.to + 36)) && SEAT.test(s.text))
      push('seatHeight', WEIGHTS.byBasis + 2.2, 'basis', true);
    if (s.ours && BEFORE_RESERVE.test(s.text.slice(q.to, q.to + 30)))
      push('statedRange', WEIGHTS.byBasis, 'basis', true);
    if (s.ours && LEFT_FOR.test(s.text.slice(q.to, q.to + 40)))
      push('payload', WEIGHTS.byBasis, 'unit', true);
    if (
      [AT_THE_WHEEL, AT_THE_CRANK].some((at) => at.test(s.text.slice(q.to, q.to + 24))) &&
      speaksOfPower(s)
    )
      push('power', WEIGHTS.byBasis + 2.2, 'basis', true);
    if (s.ours && WEIGHED_IT.test(s.text.slice(Math.max(0, q.from - 90), q.from)))
      push('mass', WEIGHTS.byBasis + 2.2, 'basis', true);
    if (s.ours && OUT_THE_DOOR.test(s.text.slice(q.to, q.to + 30)))
      push('price', WEIGHTS.byBasis + 2.2, 'basis', true);
    const near = basisBeside(s, q);
    if (near !== undefined && near < 1.6 && Number.isInteger(q.amounts[0]))
      for (const sense of senses(s, q, 'mass', true, index))
        made.push({
          key: 'mass',
          word: undefined,
          ...sense,
          points: WEIGHTS.byBasis - 0.5 - near + sense.points,
          by: 'basis',
        });
    return made;
  }
  const before = s.text.slice(Math.max(0, q.from - 24), q.from);
  for (const sense of sensesOf(q.unit, s.units)) {
    const key = BY_UNIT[sense.dimension];
    const pair = q.unit === 'teeth' ? teethOfPair(s, q, index) : undefined;
    if (pair) push(pair, WEIGHTS.byUnit + 1.5, 'label');
    else if (q.unit === 'gears') push('gears', WEIGHTS.byUnit + 1, 'label');
    else if (q.unit === 'qt-us') push('oilCapacity', WEIGHTS.byUnit + 0.3, 'unit');
    else if (q.unit === 'links') push('chainLinks', WEIGHTS.byUnit + 1, 'label');
    else if (key === 'power' && s.ours && (isUnrestricted(s, q) || isDroppedFrom(s, index)))
      push('unrestrictedPower', WEIGHTS.byUnit + 1, 'label');
    else if (key === 'power' && s.ours && (isRestricted(s, q) || isDroppedFrom(s, index - 1)))
      push('power', WEIGHTS.byUnit + 1, 'label');
    else if (key && q.unit !== 'L' && s.ours) push(key, WEIGHTS.byUnit, 'unit');
    if (
      sense.dimension === 'volume' &&
      s.ours &&
      (isAlone(s, q) || isFuelled(s, q) || ITS.test(before))
    )
      push('tank', WEIGHTS.byUnit - 0.3, 'unit');
    if (sense.dimension === 'length' && s.ours && isAlone(s, q) && isSeat(q))
      push('seatHeight', WEIGHTS.byUnit - 1, 'unit');
    if (sense.dimension === 'mass') {
      const near = basisBeside(s, q);
      if (near !== undefined) push('mass', WEIGHTS.byBasis - near, 'basis');
      else if (s.ours) push('mass', WEIGHTS.take - 0.6, 'unit');
    }
    if (sense.dimension === 'money' && !s.sale && s.ours && s.text.trim().length < 20)
      push('price', WEIGHTS.bySum, 'sum');
    if (sense.dimension === 'money' && s.ours && PLUS_FEES.test(s.text.slice(q.to, q.to + 44)))
      push('price', WEIGHTS.byBasis, 'basis');
    if (sense.dimension === 'money' && s.sale) {
      const asks = ASKS.test(s.text.slice(q.to, q.to + 22));
      push('price', WEIGHTS.bySum + (asks ? 2 : 0), asks ? 'basis' : 'sum');
    }
    if (
      s.ours &&
      /^ (?:springs?|rear spring)(?! ?rate)(?!\p{L})/iu.test(s.text.slice(q.to, q.to + 14))
    )
      for (const key of ['forkRate', 'shockRate'] as const)
        if (figureDefinition(key).dimension === sense.dimension)
          push(key, WEIGHTS.byUnit + 0.3, 'unit');
    if (sense.dimension === 'distance' && s.ours && isOfOneTank(s, q))
      push('statedRange', WEIGHTS.byUnit + 0.6, 'unit');
    const travel = s.ours ? travelBeside(s, q) : undefined;
    if (travel) push(travel, WEIGHTS.byUnit - 0.4, 'unit');
    const rim = rimBySize(s, q, index);
    if (rim) push(rim, WEIGHTS.byUnit + 0.9, 'unit');
    const wheel = wheelBeside(s, q);
    if (wheel) push(wheel, WEIGHTS.byUnit + 0.9, 'basis');
    const last = s.quantities[index - 1];
    if (
      last?.changed === 'is-old' &&
      q.changed === 'is-new' &&
      sense.dimension === 'money' &&
      s.sale
    )
      push('price', WEIGHTS.follows, 'label');
    if (q.unit === 'deg' && STEERING.test(s.text.slice(q.to)) && s.ours)
      push('rake', WEIGHTS.byUnit, 'unit');
    if (EVERY.test(before) && !BURNS.test(s.text.slice(Math.max(0, q.from - 60), q.from)))
      for (const key of careKeys(s, q))
        if (figureDefinition(key).dimension === sense.dimension)
          push(key, WEIGHTS.byUnit - 0.6, 'unit');
  }
  return made;
}

/** "15T/38T": the smaller one is in front. */
function teethOfPair(s: SentenceWords, q: Quantity, index: number): FigureKey | undefined {
  const mate = [s.quantities[index - 1], s.quantities[index + 1]].find(
    (o) => o?.unit === 'teeth' && o.listed,
  );
  if (!q.listed || !mate) return undefined;
  return (q.amounts[0] ?? 0) < (mate.amounts[0] ?? 0) ? 'sprocketFront' : 'sprocketRear';
}

/** "Fifty-seven hundred out the door". */
const OUT_THE_DOOR =
  /^ (?:out the door|otd|on the road|otr)(?!\p{L})(?!,? ?(?:was|is|at|came to|for)? ?[$£€]?\d)/iu;

/** "6,899 pounds, plus on the road charges": what a new one is listed at. */
const PLUS_FEES =
  /^,? ?(?:plus|before|then) (?:the |your )?(?:on[- ](?:the[- ])?roads?|otr|freight|dealer fees|destination|tax(?:es)?|rego)(?!\p{L})/iu;

/** "A 450 single", "my 650 twin": the size of a motor, in cubic centimetres. */
const MOTOR_BEHIND =
  /^[ -](?:(?:air|oil|water|liquid)[- ]cooled )?(?:single|twin|parallel twin|v-?twin|triple|thumper|boxer)(?! ?(?:dis[ck]|seat|shock|exhaust|headlight|track|owner))(?!\p{L})/iu;
const isMotor = ({ amounts: [a = 0] }: Quantity): boolean =>
  Number.isInteger(a) && a >= 100 && a <= 1400 && a % 10 === 0;
/** "At 870 I'm on tippy toes": what feet do at it is said of a seat. */
const FEET_BEHIND =
  /^(?: mil| mm)?,? (?:and |so |which means )?(?:I['’]?m|I am|I can|he['’]?s|she['’]?s|you['’]?re)(?: just| only| still| nearly)?(?: (?:about|get|on))?(?: on)?(?: my| both| the)? ?(?:tippy[ -]?toes?|tip[ -]?toes?|toes|flat[- ]foot(?:ed|ing)?|balls of)(?!\p{L})/iu;
/** "So 176 for me, her and the panniers". */
const LEFT_FOR =
  /^ (?:kg |kilos )?(?:left )?to play with(?!\p{L})|^ (?:left )?for (?:me|us|the rider|rider)(?:,| and| plus)[^.]{0,24}(?:panniers|luggage|bags|kit|gear|her|him|passenger|pillion)?/iu;
/** "42.6 at the wheel". */
export const AT_THE_WHEEL = /^ (?:hp |ps |bhp )?(?:at|to) the (?:rear |back )?wheel(?!\p{L})/iu;
const AT_THE_CRANK = /^ (?:hp |ps |bhp )?at the crank(?!\p{L})/iu;
const speaksOfPower = (s: SentenceWords): boolean =>
  s.units.usual.power !== undefined ||
  s.quantities.some(isPower) ||
  /(?<!\p{L})(?:makes|puts (?:down|out)|horse\w*|power)/iu.test(s.text);
/** "They gave it 5.3 gallons", "19 litres of petrol": what only a tank holds. */
const isFuelled = (s: SentenceWords, q: Quantity): boolean =>
  (/^gal/.test(q.unit ?? '') &&
    /(?:gave|gives|give|given) it (?:a )?$/iu.test(
      s.text
        .slice(Math.max(0, q.from - 60), q.from)
        .replace(/\s+$/u, ' ')
        .slice(-14),
    )) ||
  /^ of (?:fuel|petrol|gas|unleaded)(?! (?:for|in|gone|went|burnt|used)(?!\p{L}))(?!\p{L})/iu.test(
    s.text.slice(q.to, q.to + 26),
  );
/** "Burns 0.3 l every 1000 km": oil that goes, no service that is due. */
const BURNS = /(?<!\p{L})(?:burn(?:s|t|ed|ing)?|uses|using|loses|drinks|needs? topping)(?!\p{L})/iu;

/** What comes "every" so often: what the sentence last named, a valve check or an oil change; else the service. */
function careKeys(s: SentenceWords, q: Quantity): readonly FigureKey[] {
  const last = s.words.findLast(
    ({ meaning, mention }) =>
      meaning.kind === 'label' && /^(?:valves|oil)$/.test(meaning.name) && mention.to <= q.from,
  );
  if (last?.meaning.kind === 'label')
    return last.meaning.name === 'valves'
      ? ['valveInterval', 'valveHours']
      : ['oilInterval', 'oilHours'];
  return ['serviceInterval', 'serviceHours', 'serviceMonths'];
}

/** A length that alone in a list of figures nearly always is the seat's. */
const isSeat = ({ amounts: [a = 0], unit }: Quantity): boolean =>
  (unit === 'mm' && a >= 780 && a <= 960) || (unit === 'in' && a >= 30.5 && a <= 38);

/** Between commas or stops with nothing beside it: `…, 4.2 gal, …`. */
const isAlone = (s: SentenceWords, q: Quantity): boolean =>
  /(?:^[^\p{L}\d]*|^\s*\d\)\s*|[,;(.•*/|-]\s*)$/u.test(
    s.text.slice(Math.max(0, q.from - 6), q.from),
  ) && /^\.?(?:\s*[,;)./|]|\s*$)/u.test(s.text.slice(q.to, q.to + 3));

/** "You're gonna get around 350 km out of that", "should be good for 300 km": how far a tank goes. */
const isOfOneTank = (s: SentenceWords, q: Quantity): boolean =>
  /^\+? (?:theoretically|in theory|to empty|to dry|between fill-?ups)(?!\p{L})/iu.test(
    s.text.slice(q.to, q.to + 24),
  ) ||
  /(?<!\p{L})you(?:['’](?:ll|d)| will| can| would)?(?: still| easily| just| probably)? (?:get|see|do|go|manage)(?: about| around| over| nearly)?(?: an?)? $/iu.test(
    s.text.slice(Math.max(0, q.from - 40), q.from),
  ) ||
  /^\+? (?:out of|from|on|per|to) (?:it|that|this|the tank|a tank|one tank|each tank|a full)(?!\p{L})/iu.test(
    s.text.slice(q.to, q.to + 24),
  ) ||
  /(?<!\p{L})good for (?:about |around |over |nearly |at least |a solid |an easy )?$/iu.test(
    s.text.slice(Math.max(0, q.from - 30), q.from),
  );

/** "We had it on our scales and it was 206". */
const WEIGHED_IT =
  /(?:(?:had|put|got|stuck|rolled|ran|popped) (?:it|mine|her|this one|the bike) (?:up )?on|took (?:it|mine) to) (?:the|our|my|his|their|a|some) (?:\p{L}+ ){0,2}(?:scales?|weighbridge)[^.\d]{0,36}(?:was|is|came (?:out |up )?(?:at|to|as)|said|read|says|reads|showed|shows|at|:)(?: about| exactly| a)? $/iu;

/** "850 in the low position". */
const IN_POSITION =
  /^ (?:in|with|at) (?:the |its |their )?(?:low|lower|lowest|high|higher|highest|standard|tall)(?:,|\.| |$)(?:position|setting|seat|one|and)?/iu;
const SEAT = /(?<!\p{L})(?:seat|saddle)/iu;
/** "300ish before reserve". */
const BEFORE_RESERVE =
  /^(?:ish)? (?:before|to|until|till) (?:the |it hits )?(?:reserve|light|fuel light|low fuel)(?!\p{L})/iu;

/** "It's eighteen litres", "on its ten and a half litres": said of what was spoken of, and in litres that is the tank. */
const ITS = /(?<!\p{L})(?:it['’]?s|it is)(?: only| just| about| around)?(?: an?)? $/iu;

/** Words behind a sum that say that it is what is asked. */
const ASKS =
  /^[\s,.(-]{0,3}(?:ono|o\.n\.o|obo|o\.b\.o|or near offer|or best|neg\w*|firm|vb|vhb|fix\w*|festpreis|trattabil\w+|à débattre|negociable\w*|no offers|asking|cash)(?!\p{L})/iu;

/** Points lost by a "wet" or "dry" that stands beside; undefined: none does. */
function basisBeside(s: SentenceWords, q: Quantity): number | undefined {
  let least: number | undefined;
  for (const m of s.mentions) {
    if (
      !m.meanings.some((x) => x.kind === 'basis' && ['dry', 'ready', 'ready-90'].includes(x.basis))
    )
      continue;
    const first = m.to <= q.from;
    const gapText = first ? s.text.slice(m.to, q.from) : s.text.slice(q.to, m.from);
    if (gapText.length > 40 || /\d/.test(gapText)) continue;
    const lost = WEIGHTS.before - nearness(gapText, first, false, 0, 0) - (first ? 0 : 0.6);
    if (lost < 2.2 && (least === undefined || lost < least)) least = Math.max(0, lost);
  }
  return least;
}
