import { spelt } from './vocabulary/letters';
import { type Basis, type FigureKey } from '../readings';
import { isUnitId, type UnitId } from '../units';
import { assign, type Assigned } from './link/assign';
import { basesOf, STANDARD_BEHIND } from './link/bases';
import { asPartlyFilled } from './link/fuel-aboard';
import { asFirst, asLogged, asServiced } from './link/care-log';
import { notAsSold } from './link/not-as-sold';
import { forOneState } from './link/pressure-state';
import { asInTown, atOneSpeed } from './link/use-of-one-kind';
import { OTHER_END } from './link/ends';
import { besideAnother } from './link/another-beside';
import { oneOfTwo } from './link/one-of-two';
import { blockedIn } from './link/blocked';
import { clockReadings, type ClockReading } from './link/clock';
import type { SentenceWords, Word } from './link/option';
import { optionsOf } from './link/options';
import { passed } from './link/passed-over';
import { likelyIn, unlikeAny } from './learnt/likely';
import { propose, usualBasis } from './link/propose';
import { alteredIn, isAltered } from './link/altered';
import { isStock, isStockPair } from './link/changed';
import { asLeftOpen } from './link/left-open';
import { askedIn, hedgeBefore, speakerOf } from './link/speaker';
import { sentencesOf, type Sentence } from './link/sentences';
import { sideOf, sidesOf, sideUnsaid, type Side } from './link/side-of';
import type { Quantity } from './lattice/quantity';
import type { FigureProposal, PassedOver } from './proposal';
import { asWritten } from './lattice/closed-up';
import { writtenUnit } from './lattice/written-units';
import type { Survey } from './text/survey';
import type { ScannedLine } from './text/scanned-line';
import type { Mention } from './vocabulary/lexicon';
import { withoutSlips } from './text/slips';
import { withStockInstead } from './text/stock-told-behind';
import { toldOfAnother, type Whose } from './text/whose';
import {
  aboveBasis,
  asLimit,
  asTested,
  dynoBasis,
  footnoteBasis,
  isWeighed,
  loggedBasis,
  seatOfTwo,
} from './link/line-bases';
import { isOfTwoInLine } from './link/nobodys';
import { placed } from './link/placed';
import { spokenIn } from './link/spoken-units';
import { unitTold } from './link/told-beside';
import { atBothEnds, endOf, followsUnsaid, labelSaysSide, sideAtHead } from './link/both-ends';
import { twinned, within, wordsOf } from './link/within';
import type { TakenFigure } from './link/taken-figure';

/** What the lines before, and the text as a whole, hand down to a line. */
export interface LineContext {
  readonly survey: Survey;
  /** Words of the machine's name, in small letters; none where it is not known. */
  readonly own: readonly string[];
  /** Which stretches of the text are told of other machines. */
  readonly whose: Whose;
  /** A label that stood without a figure of its own, and the basis its words named. */
  readonly above: Word | undefined;
  readonly aboveBasis: Basis | undefined;
  /** The figure that was given last. */
  readonly lastKey: FigureKey | undefined;
  /** The side a heading named. */
  readonly side: Side | undefined;
  /** What the text's footnotes say of a basis, by mark. */
  readonly footnotes: ReadonlyMap<string, readonly Mention[]>;
  /** Told of every sentence read, by whoever learns from them. */
  readonly listen?: Listen | undefined;
}

/** A sentence as the reader saw it, and the figure that its rules gave each quantity. */
export type Listen = (s: SentenceWords, keys: readonly (FigureKey | undefined)[]) => void;

export interface LineRead {
  readonly figures: readonly FigureProposal[];
  /** What numbers without a name mostly mean in such words: for where nothing else gives the figure. */
  readonly likely: readonly FigureProposal[];
  readonly passedOver: readonly PassedOver[];
  readonly clock: readonly ClockReading[];
  /** The last label that got no figure: it may serve the next line. */
  readonly open: Word | undefined;
  /** The label of the last figure that has another end. */
  readonly twoEnded: Word | undefined;
}

/** "Rear's 200.": a sentence that goes on with the other end of what was told. */
const OTHER_END_FIRST = spelt(
  /^\s*(?:and |then )?(?:at |on )?(?:the )?(?:front|rear|back|fork|forks|shock)(?:['’]s)?(?!\p{L})/iu,
);

/** "Fork?": a question that is nothing but an end. */
const END_ASKED = /^\s*(?:and )?(?:the )?(?:(front|forks?|up front)|rear|back|shock)\s*\?\s*$/iu;

/** The figures one line of text states, sentence by sentence. */
export function readLine(given: ScannedLine, context: LineContext): LineRead {
  const scanned = withStockInstead(withoutSlips(given));
  const figures: FigureProposal[] = [];
  const likely: FigureProposal[] = [];
  const passedOver: PassedOver[] = [];
  const clock: ClockReading[] = [];
  let above = context.above;
  let twoEnded: Word | undefined;
  let asked: Side | undefined;
  const headed = sideAtHead(scanned);
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
      side: asked ?? headed ?? context.side,
      lastKey: figures.at(-1)?.key ?? context.lastKey,
    });
    asked = undefined;
    twoEnded = read.twoEnded ?? (read.figures.length > 0 ? undefined : twoEnded);
    figures.push(...read.figures);
    likely.push(...read.likely);
    passedOver.push(...read.passedOver);
    clock.push(...read.clock);
    above = read.open;
  }
  return { figures, likely, passedOver, clock, open: above, twoEnded };
}

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
  const told = alone.map((q) =>
    toldOfAnother(context.whose, lifted(scanned, at, q.from, q.to).from),
  );
  const blocked = blockedIn(
    text,
    alone,
    mentions,
    survey.sale,
    survey.owned,
    context.own,
    (i) =>
      told[i] === 'surely' ||
      isOfTwoInLine(scanned.line, at + (alone[i]?.from ?? 0), scanned.mentions),
  );
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
    spoken: spokenIn(text) ?? (NUMBER_ALONE.test(text) ? context.above?.unit : undefined),
    wide: /\s{4,}/.test(text),
    whole: text.trim() === scanned.line.trim(),
    lastKey: context.lastKey,
    blocked: new Set(blocked.keys()),
  };
  const sides = sidesOf(mentions);
  const known: Side[] = [];
  const side = (i: number) =>
    (known[i] ??= sideOf(text, i, alone, sides, context.side ?? endOf(context.lastKey)));
  const assigned = assign(s, (i) => optionsOf(s, i, side));
  context.listen?.(
    s,
    assigned.map((a) => a.option?.key),
  );
  const taken = alone.flatMap((q, i) => {
    const a = assigned[i];
    return a?.option?.key === undefined ? [] : [{ q, i, a: a as TakenFigure }];
  });
  const wanting = taken.map(({ q, a }) => ({
    key: a.option.key,
    from: q.from,
    to: twins.get(q)?.to ?? q.to,
  }));
  const bases = basesOf(text, wanting, mentions);
  const changed = taken.length > 0 ? alteredIn(text) : undefined;
  const figures = taken.flatMap(({ q, i, a }, n) => {
    const made = propose(
      {
        quantity: q,
        twin: twins.get(q),
        assigned: followsUnsaid(a, assigned[i - 1], alone[i - 1]),
        basis:
          footnoteBasis(text, q, a.option, context) ??
          // "It is lowered, seat height 850 mm stock".
          (a.option.key === 'seatHeight' && isStock(text, q) ? 'standard-seat' : undefined) ??
          (bases[n] === 'mixed' ? loggedBasis(scanned.line, a.option.key) : undefined) ??
          bases[n] ??
          seatOfTwo(taken, n) ??
          dynoBasis(scanned.line, text, a.option.key) ??
          aboveBasis(a, context) ??
          (survey.approved && a.option.key === 'consumption' ? 'cycle' : undefined),
        standardSaid: STANDARD_BEHIND.test(text.slice(q.to)),
        usual: usualBasis(a.option.key, survey),
        hedge: askedIn(text, q) ?? hedgeBefore(text, q, mentions),
        changed: isStock(text, q) || isStockPair(text, q, alone[i - 1]) ? undefined : changed,
        wentFrom:
          isAltered(text, q) ||
          /(?<!\p{L})went (?:up |down )?from (?:about )?$/iu.test(
            text.slice(Math.max(0, q.from - 24), q.from),
          ),
        origin:
          speakerOf(text, alone[i - 1]?.to ?? 0, q, alone[i + 1]?.from ?? text.length) ??
          scanned.origin,
        ours: survey.ours,
        sideUnsaid:
          /Front$|Rear$/.test(a.option.key) &&
          a.option.by === 'label' &&
          !labelSaysSide(a.option) &&
          sideUnsaid(text, i, alone, sides),
        several: context.whose.apart ? told[i] === 'perhaps' : survey.several,
      },
      (to) => placed(scanned, at, a.option, q, to, alone[i - 1]),
    );
    if (!made || isWeighed(made.key, scanned.line) || isNoRate(made, text)) return [];
    const limited = asPartlyFilled(asLimit(made, scanned.line), text, wanting, n);
    const guards = [
      atOneSpeed,
      asInTown,
      (told: FigureProposal, words: string, quantity: Quantity) =>
        notAsSold(told, words, quantity, survey.sale || survey.owned),
      forOneState,
      asLeftOpen,
      asTested,
      asFirst,
      ...(survey.logged ? [asLogged] : survey.sale ? [asServiced] : []),
    ];
    const seen = guards.reduce((told, look) => look(told, text, q), limited);
    const oneOf = oneOfTwo(unlikeAny(s, i, asAsked(seen, s), a.option), text, q, {
      next: alone[i + 1],
      isTaken: assigned[i + 1]?.option !== undefined,
    });
    const heeded = besideAnother(
      oneOf,
      s,
      i,
      context.own,
      (j) => assigned[j]?.option !== undefined || blocked.has(j),
    );
    return [heeded, ...atBothEnds(heeded, text.slice(q.to, q.to + 48))];
  });
  return {
    figures,
    likely: likelyIn(s, assigned, survey, (option, q, i) =>
      placed(scanned, at, option, q, twins.get(q)?.to ?? q.to, alone[i - 1]),
    ),
    passedOver: passed(s, assigned, blocked, {
      side,
      survey,
      place: (option, q, i) => placed(scanned, at, option, q, q.to, alone[i - 1]),
      at: (from, to) => lifted(scanned, at, from, to),
    }),
    clock: clockReadings(s, assigned, blocked, (from, to) => lifted(scanned, at, from, to)),
    open: openLabel(
      words,
      assigned,
      text,
      alone.filter((_, i) => blocked.get(i) !== 'noise').length,
    ),
    twoEnded: taken.findLast(({ a }) => OTHER_END[a.option.key] !== undefined)?.a.option.word,
  };
}

/** "PVP 4.200 €" in an advert of a used machine is what is asked, unless another sum stands beside it. */
function asAsked(made: FigureProposal, { sale, text, quantities }: SentenceWords): FigureProposal {
  const isOnlySum = quantities.filter((q) => /^[A-Z]{3}$/.test(q.unit ?? '')).length === 1;
  return made.key === 'price' && made.basis === 'list' && sale && isOnlySum && PVP.test(text)
    ? { ...made, basis: 'asked' }
    : made;
}
const PVP = spelt(/(?<!\p{L})(?:p\.?v\.?p\.?|precio de venta)(?!\p{L})/iu);

/** "Fork moved 187 before it bottomed, shock 178": no spring's rate, where nothing speaks of springs. */
const isNoRate = ({ key, doubts }: FigureProposal, text: string): boolean =>
  (key === 'shockRate' || key === 'forkRate') &&
  doubts.some((d) => d.code === 'unit-unsaid') &&
  !OF_SPRINGS.test(text);
const OF_SPRINGS = spelt(
  /spring|feder|ressort|muelle|molla|molle|veer|veren|fjäder|fjær|fjeder|mola|sprężyn|pružin|jous|rate|\/ ?mm/iu,
);

/** A stretch of a sentence as it stands in the text. */
function lifted(scanned: ScannedLine, at: number, from: number, to: number) {
  const place = asWritten(scanned.places, at + from, at + to);
  return { from: scanned.offset + place.from, to: scanned.offset + place.to };
}

/** "Torque (lb-ft)", and its number in the line below. */
function unitBeside(text: string, { mention }: Word): { readonly unit?: UnitId } {
  const written = writtenUnit(text.slice(mention.from, mention.to));
  const unit =
    unitTold(`${text.slice(mention.to).replace(/[\s:=|]+$/u, '')}:`) ??
    (written !== undefined && isUnitId(written) ? written : undefined);
  return unit === undefined ? {} : { unit };
}

/** A line that is nothing but a number. */
const NUMBER_ALONE = /^\s*\d[\d.,]*\s*$/u;

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
    ? { ...last, order: -1, ...unitBeside(text, last) }
    : undefined;
}
