'use client';
import equal from 'fast-deep-equal';
import { useMemo, useState } from 'react';
import type { StanceBand } from '@/core/brief';
import { shortName, type Donor, type WeakPoint } from '@/core/donor';
import { seenId, seenTogether, type Observed, type Tick, type Trial } from '@/core/evidence';
import { type FactKey } from '@/core/facts';
import { seatWidth } from '@/core/fit';
import {
  INSPECTION_POINTS,
  type InspectionPoint,
  type PaperPoint,
  type SellerQuestion,
} from '@/core/inspection';
import { type FigureKey, type Origin, type Reading } from '@/core/readings';
import { stakes } from '@/core/stakes';
import type { Change } from '@/store/history';
import { type StandingCandidate } from '@/store/queries';
import { useDossierState, useDossierStore } from '@/store/react';
import { today } from '@/store/running';
import { dropTrial, putTrial, withObserved, withoutFeet } from '@/store/trial-changes';
import { pointWords, type Reader, inSentence } from '@/ui/messages';
import { parseQuoted, type QuotedAmount } from '@/ui/stored';
import { basisAt, inOrder, MOST_ASKED, Question, questionsOf } from './card-questions';

export interface CardModel {
  readonly entry: StandingCandidate;
  readonly reader: Reader;
  readonly name: string;
  /** What the feet did on it, as ticked here. */
  readonly feet: StanceBand | undefined;
  readonly seatHeight_mm: number | undefined;
  readonly sit: (feet: StanceBand | undefined) => void;
  readonly questions: readonly Question[];
  readonly answerFigure: (key: FigureKey, quoted: QuotedAmount | undefined, origin: Origin) => void;
  readonly parseFigure: (key: FigureKey, text: string) => ReturnType<typeof parseQuoted>;
  readonly answerFact: (key: FactKey, option: string | undefined) => void;
  /** One machine for sale: it is walked around. */
  readonly used: boolean;
  /** What all looks at it say together, and the day of the last. */
  readonly seen: Observed;
  readonly seenOn: string | undefined;
  readonly note: string;
  readonly tick: (point: InspectionPoint | PaperPoint, tick: Tick | undefined) => void;
  /** What putting a bad point right costs; absent: not known. */
  readonly costOf: (point: InspectionPoint | PaperPoint) => WeakPoint['cost'];
  readonly setCost: (point: InspectionPoint | PaperPoint, amount: number | undefined) => void;
  readonly setNote: (note: string) => void;
  /** What the seller said to a question; empty takes it back. */
  readonly answerSeller: (question: SellerQuestion, words: string) => void;
}

/** What money puts right; papers are not mended with it. */
const MENDABLE = new Set<string>(INSPECTION_POINTS.map((p) => p.key));

/** The card of one candidate: every answer is part of today's look at the machine, written at once. */
export function useCard(entry: StandingCandidate, reader: Reader): CardModel {
  const store = useDossierStore();
  const dossier = useDossierState((s) => s.dossier);
  const { donorId } = entry.candidate;
  const own = dossier.donors[donorId] as Donor;
  const trials = Object.values(dossier.trials).filter((t) => t.donorId === donorId);
  const seen = seenTogether(trials);
  const name = shortName(entry.donor);
  const open = useMemo(
    () => stakes({ ...entry.bare, parts: [] }).slice(0, MOST_ASKED),
    [entry.bare],
  );
  // Nothing moves under the finger: what was asked keeps its place while the card is open.
  const [order] = useState(() => new Map(open.map((s, i) => [s.key, i])));
  const seat = entry.stock.figures.seatHeight.estimate;
  const day = today();
  const known = trials.find((t) => t.kind === 'inspection' && t.on === day);
  /** Today's look at the machine, begun with the first answer. */
  const now = (): Trial =>
    known ?? {
      id: crypto.randomUUID(),
      kind: 'inspection',
      on: day,
      donorId,
      machine: name,
      observed: {},
      note: '',
    };
  const run = (what: string, changes: readonly Change[], coalesce?: string) =>
    store.execute({
      label: { code: 'visit', facts: { name, what } },
      changes,
      ...(coalesce ? { coalesce } : {}),
    });
  /** Answers anew where there is an answer, and takes an answer back from every look that gave it. */
  const answer = (what: string, given: Trial | undefined, taken: (trial: Trial) => Trial) => {
    const before = trials.filter((t) => t.id !== given?.id);
    run(what, given ? [putTrial(known, given)] : takenBack([...before], taken));
  };

  return {
    entry,
    reader,
    name,
    used: own.kind === 'machine',
    seen,
    seenOn: trials
      .flatMap((t) => t.on ?? [])
      .toSorted()
      .at(-1),
    note: known?.note ?? trials.findLast((t) => t.note !== '')?.note ?? '',
    seatHeight_mm: seat.kind === 'known' ? seat.interval.mid : undefined,
    feet: seen.feet,
    questions: inOrder(questionsOf(seen, open, entry, reader), order),
    sit(feet) {
      if (seat.kind === 'unknown') return;
      const trial = now();
      const { feet: _feet, seatHeight_mm: _height, seatWidth: _width, ...rest } = trial.observed;
      const sat = feet && {
        feet,
        seatHeight_mm: Math.round(seat.interval.mid),
        seatWidth: seatWidth(entry.donor),
      };
      if (sat) run('the sit', [putTrial(known, { ...trial, observed: { ...rest, ...sat } })]);
      else run('the sit', trials.filter((t) => t.observed.feet !== undefined).map(withoutFeet));
    },
    parseFigure: (key, text) => parseQuoted(key, text, seen.figures?.[key], reader),
    answerFigure(key, quoted, origin) {
      const trial = now();
      const made: Reading | undefined = quoted && {
        id: seenId(key),
        ...quoted,
        basis: basisAt(key, entry.stock.figures[key].reading?.basis),
        origin,
        note: `at the machine, ${day}`,
      };
      answer(
        inSentence(key),
        made && withObserved(trial, 'figures', { ...trial.observed.figures, [key]: made }),
        (t) => withObserved(t, 'figures', without(t.observed.figures, key)),
      );
    },
    answerFact(key, option) {
      const trial = now();
      const made = option !== undefined && {
        id: seenId(key),
        value: option,
        origin: 'measured' as const,
        note: `at the machine, ${day}`,
      };
      answer(
        inSentence(key),
        made ? withObserved(trial, 'facts', { ...trial.observed.facts, [key]: made }) : undefined,
        (t) => withObserved(t, 'facts', without(t.observed.facts, key)),
      );
    },
    tick(point, tick) {
      const trial = now();
      const found = (trial.observed.findings ?? []).filter((f) => f.id !== seenId(point));
      const bad: WeakPoint = {
        id: seenId(point),
        what: pointWords(point).bad,
        mend: false,
        origin: 'measured',
        note: `seen ${day}`,
      };
      const ticked =
        tick && withObserved(trial, 'ticks', { ...trial.observed.ticks, [point]: tick });
      answer(
        pointWords(point).name.toLowerCase(),
        ticked && withObserved(ticked, 'findings', tick === 'bad' ? [...found, bad] : found),
        (t) => {
          const less = withObserved(t, 'ticks', without(t.observed.ticks, point));
          const others = (t.observed.findings ?? []).filter((f) => f.id !== seenId(point));
          return withObserved(less, 'findings', others);
        },
      );
    },
    costOf: (point) => seen.findings?.find((f) => f.id === seenId(point))?.cost,
    setCost(point, amount) {
      const holder = trials.findLast((t) =>
        t.observed.findings?.some((f) => f.id === seenId(point)),
      );
      if (!holder) return;
      const findings = (holder.observed.findings ?? []).map((w): WeakPoint => {
        if (w.id !== seenId(point)) return w;
        const { cost: _cost, ...rest } = w;
        return amount === undefined
          ? { ...rest, mend: false }
          : { ...rest, mend: MENDABLE.has(point), cost: { amount, currency: reader.currency } };
      });
      const change = putTrial(holder, withObserved(holder, 'findings', findings));
      run(pointWords(point).name.toLowerCase(), [change], `card/${donorId}/${point}`);
    },
    answerSeller(question, words) {
      const trial = now();
      answer(
        'the seller’s words',
        words === ''
          ? undefined
          : withObserved(trial, 'answers', { ...trial.observed.answers, [question]: words }),
        (t) => withObserved(t, 'answers', without(t.observed.answers, question)),
      );
    },
    setNote: (note) => run('a note', [putTrial(known, { ...now(), note })], `card/${donorId}/note`),
  };
}

/** Takes something back from every look that said it; a look that says nothing any more goes. */
const takenBack = (trials: readonly Trial[], taken: (trial: Trial) => Trial): readonly Change[] =>
  trials.flatMap((before) => {
    const after = taken(before);
    if (equal(after, before)) return [];
    const empty = Object.keys(after.observed).length === 0 && after.note === '';
    return [empty ? dropTrial(before) : putTrial(before, after)];
  });

const without = <T extends object>(lines: T | undefined, key: string): T => {
  const { [key]: _old, ...left } = (lines ?? {}) as Record<string, unknown>;
  return left as T;
};
