import { figureDefinition, type FigureKey } from '../../readings';
import type { Quantity } from '../lattice/quantity';
import { targetOf } from '../vocabulary/lexicon';
import { sensesOf } from './dimensions';
import { FRONT_KEY, OTHER_END } from './ends';
import { BOTH_ENDS } from './side-of';
import { SEAT_MM } from './form';
import type { Option, SentenceWords, Word } from './option';
import { gapOf, isBareLink, nearness } from './relation';
import { senses, unitAround } from './senses';
import { atEnd, isAnswer, isEvery, takerOption } from './takers';
import {
  afterSide,
  contrary,
  isCare,
  isCheckOrOil,
  isNoun,
  ON_ONE_WHEEL,
  unitOfLabel,
  unitTold,
} from './told-beside';
import { WEIGHTS } from './weights';

const keysOf = (
  word: Word,
  side: () => 'front' | 'rear',
  behind: FigureKey | undefined,
): readonly FigureKey[] => {
  if (word.meaning.kind === 'taker') return [];
  if (word.meaning.name === 'topRatio') {
    const gear = Number(/^ratio(\d)$/.exec(behind ?? '')?.[1] ?? 0);
    const next = (['ratio4', 'ratio5', 'ratio6'] as const).find((k) => k === `ratio${gear + 1}`);
    return next ? [next] : [];
  }
  if (word.meaning.name === 'rpm') return [behind === 'torque' ? 'torqueRpm' : 'powerRpm'];
  const target = targetOf(word.meaning.name);
  if (target.kind === 'figures') return target.keys;
  return [side() === 'front' ? target.front : target.rear];
};

/** Figures between a label and a figure, nearest first; no more are counted than could matter. */
function standBetween(
  all: readonly Quantity[],
  index: number,
  a: number,
  b: number,
): readonly Quantity[] {
  const found: Quantity[] = [];
  const back = (all[index]?.from ?? 0) >= b;
  for (let i = index + (back ? -1 : 1); found.length < 4; i += back ? -1 : 1) {
    const q = all[i];
    if (!q || (back ? q.to <= a : q.from >= b)) break;
    if (q.from >= a && q.to <= b) found.push(q);
  }
  return found;
}

/** "Federweg gibt's reichlich, zweihundertneunzig vorne": millimetres with their end right behind. */
const isTravelOfSide = (
  s: SentenceWords,
  key: FigureKey,
  { amounts: [a = 0], unit, to }: Quantity,
): boolean =>
  /^travel/.test(key) &&
  unit === undefined &&
  a >= 120 &&
  a <= 330 &&
  (/^ (?:at the |up |in the |à l['’])?(?:front|rear|back|vorne?|hinten|davanti|dietro|delante|detrás|devant|derrière|avant|arrière)(?!\p{L})/iu.test(
    s.text.slice(to, to + 18),
  ) ||
    BOTH_ENDS.test(s.text.slice(to, to + 48)));

const isAround = (words: string): boolean => /^around$/iu.test(words);
const isPrice = ({ meaning }: Word): boolean =>
  meaning.kind === 'label' && meaning.name === 'price' && !meaning.weak;

/** "They weigh nothing, a hundred and eighteen with oil and no fuel": what is in it stands right behind. */
const isWeighed = (s: SentenceWords, key: FigureKey, { unit, to }: Quantity): boolean =>
  key === 'mass' &&
  unit === undefined &&
  /^,? (?:dry|wet|fuell?ed|full|ready|with (?:oil|fuel|everything|a full|the tank)|without fuel|no fuel)(?!\p{L})/iu.test(
    s.text.slice(to, to + 24),
  );

/** "0.5 l oil": what is carried along. Litres; own assumption. */
const LEAST_SUMP = 0.7;
const isBottle = ({ amounts: [a = 0], unit }: Quantity): boolean => unit === 'L' && a < LEAST_SUMP;

/** In characters. */
const FARTHEST = 95;

/** "Seat's the bad bit, eight forty": a few words of praise or blame between a label and its number. */
const isRemark = (gapText: string): boolean =>
  !/[;:.\d]/.test(gapText) && gapOf(gapText).words <= 4;

/** "Travel's gone from one ninety to two ten": what it was stands right behind the label. */
const isWasBefore = (s: SentenceWords, index: number, label: number): boolean => {
  const was = s.quantities[index - 1];
  return was?.changed === 'is-old' && was.from - label < 30;
};

/** A bare number that beside the word seat is nothing but its height in millimetres. */
const isSeatInMm = (key: FigureKey, { amounts: [a = 0], unit }: Quantity): boolean =>
  key === 'seatHeight' && unit === undefined && a >= SEAT_MM.least && a <= SEAT_MM.most;

/** "Valve check in miles: 16,000": a unit of the label, and nothing on a clock. */
const isUnitOfLabel = (text: string, from: number, to: number): boolean =>
  /^(?:miles|km|kms|kilomet\p{L}+|hours)$/iu.test(text.slice(from, to)) &&
  /(?<!\p{L})in $/iu.test(text.slice(Math.max(0, from - 4), from)) &&
  /^\s*[:=|\t]/u.test(text.slice(to));

/** Words in brackets, with a share in them or how it was taken, right before a colon and a figure. */
function asideBefore(
  text: string,
  at: number,
): { readonly from: number; readonly to: number } | undefined {
  const found =
    /\((?:(?=[^()]*%)|(?:incl|with|calculated|at|excl|mit|inkl|bei|zu|avec|con|à|a) ?\p{L}*\.? )[^()]{0,60}\)(?=\s*[:=|\t]\s*$)/u.exec(
      text.slice(Math.max(0, at - ASIDE), at),
    );
  // "(imp gal)" is the unit of what comes.
  if (!found || unitTold(`${found[0]}:`) !== undefined) return undefined;
  const from = Math.max(0, at - ASIDE) + found.index;
  return { from, to: from + found[0].length };
}
/** As far as such words are looked back for, in characters. */
const ASIDE = 90;

export function byWord(
  s: SentenceWords,
  q: Quantity,
  index: number,
  word: Word,
  side: () => 'front' | 'rear',
): readonly Option[] {
  const { from, to } = word.mention;
  // "valve check at 1,000 km then every 12,000 km" goes on with the check, not with the service.
  if (
    /^then every$/iu.test(s.text.slice(from, to)) &&
    s.words.some((w) => isCheckOrOil(w) && w.mention.to <= from)
  )
    return [];
  const labelFirst = to <= q.from;
  if (!labelFirst && from < q.to) return [];
  // "MSRP: around €8,499": what says whose price it is stands before.
  if (isAround(s.text.slice(from, to)) && s.words.some((w) => isPrice(w) && w.mention.to <= from))
    return [];
  // "Mileage: 3,112" is what it has run.
  if (
    /^mileage$/iu.test(s.text.slice(from, to)) &&
    /^\s*\d{1,3}[.,]\d{3}/.test(s.text.slice(q.from, q.to))
  )
    return [];
  // Far labels are passed over before anything between is looked at; blanks of a table do not count.
  if (!s.wide && (labelFirst ? q.from - to : from - q.to) > FARTHEST) return [];
  const mate = s.quantities[index + 1];
  const end = !labelFirst && q.listed && mate?.listed && mate.to <= from ? mate.to : q.to;
  const [a, b] = labelFirst ? [to, q.from] : [end, from];
  // "15 300 km, serviced at the dealer's": in an advert that is what it has run.
  if (!labelFirst && s.sale && isCare(word) && /[,;|]/.test(s.text.slice(q.to, from))) return [];
  // "Gewicht fahrfertig (90 % Tank): 164 kg": what is said in brackets before the colon is no label of its own, nor a figure.
  const aside = labelFirst ? asideBefore(s.text, q.from) : undefined;
  if (aside && from > aside.from && to <= aside.to) return [];
  const isAside = (at: number) => aside !== undefined && at > aside.from && at < aside.to;
  const between = standBetween(s.quantities, index, a, b).filter((o) => !isAside(o.from));
  if (between.length > (labelFirst ? 2 : 1)) return [];
  const turned = labelFirst ? otherSide(s, q, word, between) : undefined;
  const whole =
    aside && aside.from >= a
      ? `${s.text.slice(turned?.at ?? afterSide(s, a), aside.from)}${s.text.slice(aside.to, b)}`
      : s.text.slice(turned?.at ?? (labelFirst ? afterSide(s, a) : a), b);
  // "2.3 gal (8.7 L) tank": the same in another unit stands between.
  const gapText = labelFirst ? whole : whole.replace(/^\s*\(\s*[\d.,]+ ?[\p{L}"]{1,8}\)/u, '');
  if (gapText.replace(/\s+/g, ' ').length > 90) return [];
  const figures = turned ? 0 : between.length;
  const labels = s.words.filter(
    (w) =>
      w !== word &&
      w.meaning.kind === 'label' &&
      w.mention.from >= a &&
      w.mention.to <= b &&
      !isAside(w.mention.from),
  ).length;
  // "Fuel (US gal) | 3.4": a word that carries a unit of its own is a label, however little it says alone.
  const unitBehind = labelFirst ? unitTold(gapText, s.units.gallon) : undefined;
  const weak = word.meaning.kind === 'label' && word.meaning.weak && unitBehind === undefined;
  const points =
    nearness(gapText, labelFirst, weak && !turned, figures, labels) - (turned ? WEIGHTS.turned : 0);
  if (points < 0.5) return [];
  if (word.meaning.kind === 'taker')
    return isUnitOfLabel(s.text, from, to) ? [] : takerOption(s, q, word, points, gapText);
  const basis = word.meaning.basis;
  const all = turned?.key ? [turned.key] : keysOf(word, side, s.lastKey);
  // "I get 68": a bare number is what it uses.
  const bareGets = word.meaning.name === 'gets' && q.unit === undefined;
  const named = bareGets ? all.slice(0, 1) : all;
  // "travel front 8.7 in and 8.5 in rear": the word right behind the figure says its end.
  const keys = named.map((k) => (contrary(s, q, k) ? (OTHER_END[k] ?? k) : k));
  const beside = !labelFirst && /^\s*(?:of\s*)?$/.test(gapText) && isNoun(s.text.slice(from, to));
  const told = labelFirst ? (unitBehind ?? unitOfLabel(s.text.slice(from, to), s)) : undefined;
  // "Valve check (km): 16,000" is neither hours nor money.
  const meant =
    told && q.unit === undefined
      ? keys.filter((k) =>
          sensesOf(told, s.units).some((x) => x.dimension === figureDefinition(k).dimension),
        )
      : [];
  const bare =
    (labelFirst && !turned && (unitBehind !== undefined || isBareLink(gapText))) || beside;
  const became = labelFirst && q.changed === 'is-new' && isWasBefore(s, index, a);
  const remark = (): boolean => labelFirst && !turned && isRemark(gapText);
  return (meant.length > 0 ? meant : keys).flatMap((key) =>
    (key === 'mass' && ON_ONE_WHEEL.test(s.text.slice(q.to, q.to + 16))) ||
    (key === 'oilCapacity' && !labelFirst && isBottle(q))
      ? []
      : senses(
          told && q.unit === undefined ? { ...s, spoken: told } : s,
          q,
          key,
          bare ||
            became ||
            ((isSeatInMm(key, q) || isTravelOfSide(s, key, q) || isWeighed(s, key, q)) && remark()),
          told ? -1 : index,
        )
          .filter(
            (sense) =>
              !beside ||
              q.unit !== undefined ||
              (q.listed && figureDefinition(key).unit !== undefined) ||
              sense.points >= 1 - WEIGHTS.bare ||
              unitAround(s, index, figureDefinition(key).dimension) !== undefined,
          )
          .map(
            (sense): Option => ({
              key,
              word,
              ...sense,
              points: points + sense.points - (named.includes(key) ? 0 : WEIGHTS.turned),
              by: 'label',
              basis,
              ...(sense.continues ? { continues: true as const } : {}),
            }),
          ),
  );
}

/**
 * "travel front 240 mm, rear 230 mm", "vorne/hinten 240/230": a second figure under one label, at the other end. `at`: where its own
 * words begin.
 */
function otherSide(
  s: SentenceWords,
  q: Quantity,
  word: Word,
  between: readonly Quantity[],
): { readonly at: number; readonly key: FigureKey | undefined } | undefined {
  if (word.meaning.kind !== 'label' || between.length !== 1) return undefined;
  const [first] = between;
  if (!first) return undefined;
  const target = targetOf(word.meaning.name);
  const sides = s.mentions.flatMap((m) =>
    m.meanings.flatMap((x) =>
      x.kind === 'side' && m.from >= word.mention.to ? [{ side: x.side, m }] : [],
    ),
  );
  const listed = q.listed && first.listed;
  if (target.kind === 'sides')
    return listed || sides.length > 0 ? { at: first.to, key: undefined } : undefined;
  const key = target.keys.length === 1 ? target.keys[0] : undefined;
  const other = key && OTHER_END[key];
  if (!key || !other) return undefined;
  const wanted = FRONT_KEY.test(key) ? 'rear' : 'front';
  return sides.some(
    ({ side, m }) => side === wanted && (listed || (m.from >= first.to && m.from < q.to + 12)),
  )
    ? { at: first.to, key: other }
    : undefined;
}

/** A label on the line above serves the first figure of a line that has none of its own. */
export function aboveOptions(
  s: SentenceWords,
  q: Quantity,
  index: number,
  side: () => 'front' | 'rear',
): readonly Option[] {
  const { above } = s;
  if (!above) return [];
  const first = s.quantities.findIndex((_, i) => !s.blocked.has(i));
  const answers = index === first && isAnswer(s.text, q);
  const own = s.words.some(
    (w) => w.meaning.kind === 'label' && !w.meaning.weak && !(answers && w.mention.from > q.to + 2),
  );
  if (own) return [];
  const bare =
    answers ||
    (index === first &&
      q.from < (s.carried ? 60 : 30) &&
      (s.text.trim().length < (s.carried ? 64 : 44) || isEvery(s.text, q.from)));
  return keysOf(above, side, s.lastKey)
    .map((key) => (s.carried ? atEnd(key, side()) : key))
    .flatMap((key) =>
      senses(s, q, key, bare, index).map(
        (sense): Option => ({
          key,
          word: above,
          ...sense,
          points: WEIGHTS.above - index * 0.6 + sense.points,
          by: 'above',
          basis: above.meaning.kind === 'label' ? above.meaning.basis : undefined,
        }),
      ),
    );
}
