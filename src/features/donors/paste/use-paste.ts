'use client';
import { useDeferredValue, useEffect, useMemo, useState } from 'react';
import { donorName, fullName, type Donor, type DonorClass } from '@/core/donor';
import { findReadingFault, type Basis, type FigureKey, type Origin } from '@/core/readings';
import type { Part } from '@/core/part';
import {
  namedParts,
  readText,
  SPEC_TEXT_LIMIT,
  isClassGuessed,
  type ClassRead,
  type FigureProposal,
  type MachineRead,
  type NamedPart,
  type PassedOver,
  type Proposal,
  type SaleRead,
  type TextRead,
} from '@/core/spec-text';
import type { UnitId } from '@/core/units';
import { partsOf } from '@/store/queries';
import { useDossierState, useDossierStore } from '@/store/react';
import { BRIEF_KEY } from '@/store/records';
import { readingFaultWords } from '@/ui/messages';
import { notify } from '@/ui/notice';
import { madeDonor, modelLike, readingChanges } from './enter';
import type { DonorsModel } from '../use-donors';

/** What the rider changed on a proposal before taking it. */
export interface Correction {
  readonly on?: boolean;
  readonly key?: FigureKey;
  readonly unit?: UnitId;
  readonly basis?: Basis;
}

export interface PasteLine {
  readonly id: string;
  /** With the rider's corrections. */
  readonly proposal: Proposal;
  readonly on: boolean;
  /** Why it cannot be taken as corrected. */
  readonly fault: string | undefined;
}

/** What the rider settled of one machine of the text. */
interface Settled {
  readonly on?: boolean;
  readonly maker?: string;
  readonly model?: string;
  readonly donorClass?: DonorClass;
  readonly forSale?: boolean;
  /** Parts that it carries, by their ids. */
  readonly carries?: readonly string[];
}

/** One machine of the text, as it would be entered. */
export interface PasteSheet {
  readonly id: string;
  readonly on: boolean;
  readonly maker: string;
  readonly model: string;
  readonly year: number | undefined;
  readonly donorClass: DonorClass;
  /** What the text says of its class; absent: the rider chooses. */
  readonly classRead: ClassRead | undefined;
  /** Whether the rider chose it here. */
  readonly classChosen: boolean;
  /** Neither chosen nor plainly told. */
  readonly classGuessed: boolean;
  readonly sale: SaleRead | undefined;
  /** Parts that the text names, and those that the rider says it carries. */
  readonly named: readonly NamedPart<Part>[];
  readonly carries: readonly string[];
  /** The model in the list that it is one of. */
  readonly standsOn: string | undefined;
  readonly lines: readonly PasteLine[];
  readonly passedOver: readonly (PassedOver & { readonly as: FigureProposal | undefined })[];
  readonly settle: (change: Settled) => void;
}

export interface PasteModel {
  readonly text: string;
  readonly setText: (text: string) => void;
  readonly read: TextRead;
  /** The text has changed, and what is found in it is not known yet. */
  readonly reading: boolean;
  readonly sheets: readonly PasteSheet[];
  readonly correct: (id: string, correction: Correction) => void;
  /** Not ticked, for only its unit names it, but hardly anything else. */
  readonly onlyOnes: readonly PasteLine[];
  /** Takes what was passed over, as one more line. */
  readonly takeOver: (sheet: string, proposal: FigureProposal) => void;
  readonly origin: Origin;
  readonly setOrigin: (origin: Origin) => void;
  readonly note: string;
  readonly setNote: (note: string) => void;
  readonly takes: number;
  readonly take: () => boolean;
}

const idOf = (p: Proposal): string => `${p.key}-${p.from}-${p.to}`;
const NOT_SOLD: SaleRead = { odometer: undefined, hours: undefined, said: [] };

const FIRST_WORDS = 'Seat height 860 mm, and 17 litres in it.';

export function usePaste(donor: Donor | undefined, model: DonorsModel, shared: string): PasteModel {
  const store = useDossierStore();
  const [text, setText] = useState(shared.slice(0, SPEC_TEXT_LIMIT));
  const [chosenOrigin, setOrigin] = useState<Origin>();
  const [note, setNote] = useState('');
  const [settled, setSettled] = useState<Readonly<Record<string, Settled>>>({});
  const [more, setMore] = useState<Readonly<Record<string, readonly FigureProposal[]>>>({});
  const [corrections, setCorrections] = useState<ReadonlyMap<string, Correction>>(new Map());
  const later = useDeferredValue(text);
  const home = useDossierState((s) => s.dossier.briefs[BRIEF_KEY]?.money.currency);
  const read = useMemo(() => readText(later, { home }), [later, home]);
  useEffect(() => {
    // The first text takes the longest: words and weights are made ready before anything is pasted.
    const soon = setTimeout(() => readText(FIRST_WORDS), 200);
    return () => clearTimeout(soon);
  }, []);
  const origin = chosenOrigin ?? read.toldBy;
  const dossier = useDossierState((s) => s.dossier);
  const parts = useMemo(() => Object.values(partsOf(dossier)), [dossier]);
  const donors = useMemo(() => Object.values(model.own), [model.own]);

  const lineOf = (found: Proposal): PasteLine => {
    const correction = corrections.get(idOf(found)) ?? {};
    const proposal: Proposal =
      found.kind === 'fact'
        ? found
        : {
            ...found,
            ...(correction.key ? { key: correction.key } : {}),
            ...(correction.unit ? { unit: correction.unit } : {}),
            ...(correction.basis ? { basis: correction.basis } : {}),
          };
    const fault =
      proposal.kind === 'figure'
        ? findReadingFault(proposal.key, { ...proposal, origin, note })
        : undefined;
    return {
      id: idOf(found),
      proposal,
      on: (correction.on ?? found.ticked) && !fault,
      fault: fault && readingFaultWords(fault),
    };
  };
  const sheetOf = (m: MachineRead, index: number): PasteSheet => {
    const id = String(index);
    const own = settled[id] ?? {};
    const added = more[id] ?? [];
    const names = { maker: own.maker ?? m.maker, model: own.model ?? m.model };
    const forSale = own.forSale ?? m.sale !== undefined;
    const sale = !donor && forSale ? (m.sale ?? NOT_SOLD) : undefined;
    const base = sale && modelLike(donors, names);
    return {
      id,
      on: own.on ?? (donor ? index === 0 : true),
      ...names,
      year: m.year,
      donorClass: own.donorClass ?? m.donorClass?.donorClass ?? 'dual-sport-single',
      classRead: m.donorClass,
      classChosen: own.donorClass !== undefined,
      classGuessed: own.donorClass === undefined && isClassGuessed(m.donorClass),
      sale,
      named: sale
        ? namedParts(later.slice(m.from, m.to), parts, (from, to) =>
            m.proposals.some((p) => p.from < m.from + to && p.to > m.from + from),
          )
        : [],
      carries: own.carries ?? [],
      standsOn: base && fullName(base),
      lines: [...m.proposals, ...added].map(lineOf),
      passedOver: m.passedOver.filter((p) => !added.some((a) => a.from === p.from)),
      settle: (change) => setSettled((now) => ({ ...now, [id]: { ...now[id], ...change } })),
    };
  };
  const sheets = read.machines
    .map(sheetOf)
    .filter((s) => s.lines.length > 0 || s.passedOver.length > 0);
  const entered = sheets.filter((s) => s.on);
  const takenOf = (s: PasteSheet) => s.lines.filter((l) => l.on).map((l) => l.proposal);
  const taken = entered.flatMap(takenOf);
  const onlyOnes = entered.flatMap((s) =>
    s.lines.filter(
      ({ id, on, fault, proposal }) =>
        !on &&
        !fault &&
        proposal.kind === 'figure' &&
        proposal.onlyOne &&
        corrections.get(id)?.on === undefined,
    ),
  );
  const source = { origin, note };

  const take = (): boolean => {
    if (taken.length === 0) return false;
    const undo = { word: 'Undo', run: () => void store.undo() };
    const own = donor && model.own[donor.id];
    if (own) {
      store.execute({
        label: { code: 'paste-readings', facts: { name: fullName(donor), count: taken.length } },
        changes: readingChanges(own, taken, source),
      });
      notify({
        text: `${taken.length} ${taken.length === 1 ? 'reading' : 'readings'} entered for ${fullName(donor)}.`,
        tone: 'plain',
        act: undo,
      });
      return true;
    }
    const made = entered
      .map((s) => ({ sheet: s, taken: takenOf(s) }))
      .filter((s) => s.taken.length > 0)
      .map(({ sheet, taken: proposals }) =>
        madeDonor({ ...sheet, taken: proposals }, source, donors),
      );
    model.putAll(made, 'paste-donor');
    const [first] = made;
    notify({
      text:
        made.length === 1 && first
          ? `${donorName(entered[0] ?? first)} is added with ${taken.length} readings.`
          : `${made.length} donors are added with ${taken.length} readings.`,
      tone: 'plain',
      act: undo,
    });
    return true;
  };

  return {
    onlyOnes,
    text,
    setText,
    read,
    reading: later !== text,
    sheets,
    origin,
    setOrigin,
    note,
    setNote,
    take,
    takes: taken.length,
    correct: (id, correction) =>
      setCorrections((now) => new Map(now).set(id, { ...now.get(id), ...correction })),
    takeOver: (sheet, proposal) => {
      setMore((now) => ({ ...now, [sheet]: [...(now[sheet] ?? []), proposal] }));
      setCorrections((now) => new Map(now).set(idOf(proposal), { on: true }));
    },
  };
}
