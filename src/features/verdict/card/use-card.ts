'use client';
import { useMemo, useState } from 'react';
import type { StanceBand, Sit } from '@/core/brief';
import { donorKind, shortName, type Donor, type WeakPoint } from '@/core/donor';
import { isFactKey, type FactKey } from '@/core/facts';
import { seatWidth } from '@/core/fit';
import { INSPECTION_POINTS, type InspectionPoint, type PaperPoint } from '@/core/inspection';
import {
  figureDefinition,
  type Basis,
  type FigureKey,
  type Origin,
  type Reading,
} from '@/core/readings';
import { stakes, type Stake } from '@/core/stakes';
import type { Change } from '@/store/history';
import { aboardOf, type Standing, type StandingCandidate } from '@/store/queries';
import { BRIEF_KEY, type Tick, type Visit } from '@/store/records';
import { useDossierState, useDossierStore } from '@/store/react';
import { today } from '@/store/running';
import { askWords, nameWords, pointWords, type AskWords, type Reader } from '@/ui/messages';
import { parseQuoted, type QuotedAmount } from '@/ui/stored';

/** One question of the card, with what was answered here. */
export interface Question {
  readonly kind: 'figure' | 'fact';
  readonly key: FigureKey | FactKey;
  readonly words: AskWords;
  /** The reading taken at the machine; absent: not answered here. */
  readonly reading: Reading | undefined;
  /** The option ticked at the machine. */
  readonly option: string | undefined;
}

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
  readonly visit: Visit | undefined;
  readonly tick: (point: InspectionPoint | PaperPoint, tick: Tick | undefined) => void;
  /** What putting a bad point right costs; absent: not known. */
  readonly costOf: (point: InspectionPoint | PaperPoint) => WeakPoint['cost'];
  readonly setCost: (point: InspectionPoint | PaperPoint, amount: number | undefined) => void;
  readonly setNote: (note: string) => void;
}

/** Ids of what a card writes, so that a second tick replaces the first. */
const seen = (key: string): string => `seen-${key}`;
const MOST_ASKED = 10;
/** What money puts right; papers are not mended with it. */
const MENDABLE = new Set<string>(INSPECTION_POINTS.map((p) => p.key));

/** The card of one candidate: every answer is a reading, a fact, a weak point or a sit, written at once. */
export function useCard(standing: Standing, entry: StandingCandidate, reader: Reader): CardModel {
  const store = useDossierStore();
  const dossier = useDossierState((s) => s.dossier);
  const { donorId } = entry.candidate;
  const own = dossier.donors[donorId] as Donor;
  const visit = dossier.visits[donorId];
  const name = shortName(entry.donor);
  const open = useMemo(
    () =>
      stakes(standing.brief, {
        donor: entry.donor,
        parts: [],
        aboard: aboardOf(dossier, donorId),
      }).slice(0, MOST_ASKED),
    [standing.brief, entry.donor, dossier, donorId],
  );
  // Nothing moves under the finger: what was asked keeps its place while the card is open.
  const [order] = useState(() => new Map(open.map((s, i) => [s.key, i])));
  const sits = dossier.briefs[BRIEF_KEY]?.rider.sits;
  const seat = entry.stock.figures.seatHeight.estimate;
  const run = (what: string, changes: readonly Change[], coalesce?: string) =>
    store.execute({
      label: { code: 'visit', facts: { name, what } },
      changes,
      ...(coalesce ? { coalesce } : {}),
    });
  const onDonor = (path: readonly string[], before: unknown, after: unknown): Change => ({
    table: 'donors',
    key: donorId,
    path,
    before,
    after,
  });
  const putVisit = (after: Visit): Change => ({
    table: 'visits',
    key: donorId,
    path: [],
    before: visit,
    after,
  });
  const now = (): Visit => ({ id: donorId, ticks: {}, note: '', ...visit, on: today() });
  const weak = (points: readonly WeakPoint[]): Change =>
    onDonor(['weakPoints'], own.weakPoints, points.length > 0 ? points : undefined);
  const found = (point: string) => own.weakPoints?.find((w) => w.id === seen(point));

  return {
    entry,
    reader,
    name,
    used: donorKind(own) === 'listing',
    visit,
    seatHeight_mm: seat.kind === 'known' ? seat.interval.mid : undefined,
    feet: sits?.find((s) => s.id === seen(donorId))?.feet,
    questions: inOrder(questionsOf(own, open, entry, reader), order),
    sit(feet) {
      if (seat.kind !== 'known') return;
      const others = (sits ?? []).filter((s) => s.id !== seen(donorId));
      const made: Sit | undefined = feet && {
        id: seen(donorId),
        machine: name,
        seatHeight_mm: Math.round(seat.interval.mid),
        seatWidth: seatWidth(entry.donor),
        feet,
      };
      const after = made ? [...others, made] : others;
      run('the sit', [
        {
          table: 'briefs',
          key: BRIEF_KEY,
          path: ['rider', 'sits'],
          before: sits,
          after: after.length > 0 ? after : undefined,
        },
      ]);
    },
    parseFigure: (key, text) =>
      parseQuoted(
        key,
        text,
        own.figures[key]?.readings.find((r) => r.id === seen(key)),
        reader,
      ),
    answerFigure(key, quoted, origin) {
      const figure = own.figures[key];
      const others = (figure?.readings ?? []).filter((r) => r.id !== seen(key));
      const made: Reading | undefined = quoted && {
        id: seen(key),
        ...quoted,
        basis: basisAt(key, entry.stock.figures[key].reading?.basis),
        origin,
        note: `at the machine, ${today()}`,
      };
      const readings = made ? [...others, made] : others;
      const { pinned, ...rest } = figure ?? { readings: [] };
      run(nameWords(key).toLowerCase(), [
        onDonor(
          ['figures', key],
          figure,
          readings.length === 0
            ? undefined
            : {
                ...rest,
                readings,
                ...(pinned !== undefined && readings.some((r) => r.id === pinned)
                  ? { pinned }
                  : {}),
              },
        ),
      ]);
    },
    answerFact(key, option) {
      const fact = own.facts?.[key];
      const others = (fact?.readings ?? []).filter((r) => r.id !== seen(key));
      const readings =
        option === undefined
          ? others
          : [
              ...others,
              {
                id: seen(key),
                value: option,
                origin: 'measured' as const,
                note: `at the machine, ${today()}`,
              },
            ];
      const { [key]: _old, ...rest } = own.facts ?? {};
      const facts = readings.length > 0 ? { ...rest, [key]: { ...fact, readings } } : rest;
      run(nameWords(key).toLowerCase(), [
        onDonor(['facts'], own.facts, Object.keys(facts).length > 0 ? facts : undefined),
      ]);
    },
    tick(point, tick) {
      const { [point]: _old, ...rest } = now().ticks;
      const others = (own.weakPoints ?? []).filter((w) => w.id !== seen(point));
      const points =
        tick === 'bad'
          ? [
              ...others,
              {
                id: seen(point),
                what: pointWords(point).bad,
                mend: false,
                origin: 'measured' as const,
                note: `seen ${today()}`,
              },
            ]
          : others;
      const same = tick !== 'bad' && found(point) === undefined;
      run(pointWords(point).name.toLowerCase(), [
        putVisit({ ...now(), ticks: tick === undefined ? rest : { ...rest, [point]: tick } }),
        ...(same ? [] : [weak(points)]),
      ]);
    },
    costOf: (point) => found(point)?.cost,
    setCost(point, amount) {
      const points = (own.weakPoints ?? []).map((w): WeakPoint => {
        if (w.id !== seen(point)) return w;
        const { cost: _cost, ...rest } = w;
        return amount === undefined
          ? { ...rest, mend: false }
          : { ...rest, mend: MENDABLE.has(point), cost: { amount, currency: reader.currency } };
      });
      run(pointWords(point).name.toLowerCase(), [weak(points)], `card/${donorId}/${point}`);
    },
    setNote: (note) => run('a note', [putVisit({ ...now(), note })], `card/${donorId}/note`),
  };
}

/** How a figure is taken at a machine; others as the sheet usually means them. */
const AT_MACHINE: Partial<Readonly<Record<FigureKey, Basis>>> = {
  mass: 'ready',
  travelFront: 'taped-travel',
  travelRear: 'taped-travel',
  price: 'asked',
  usedPrice: 'asked',
  consumption: 'own-fills',
};

/** A seat keeps its version; everything else is taken as one takes it there. */
const basisAt = (key: FigureKey, now: Basis | undefined): Basis =>
  AT_MACHINE[key] ??
  (now && figureDefinition(key).bases.includes(now) ? now : figureDefinition(key).bases[0]);

const inOrder = (
  questions: readonly Question[],
  order: ReadonlyMap<string, number>,
): readonly Question[] =>
  questions
    .map((q, i) => ({ q, at: order.get(q.key) ?? order.size + i }))
    .sort((a, b) => a.at - b.at)
    .map(({ q }) => q);

/** What is open, and what was answered here already, so that it can be changed. The price is always asked. */
function questionsOf(
  own: Donor,
  open: readonly Stake[],
  { stock }: StandingCandidate,
  reader: Reader,
): readonly Question[] {
  const answered = (key: FigureKey | FactKey): boolean =>
    (isFactKey(key) ? own.facts?.[key]?.readings : own.figures[key]?.readings)?.some(
      (r) => r.id === seen(key),
    ) === true;
  const before = [...Object.keys(own.figures), ...Object.keys(own.facts ?? {})] as readonly (
    | FigureKey
    | FactKey
  )[];
  const keys = [
    ...new Set([...open.map((s) => s.key), ...before.filter(answered), 'price' as const]),
  ];
  return keys.map((key): Question => {
    const stake = open.find((s) => s.key === key);
    const { points = 0, decides = [] } = stake ?? {};
    if (isFactKey(key))
      return {
        kind: 'fact',
        key,
        words: askWords({ kind: 'fact', key, points, decides }, reader),
        reading: undefined,
        option: own.facts?.[key]?.readings.find((r) => r.id === seen(key))?.value,
      };
    const { estimate, reading } = stock.figures[key];
    const now = estimate.kind === 'known' ? { now: estimate.interval } : {};
    return {
      kind: 'figure',
      key,
      words: askWords(
        {
          kind: 'figure',
          key,
          points,
          decides,
          ...now,
          ...(reading ? { origin: reading.origin } : {}),
        },
        reader,
      ),
      reading: own.figures[key]?.readings.find((r) => r.id === seen(key)),
      option: undefined,
    };
  });
}
