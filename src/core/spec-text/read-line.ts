import { figureDefinition, type Basis, type FigureKey, type Origin } from '../readings';
import { assign, type Assigned } from './link/assign';
import { basesOf } from './link/bases';
import { blockedIn, type BlockedBy } from './link/blocked';
import { sensesOf } from './link/dimensions';
import { optionsOf, type Option, type SentenceWords, type Word } from './link/options';
import { isPair } from './link/pairs';
import { propose } from './link/propose';
import { sentencesOf, type Sentence } from './link/sentences';
import { BOTH_ENDS, sideOf, sidesOf, type Side } from './link/side-of';
import type { FigureProposal, PassedOver } from './proposal';
import type { Quantity } from './lattice/scan-quantities';
import type { ScannedLine, Survey } from './text/survey';
import type { Mention } from './vocabulary/lexicon';

/** What the lines before, and the text as a whole, hand down to a line. */
export interface LineContext {
  readonly survey: Survey;
  /** A label that stood without a figure of its own, and the basis its words named. */
  readonly above: Word | undefined;
  readonly aboveBasis: Basis | undefined;
  /** The figure that was given last. */
  readonly lastKey: FigureKey | undefined;
  /** The side a heading named. */
  readonly side: Side | undefined;
  /** What the text's footnotes say of a basis, by mark. */
  readonly footnotes: ReadonlyMap<string, readonly Mention[]>;
}

/** A distance or hours said of one machine: what is on the clock. */
export interface ClockReading {
  readonly amount: number;
  readonly unit: 'km' | 'mi' | 'h';
  readonly from: number;
  readonly to: number;
  readonly points: number;
}

export interface LineRead {
  readonly figures: readonly FigureProposal[];
  readonly passedOver: readonly PassedOver[];
  readonly clock: readonly ClockReading[];
  /** The last label that got no figure: it may serve the next line. */
  readonly open: Word | undefined;
}

/** The figures one line of text states, sentence by sentence. */
export function readLine(scanned: ScannedLine, context: LineContext): LineRead {
  const figures: FigureProposal[] = [];
  const passedOver: PassedOver[] = [];
  const clock: ClockReading[] = [];
  let above = context.above;
  for (const sentence of sentencesOf(scanned.line)) {
    const read = readSentence(scanned, sentence, {
      ...context,
      above,
      lastKey: figures.at(-1)?.key ?? context.lastKey,
    });
    figures.push(...read.figures);
    passedOver.push(...read.passedOver);
    clock.push(...read.clock);
    above = read.open;
  }
  return { figures, passedOver, clock, open: above };
}

const within = <T extends { readonly from: number; readonly to: number }>(
  all: readonly T[],
  { at, text }: Sentence,
): readonly T[] =>
  all
    .filter((m) => m.from >= at && m.to <= at + text.length)
    .map((m) => ({ ...m, from: m.from - at, to: m.to - at }));

/** Quantities without those that only repeat the one before in another unit. */
function twinned(text: string, all: readonly Quantity[]) {
  const alone: Quantity[] = [];
  const twins = new Map<Quantity, Quantity>();
  for (const q of all) {
    const last = alone.at(-1);
    if (last && !twins.has(last) && isPair(text, last, q)) twins.set(last, q);
    else alone.push(q);
  }
  return { alone, twins };
}

function wordsOf(mentions: readonly Mention[]): readonly Word[] {
  return mentions.flatMap((mention, order) =>
    mention.meanings.flatMap((meaning): readonly Word[] =>
      meaning.kind === 'label' || meaning.kind === 'taker' ? [{ mention, meaning, order }] : [],
    ),
  );
}

const SPOKEN =
  /(?:,|\bin\b|\bthat(?:'s| is)\b|\bof course\b)\s*(?:that(?:'s| is) )?(millimetres|millimeters|mil|pounds|kilos|kilograms|inches|litres|liters|horsepower)\b(?: that is| that's| of course)?/iu;
const SPOKEN_UNITS = {
  millimetres: 'mm',
  millimeters: 'mm',
  mil: 'mm',
  pounds: 'lb',
  kilos: 'kg',
  kilograms: 'kg',
  inches: 'in',
  litres: 'L',
  liters: 'L',
  horsepower: 'hp',
} as const;
const spokenIn = (text: string) => {
  const word = SPOKEN.exec(text)?.[1]?.toLowerCase() as keyof typeof SPOKEN_UNITS | undefined;
  return word && SPOKEN_UNITS[word];
};

function readSentence(scanned: ScannedLine, sentence: Sentence, context: LineContext): LineRead {
  const { survey } = context;
  const { text, at } = sentence;
  const mentions = within(scanned.mentions, sentence);
  const { alone, twins } = twinned(text, within(scanned.quantities, sentence));
  const words = wordsOf(mentions);
  const blocked = blockedIn(text, alone, mentions, survey.sale);
  const s: SentenceWords = {
    text,
    words,
    mentions,
    quantities: alone,
    above: context.above,
    units: survey,
    sale: survey.sale,
    ours: survey.ours,
    spoken: spokenIn(text),
    lastKey: context.lastKey,
    blocked: new Set(blocked.keys()),
  };
  const sides = sidesOf(mentions);
  const known: Side[] = [];
  const side = (i: number) => (known[i] ??= sideOf(text, i, alone, sides, context.side));
  const assigned = assign(s, (i) => optionsOf(s, i, side));
  const taken = alone.flatMap((q, i) => {
    const a = assigned[i];
    return a?.option?.key === undefined ? [] : [{ q, i, a: a as TakenFigure }];
  });
  const bases = basesOf(
    text,
    taken.map(({ q, a }) => ({ key: a.option.key, from: q.from, to: twins.get(q)?.to ?? q.to })),
    mentions,
  );
  const changed = taken.length > 0 ? CHANGED.exec(text)?.[0] : undefined;
  const figures = taken.flatMap(({ q, i, a }, n) => {
    const made = propose(
      {
        quantity: q,
        twin: twins.get(q),
        assigned: a,
        basis: bases[n] ?? footnoteBasis(q, a.option.key, context) ?? aboveBasis(a, context),
        usual: usualBasis(a.option.key, survey),
        hedge: hedgeBefore(text, q, mentions),
        changed,
        origin: speakerOf(text, alone[i - 1]?.to ?? 0, q, alone[i + 1]?.from ?? text.length),
        ours: survey.ours,
        several: survey.several,
      },
      (to) => placed(scanned, at, a.option, q, to, alone[i - 1]),
    );
    return made ? [made, ...atBothEnds(made, text.slice(q.to, q.to + 34))] : [];
  });
  return {
    figures,
    passedOver: passed(s, assigned, blocked, {
      side,
      survey,
      place: (option, q, i) => placed(scanned, at, option, q, q.to, alone[i - 1]),
      offset: scanned.offset + at,
    }),
    clock: clockReadings(s, assigned, blocked, scanned.offset + at),
    open: openLabel(words, assigned, text, alone.length),
  };
}

const REAR_OF: Partial<Record<FigureKey, FigureKey>> = {
  travelFront: 'travelRear',
  pressureFront: 'pressureRear',
  wheelFront: 'wheelRear',
};

/** "220 mm at both ends" is said of the rear as well. */
function atBothEnds(made: FigureProposal, behind: string): readonly FigureProposal[] {
  const key = REAR_OF[made.key];
  return key && BOTH_ENDS.test(behind) ? [{ ...made, key }] : [];
}

type TakenFigure = Assigned & { readonly option: Option & { readonly key: FigureKey } };

/** An advert asks; a sheet lists. */
const usualBasis = (key: FigureKey, survey: Survey): Basis =>
  key === 'price' && survey.sale ? 'asked' : figureDefinition(key).bases[0];

function footnoteBasis(q: Quantity, key: FigureKey, context: LineContext): Basis | undefined {
  const notes = q.mark === undefined ? undefined : context.footnotes.get(q.mark);
  return notes
    ?.flatMap((m) => m.meanings)
    .flatMap((x) => (x.kind === 'basis' ? [x.basis] : []))
    .find((b) => figureDefinition(key).bases.includes(b));
}

const aboveBasis = (a: TakenFigure, context: LineContext): Basis | undefined =>
  a.option.by === 'above' &&
  context.aboveBasis !== undefined &&
  figureDefinition(a.option.key).bases.includes(context.aboveBasis)
    ? context.aboveBasis
    : undefined;

/** Words that say that the machine is not as the maker built it. */
const CHANGED =
  /\blowered (?!version|suspension|model)|\blowering link|\btiefergelegt|\brabaissée|\bribassata|\bcut down|\brebajada|\bwith the (?:rally|comfort|low) seat\b/iu;
const MEASURED =
  /measured|scales|\bweighed\b|taped|dyno|tested at|as tested|observed|we (?:got|saw)|gemessen|nachgewogen|misurat[oa]|mesuré|medido|on test/iu;
const CLAIMED =
  /claimed|factory|maker'?s|brochure|quoted|they (?:say|quote|claim)|official|werksangabe|dichiarat|annoncé|declarado/iu;
const HEARD = /someone said|somebody said|i heard|apparently|rumou?r|supposedly|reportedly/iu;

/** Who speaks: what was measured, what the maker claims, what was only heard; by the words around the figure. */
function speakerOf(text: string, from: number, q: Quantity, to: number): Origin | undefined {
  const before = text.slice(Math.max(from, q.from - 60), q.from);
  const behind = text.slice(q.to, Math.min(to, q.to + 34)).split(/[(;]/)[0] ?? '';
  const around = `${before} ${behind}`;
  if (CLAIMED.test(before)) return 'claimed';
  if (MEASURED.test(around)) return 'measured';
  return HEARD.test(before) ? 'heard' : undefined;
}

function hedgeBefore(text: string, q: Quantity, mentions: readonly Mention[]): string | undefined {
  const hedge = mentions.findLast(
    (m) =>
      m.to <= q.from &&
      q.from - m.to < 28 &&
      m.meanings.some((x) => x.kind === 'hedge') &&
      !/[\d;]/.test(text.slice(m.to, q.from)),
  );
  return hedge && text.slice(hedge.from, hedge.to);
}

/** Where the words that made a figure stand: from its label, unless another figure stands between. */
function placed(
  scanned: ScannedLine,
  at: number,
  option: Option,
  q: Quantity,
  to: number,
  before: Quantity | undefined,
) {
  const label = option.by === 'label' ? option.word?.mention : undefined;
  let from = q.from;
  let end = to;
  if (
    label &&
    label.to <= q.from &&
    q.from - label.from < 60 &&
    (!before || before.to <= label.from)
  )
    from = label.from;
  if (label && label.from >= q.to) end = Math.max(end, label.to);
  const text = scanned.line.slice(at + from, at + end);
  const closed = text.includes('(') && scanned.line[at + end] === ')' ? 1 : 0;
  return {
    words: scanned.line.slice(at + from, at + end + closed).trim(),
    from: scanned.offset + at + from,
    to: scanned.offset + at + end + closed,
  };
}

/** The last label of a sentence that got nothing: the answer may stand on the next line. */
function openLabel(
  words: readonly Word[],
  assigned: readonly Assigned[],
  text: string,
  figures: number,
): Word | undefined {
  const used = new Set(assigned.map((a) => a.option?.word));
  const isCare = (w: Word) =>
    w.meaning.kind === 'label' && /^(?:service|valves|oil)$/.test(w.meaning.name);
  const last = words.findLast(
    (w) => w.meaning.kind === 'label' && (isCare(w) || !(w.meaning.weak && text.length > 24)),
  );
  const care = last !== undefined && isCare(last);
  const free = figures === 0 || care || /[:?]\s*$/.test(text);
  return last && free && !used.has(last) && assigned.every((a) => a.option?.key === undefined)
    ? { ...last, order: -1 }
    : undefined;
}

/** What it takes to make a proposal of a quantity that was passed over. */
interface HowToTake {
  readonly side: (index: number) => Side;
  readonly survey: Survey;
  readonly place: (
    option: Option,
    q: Quantity,
    index: number,
  ) => { readonly words: string; readonly from: number; readonly to: number };
}

/** What a quantity that was passed over would be, if the rider takes it: never ticked by itself. */
function asFigure(
  s: SentenceWords,
  q: Quantity,
  index: number,
  { side, survey, place }: HowToTake,
): FigureProposal | undefined {
  const best = optionsOf({ ...s, blocked: new Set() }, index, side)
    .filter((o) => o.key !== undefined && o.needs === undefined && o.continues === undefined)
    .reduce<Option | undefined>((a, b) => (!a || b.points > a.points ? b : a), undefined);
  if (best?.key === undefined) return undefined;
  return propose(
    {
      quantity: q,
      twin: undefined,
      assigned: { option: { ...best, key: best.key }, margin: 0, rival: undefined },
      basis: undefined,
      usual: usualBasis(best.key, survey),
      hedge: undefined,
      changed: undefined,
      origin: undefined,
      ours: survey.ours,
      several: false,
    },
    () => place(best, q, index),
  );
}

function passed(
  s: SentenceWords,
  assigned: readonly Assigned[],
  blocked: ReadonlyMap<number, BlockedBy>,
  { offset, ...how }: HowToTake & { readonly offset: number },
): readonly PassedOver[] {
  return s.quantities.flatMap((q, i): readonly PassedOver[] => {
    const option = assigned[i]?.option;
    const reason = blocked.get(i);
    if (option?.key !== undefined || reason === 'noise' || q.unit === undefined) return [];
    const taker = option?.word?.meaning;
    return [
      {
        words: s.text.slice(Math.max(0, q.from - 24), q.to + 16).trim(),
        from: offset + q.from,
        to: offset + q.to,
        why:
          reason !== undefined
            ? { code: reason }
            : taker?.kind === 'taker'
              ? { code: 'belongs-to', taker: taker.taker }
              : { code: 'no-label' },
        as: asFigure(s, q, i, how),
      },
    ];
  });
}

/** What may be on the clock of a machine for sale. */
function clockReadings(
  s: SentenceWords,
  assigned: readonly Assigned[],
  blocked: ReadonlyMap<number, BlockedBy>,
  offset: number,
): readonly ClockReading[] {
  if (!s.sale) return [];
  return s.quantities.flatMap((q, i): readonly ClockReading[] => {
    const option = assigned[i]?.option;
    if (option?.key !== undefined || blocked.has(i)) return [];
    const meaning = option?.word?.meaning;
    const clocked = meaning?.kind === 'taker' && meaning.taker === 'odometer';
    const before = s.text.slice(Math.max(0, q.from - 26), q.from);
    if (meaning?.kind === 'taker' && !clocked) return [];
    if (/(?:every|alle|tous les|cada|ogni|at|à|bei|due|last service\w*)\s*$/iu.test(before))
      return [];
    const senses = sensesOf(q.unit, s.units);
    const distance = senses.find((x) => x.dimension === 'distance');
    const unit =
      distance?.units[0] ?? (senses.some((x) => x.dimension === 'duration') ? 'h' : undefined);
    const kmBefore = q.unit === undefined && /(?<!\p{L})km\s$/iu.test(before);
    const year = q.unit === undefined && /^(?:19|20)\d\d$/.test(s.text.slice(q.from, q.to));
    const bare = q.unit === undefined && clocked && !year;
    const word = kmBefore ? 'km' : bare ? (s.units.distance ?? 'km') : unit;
    if (word !== 'km' && word !== 'mi' && word !== 'h') return [];
    const amount = Math.max(...q.amounts) * (distance?.times ?? 1);
    return [
      {
        amount,
        unit: word,
        from: offset + q.from,
        to: offset + q.to,
        points: (clocked ? 2 : 0) + (word === 'h' ? -1 : 0) + (amount >= 500 ? 1 : 0),
      },
    ];
  });
}
