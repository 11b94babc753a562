import { figureDefinition, type Basis, type FigureKey } from '../readings';
import { assign, type Assigned } from './link/assign';
import { basesOf } from './link/bases';
import { OTHER_END } from './link/by-label';
import { blockedIn } from './link/blocked';
import { clockReadings, type ClockReading } from './link/clock';
import type { Option, SentenceWords, Word } from './link/option';
import { optionsOf } from './link/options';
import { isPair } from './link/pairs';
import { passed } from './link/passed-over';
import { propose, usualBasis } from './link/propose';
import { askedIn, CHANGED, hedgeBefore, speakerOf } from './link/speaker';
import { sentencesOf, type Sentence } from './link/sentences';
import { BOTH_ENDS, sideOf, sidesOf, sideUnsaid, type Side } from './link/side-of';
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

export interface LineRead {
  readonly figures: readonly FigureProposal[];
  readonly passedOver: readonly PassedOver[];
  readonly clock: readonly ClockReading[];
  /** The last label that got no figure: it may serve the next line. */
  readonly open: Word | undefined;
  /** The label of the last figure that has another end. */
  readonly twoEnded: Word | undefined;
}

/** "Rear's 200.": a sentence that goes on with the other end of what was told. */
const OTHER_END_FIRST =
  /^\s*(?:and |then )?(?:at |on )?(?:the )?(?:front|rear|back|fork|forks|shock)(?:['’]s)?(?!\p{L})/iu;
/** "Fork?": a question that is nothing but an end. */
const END_ASKED = /^\s*(?:and )?(?:the )?(?:(front|forks?|up front)|rear|back|shock)\s*\?\s*$/iu;

/** What lies between a figure and the one that puts it right. */
const PUT_RIGHT =
  /^ ?(?:[a-z]+)?[\s,.?!…-]+(?:(?:oh|uh|er|um|no|sorry|wait|actually|pardon|hang on)[\s,.!]+)*(?:no|sorry|i mean|correction|make that|or rather|scratch that|excuse me|pardon(?: me)?|beg your pardon|no wait|i lied|rather|i meant)[\s,.!:]+(?:it['’]s |that['’]s |is |a |an )?\s*$/iu;

/** "3.8 to 4.5 l, 4.1 on average": of a range and what it comes to the latter counts. */
const COMES_TO =
  /^ ?\p{L}{0,6}[\s,;:(–-]+(?:im (?:schnitt|mittel)|durchschnittlich|on average|averag(?:e|es|ing)|avg\.?|mostly|usually|meist(?:ens)?|en moyenne|moyenne|de media|media|in media)[\s:]*(?:about |around |etwa |ca\. )?$/iu;

/** "41 horsepower, sorry, 47": what somebody takes back in the same breath is no figure; blanked out, so that places stay. */
function withoutSlips(scanned: ScannedLine): ScannedLine {
  const { quantities } = scanned;
  const slips = quantities.filter((q, i) => {
    const next = quantities[i + 1];
    return (
      next !== undefined &&
      (q.unit === next.unit || q.unit === undefined || next.unit === undefined) &&
      (PUT_RIGHT.test(scanned.line.slice(q.to, next.from)) ||
        (q.spread !== undefined && COMES_TO.test(scanned.line.slice(q.to, next.from))))
    );
  });
  if (slips.length === 0) return scanned;
  const gone = (from: number) => slips.some((q) => q.from === from);
  /** What was said of the slip's unit holds for what put it right. */
  const unitBefore = (i: number) => {
    const before = quantities[i - 1];
    return before && gone(before.from) ? before.unit : undefined;
  };
  let { line } = scanned;
  for (const slip of slips) {
    const next = quantities[quantities.indexOf(slip) + 1];
    const to = next?.from ?? slip.to;
    line = line.slice(0, slip.from) + ' '.repeat(to - slip.from) + line.slice(to);
  }
  return {
    ...scanned,
    line,
    quantities: quantities
      .map((q, i) => ({ ...q, unit: q.unit ?? unitBefore(i) }))
      .filter((q) => !gone(q.from)),
    mentions: scanned.mentions.filter((m) => line.slice(m.from, m.to).trim() !== ''),
  };
}

/** The figures one line of text states, sentence by sentence. */
export function readLine(given: ScannedLine, context: LineContext): LineRead {
  const scanned = withoutSlips(given);
  const figures: FigureProposal[] = [];
  const passedOver: PassedOver[] = [];
  const clock: ClockReading[] = [];
  let above = context.above;
  let twoEnded: Word | undefined;
  let asked: Side | undefined;
  for (const sentence of sentencesOf(scanned.line)) {
    const end = END_ASKED.exec(sentence.text);
    if (end && twoEnded) {
      asked = end[1] ? 'front' : 'rear';
      continue;
    }
    const carried =
      asked !== undefined || OTHER_END_FIRST.test(sentence.text) ? twoEnded : undefined;
    const read = readSentence(scanned, sentence, {
      ...context,
      above: carried ?? above,
      carried: carried !== undefined,
      side: asked ?? context.side,
      lastKey: figures.at(-1)?.key ?? context.lastKey,
    });
    asked = undefined;
    twoEnded = read.twoEnded ?? (read.figures.length > 0 ? undefined : twoEnded);
    figures.push(...read.figures);
    passedOver.push(...read.passedOver);
    clock.push(...read.clock);
    above = read.open;
  }
  return { figures, passedOver, clock, open: above, twoEnded };
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
  /(?:,|\bin\b|\bthat(?:'s| is)\b|\bof course\b)\s*(?:that(?:'s| is) )?(millimetres|millimeters|mil|pounds|kilos|kilograms|inches|litres|liters|horsepower|miles|kilometres|kilometers)\b(?: that is| that's| of course)?/iu;

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
  miles: 'mi',
  kilometres: 'km',
  kilometers: 'km',
} as const;

const spokenIn = (text: string) => {
  const word = SPOKEN.exec(text)?.[1]?.toLowerCase() as keyof typeof SPOKEN_UNITS | undefined;
  return word && SPOKEN_UNITS[word];
};

function readSentence(
  scanned: ScannedLine,
  sentence: Sentence,
  context: LineContext & { readonly carried: boolean },
): LineRead {
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
    carried: context.carried,
    units: survey,
    sale: survey.sale,
    ours: survey.ours,
    spoken: spokenIn(text),
    wide: /\s{4,}/.test(text),
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
        assigned: followsUnsaid(a, assigned[i - 1], alone[i - 1]),
        basis:
          (bases[n] === 'mixed' ? loggedBasis(scanned.line, a.option.key) : undefined) ??
          bases[n] ??
          seatOfTwo(taken, n) ??
          dynoBasis(scanned.line, text, a.option.key) ??
          footnoteBasis(q, a.option.key, context) ??
          aboveBasis(a, context),
        usual: usualBasis(a.option.key, survey),
        hedge: askedIn(text, q) ?? hedgeBefore(text, q, mentions),
        changed,
        origin: speakerOf(text, alone[i - 1]?.to ?? 0, q, alone[i + 1]?.from ?? text.length),
        ours: survey.ours,
        sideUnsaid:
          /Front$|Rear$/.test(a.option.key) &&
          a.option.by === 'label' &&
          !labelSaysSide(a.option) &&
          sideUnsaid(text, i, alone, sides),
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
    twoEnded: taken.findLast(({ a }) => OTHER_END[a.option.key] !== undefined)?.a.option.word,
  };
}

/** The second number of a pair that only its size named (`15/46`) is no surer than the first. */
const followsUnsaid = (
  a: TakenFigure,
  before: Assigned | undefined,
  first: Quantity | undefined,
): TakenFigure =>
  a.option.by === 'follows' && before?.option?.by === 'unit' && first?.unit === undefined
    ? { ...a, option: { ...a.option, by: 'unit' } }
    : a;

/** "rear travel" says its end by itself. */
const labelSaysSide = (option: Option): boolean =>
  option.word !== undefined &&
  /(?:Front|Rear|forkRate|shockRate)$/.test(
    option.word.meaning.kind === 'label' ? option.word.meaning.name : '',
  );

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

const FILLED =
  /\d ?(?:km|kms|mi|miles)\b[^.\d]{0,6}\d+[.,]\d{1,2} ?(?:l|litres|liters|gal)(?!\p{L})/giu;
/** "Tank 1: 312 km, 13.1 L. Tank 2: …": what comes of one's own fills. */
const loggedBasis = (line: string, key: FigureKey): Basis | undefined =>
  key === 'consumption' && (line.match(FILLED)?.length ?? 0) >= 2 ? 'own-fills' : undefined;

const ON_A_DYNO = /(?<!\p{L})(?:dyno|rollers|rwhp|whp|at the (?:rear |back )?wheel)(?!\p{L})/iu;
const NOT_OURS_TO_SAY = /claimed|factory|brochure|maker|they say|official|quoted|crank|on paper/iu;

/** Torque run up on the rollers is the wheel's as power is, in every sentence of the line that does not quote the maker. */
const dynoBasis = (line: string, text: string, key: FigureKey): Basis | undefined =>
  (key === 'torque' || key === 'power') &&
  ON_A_DYNO.test(line) &&
  !NOT_OURS_TO_SAY.test(text) &&
  !/(?<!\p{L})(?:claimed|factory|maker|brochure)/iu.test(line)
    ? 'wheel'
    : undefined;

/** "870/850 mm seat": the lower of two is the low seat's. */
function seatOfTwo(
  taken: readonly { readonly q: Quantity; readonly a: TakenFigure }[],
  n: number,
): Basis | undefined {
  const one = taken[n];
  if (one?.a.option.key !== 'seatHeight' || !one.q.listed) return undefined;
  const other = [taken[n - 1], taken[n + 1]].find(
    (o) => o?.a.option.key === 'seatHeight' && o.q.listed,
  );
  if (!other) return undefined;
  return (one.q.amounts[0] ?? 0) < (other.q.amounts[0] ?? 0) ? 'low-seat' : 'standard-seat';
}

type TakenFigure = Assigned & { readonly option: Option & { readonly key: FigureKey } };

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
