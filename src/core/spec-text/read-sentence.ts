import { isUnitId, type UnitId } from '../units';
import { writtenUnit } from './lattice/written-units';
import { likelyIn } from './learnt/likely';
import type { LineContext, LineRead } from './line-context';
import { assign, type Assigned } from './link/assign';
import { blockedIn } from './link/blocked';
import { endOf } from './link/both-ends';
import { clockReadings } from './link/clock';
import { OTHER_END } from './link/ends';
import { isOfTwoInLine } from './link/nobodys';
import type { SentenceWords, Word } from './link/option';
import { optionsOf } from './link/options';
import { passed } from './link/passed-over';
import { placed } from './link/placed';
import type { Sentence } from './link/sentences';
import { sideOf, sidesOf, type Side } from './link/side-of';
import { spokenIn } from './link/spoken-units';
import { unitTold } from './link/told-beside';
import { twinned, within, wordsOf } from './link/within';
import { figuresOf, takenOf } from './sentence-figures';
import { lifted, type ScannedLine } from './text/scanned-line';
import { toldOfAnother } from './text/whose';

/** What one sentence states: its figures, what its numbers may mean, what was passed over, and the label left open. */
export function readSentence(
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
  return {
    figures: figuresOf({ scanned, at, context, s, twins, assigned, sides, told, blocked }),
    likely: likelyIn(s, assigned, survey, (option, q, i) =>
      placed(scanned, at, option, q, twins.get(q)?.to ?? q.to, alone[i - 1]),
    ),
    passedOver: passed(s, assigned, blocked, {
      side,
      survey,
      place: (option, q, i) => placed(scanned, at, option, q, q.to, alone[i - 1]),
      at: (from, to) => lifted(scanned, at, from, to),
    }),
    clock: clockReadings(
      s,
      assigned,
      blocked,
      (from, to) => lifted(scanned, at, from, to),
      context.own,
    ),
    open: openLabel(
      words,
      assigned,
      text,
      alone.filter((_, i) => blocked.get(i) !== 'noise').length,
      survey.gallon,
    ),
    twoEnded: takenOf({ s, assigned }).findLast(({ a }) => OTHER_END[a.option.key] !== undefined)?.a
      .option.word,
  };
}

/** "Torque (lb-ft)", and its number in the line below. */
function unitBeside(
  text: string,
  { mention }: Word,
  gallon: 'us' | 'imp' | undefined,
): { readonly unit?: UnitId } {
  const written = writtenUnit(text.slice(mention.from, mention.to));
  const unit =
    unitTold(`${text.slice(mention.to).replace(/[\s:=|]+$/u, '')}:`, gallon) ??
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
  gallon: 'us' | 'imp' | undefined,
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
    ? { ...last, order: -1, ...unitBeside(text, last, gallon) }
    : undefined;
}
