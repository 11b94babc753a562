import { spelt } from '../vocabulary/letters';
import { figureDefinition, type FigureKey } from '../../readings';
import { type Quantity } from '../lattice/quantity';
import { BY_UNIT, sensesOf } from './dimensions';
import { formsOf } from './forms';
import type { Option, SentenceWords } from './option';
import { nearness } from './relation';
import { isDroppedFrom, isRestricted, isUnrestricted } from './restricted';
import { standsAlone } from './price/asked';
import { pairKeys, rimBySize, rimSpoken, travelBeside, travelPair, wheelBeside } from './rims';
import { senses } from './senses';
import { WEIGHTS } from './weights';

const EVERY = /(?:every|each|alle|tous les|cada|ogni|elke|co|a cada)\s*(?:about |approx\.? )?$/iu;

/** A figure that only its unit names, or a word of its basis, or that it is a sum in an advert. */
export function unitOptions(s: SentenceWords, q: Quantity, index: number): readonly Option[] {
  const made: Option[] = [];
  const push = (
    key: FigureKey,
    points: number,
    by: Option['by'],
    bare = false,
    basis?: Option['basis'],
  ) => {
    for (const sense of senses(s, q, key, bare, index))
      if (!sense.continues)
        made.push({ key, word: undefined, ...sense, points: points + sense.points, by, basis });
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
    for (const form of formsOf(s, q, undefined))
      push(form.key, form.points, form.by, true, form.basis);
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
    const pressure = s.ours && BY_THE_BOOK.test(s.text) ? pressureOfPair(s, q, index) : undefined;
    if (pair) push(pair, WEIGHTS.byUnit + 1.5, 'label');
    else if (q.unit === 'gears') push('gears', WEIGHTS.byUnit + 1, 'label');
    else if (pressure) push(pressure, WEIGHTS.byUnit + 0.4, 'unit');
    else if (q.unit === 'qt-us') push('oilCapacity', WEIGHTS.byUnit + 0.3, 'unit');
    else if (q.unit === 'links') push('chainLinks', WEIGHTS.byUnit + 1, 'label');
    else if (key === 'power' && s.ours && (isUnrestricted(s, q) || isDroppedFrom(s, index)))
      push('unrestrictedPower', WEIGHTS.byUnit + 1, 'label');
    else if (key === 'power' && s.ours && (isRestricted(s, q) || isDroppedFrom(s, index - 1)))
      push('power', WEIGHTS.byUnit + 1, 'label');
    else if (key && q.unit !== 'L' && s.ours) push(key, WEIGHTS.byUnit, 'unit');
    for (const form of formsOf(s, q, sense.dimension))
      push(form.key, form.points, form.by, false, form.basis);
    if (sense.dimension === 'mass') {
      const near = basisBeside(s, q);
      if (near !== undefined) push('mass', WEIGHTS.byBasis - near, 'basis');
      else if (s.ours) push('mass', WEIGHTS.take - 0.6, 'unit');
    }
    if (sense.dimension === 'money' && !s.sale && s.ours && s.text.trim().length < 20)
      push('price', WEIGHTS.bySum, 'sum');
    if (sense.dimension === 'money' && s.sale) {
      const asks = ASKS.test(s.text.slice(q.to, q.to + 22)) || standsAlone(s, q);
      push('price', WEIGHTS.bySum + (asks ? 2 : 0), asks ? 'basis' : 'sum');
    }
    const travel = s.ours ? (travelBeside(s, q) ?? travelPair(s, q, index)) : undefined;
    if (travel) push(travel, WEIGHTS.byUnit - 0.4, 'unit');
    const rim = rimBySize(s, q, index);
    if (rim) push(rim, WEIGHTS.byUnit + 0.9, 'unit');
    const wheel = wheelBeside(s, q);
    if (wheel) push(wheel, WEIGHTS.byUnit + 0.9, 'basis');
    if (q.unit === 'in' && q.product === undefined)
      for (const key of pairKeys(s, q, index)) push(key, WEIGHTS.byUnit + 0.4, 'unit');
    const last = s.quantities[index - 1];
    if (
      last?.changed === 'is-old' &&
      q.changed === 'is-new' &&
      sense.dimension === 'money' &&
      s.sale
    )
      push('price', WEIGHTS.follows, 'label');
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

/** Who says so; what somebody airs down to is none of the sheet. */
const BY_THE_BOOK = spelt(
  /(?<!\p{L})(?:manual|handbook|book|sticker|placard|cold|recommended|solo|stock|standard|handbuch)(?!\p{L})/iu,
);

/** "29/33 psi": the front is told first. */
function pressureOfPair(s: SentenceWords, q: Quantity, index: number): FigureKey | undefined {
  if (!q.listed || (q.unit !== 'psi' && q.unit !== 'bar')) return undefined;
  const isMate = (o: Quantity | undefined) => o?.listed === true && o.unit === q.unit;
  // Of several pairs the first is meant for riding alone.
  const first = s.quantities.findIndex((o) => o.listed && o.unit === q.unit);
  if (index === first && isMate(s.quantities[index + 1])) return 'pressureFront';
  return index === first + 1 && isMate(s.quantities[first]) ? 'pressureRear' : undefined;
}

/** "Burns 0.3 l every 1000 km": oil that goes, no service that is due. */
const BURNS = spelt(
  /(?<!\p{L})(?:burn(?:s|t|ed|ing)?|uses|using|loses|drinks|needs? topping)(?!\p{L})/iu,
);

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

/** Words behind a sum that say that it is what is asked. */
const ASKS = spelt(
  /^[\s,.(-]{0,3}(?:ono|o\.n\.o|obo|o\.b\.o|or near(?:est)? offer|or (?:any )?(?:sensible|reasonable|near|close|best) offers?|or best|neg\p{L}*|do (?:małej )?negocjacji|bieden|prutbaar|firm|vb|vhb|fix\w*|festpreis|trattabil\w+|à débattre|negociable\w*|no offers|asking|cash)(?!\p{L})/iu,
);

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
    // "211 kg (no fuel: 199)": said of what comes behind it.
    if (!first && /^\s*:\s*\d/.test(s.text.slice(m.to))) continue;
    const lost = WEIGHTS.before - nearness(gapText, first, false, 0, 0) - (first ? 0 : 0.6);
    if (lost < 2.2 && (least === undefined || lost < least)) least = Math.max(0, lost);
  }
  return least;
}
