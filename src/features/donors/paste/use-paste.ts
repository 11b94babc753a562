'use client';
import { useDeferredValue, useMemo, useState } from 'react';
import { fullName, donorName, type Donor } from '@/core/donor';
import type { Fact } from '@/core/facts';
import {
  findReadingFault,
  type Basis,
  type Figure,
  type FigureKey,
  type Origin,
  type Reading,
} from '@/core/readings';
import { isGrave, readSpecText, type Proposal } from '@/core/spec-text';
import type { UnitId } from '@/core/units';
import type { Change } from '@/store/history';
import { newDonor } from '@/store/records';
import { useDossierStore } from '@/store/react';
import { readingFaultWords } from '@/ui/messages';
import { notify } from '@/ui/notice';
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

export interface PasteModel {
  readonly text: string;
  readonly setText: (text: string) => void;
  readonly lines: readonly PasteLine[];
  readonly correct: (id: string, correction: Correction) => void;
  readonly origin: Origin;
  readonly setOrigin: (origin: Origin) => void;
  readonly note: string;
  readonly setNote: (note: string) => void;
  /** Name of the new donor; absent when the text goes to one that is there. */
  readonly names:
    | {
        readonly maker: string;
        readonly model: string;
        readonly set: (names: { maker?: string; model?: string }) => void;
      }
    | undefined;
  readonly takes: number;
  readonly take: () => boolean;
}

const idOf = (p: Proposal): string => `${p.key}-${p.from}-${p.to}`;

/** The first line of a sheet is often its name. */
function nameIn(text: string, proposals: readonly Proposal[]): string {
  const first = text.trim().split('\n')[0]?.trim() ?? '';
  const start = text.indexOf(first);
  return first.length > 0 &&
    first.length <= 60 &&
    !/[:;.]$/.test(first) &&
    !proposals.some((p) => p.from >= start && p.from < start + first.length)
    ? (first.split(/\s+[-–—|]\s+|,\s/)[0] ?? '')
    : '';
}

export function usePaste(donor: Donor | undefined, model: DonorsModel): PasteModel {
  const store = useDossierStore();
  const [text, setText] = useState('');
  const [origin, setOrigin] = useState<Origin>('claimed');
  const [note, setNote] = useState('');
  const [names, setNames] = useState<{ maker?: string; model?: string }>({});
  const [corrections, setCorrections] = useState<ReadonlyMap<string, Correction>>(new Map());
  const read = useDeferredValue(text);
  const proposals = useMemo(() => readSpecText(read), [read]);
  const lines = proposals.map((found): PasteLine => {
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
      on: (correction.on ?? !found.doubts.some((d) => isGrave(d, found.key))) && !fault,
      fault: fault && readingFaultWords(fault),
    };
  });
  const suggested = nameIn(read, proposals);
  const taken = lines.filter((l) => l.on).map((l) => l.proposal);

  const take = (): boolean => {
    if (taken.length === 0) return false;
    const own = donor && model.own[donor.id];
    if (own) {
      const { figures, facts } = withProposals(own, taken, origin, note);
      const changes: readonly Change[] = [
        ...figureChanges(own, figures),
        ...(Object.keys(facts).length > 0
          ? [
              {
                table: 'donors',
                key: own.id,
                path: ['facts'],
                before: own.facts,
                after: facts,
              } as const,
            ]
          : []),
      ];
      store.execute({
        label: { code: 'paste-readings', facts: { name: fullName(donor), count: taken.length } },
        changes,
      });
      notify({
        text: `${taken.length} ${taken.length === 1 ? 'reading' : 'readings'} entered for ${fullName(donor)}.`,
        tone: 'plain',
        act: { word: 'Undo', run: () => void store.undo() },
      });
      return true;
    }
    const blank: Donor = {
      ...newDonor(crypto.randomUUID()),
      maker: names.maker?.trim() ?? '',
      model: (names.model ?? suggested).trim(),
    };
    const { figures, facts } = withProposals(blank, taken, origin, note);
    const made: Donor = { ...blank, figures, ...(Object.keys(facts).length > 0 ? { facts } : {}) };
    model.put(made, 'paste-donor');
    notify({
      text: `${donorName(made)} is added with ${taken.length} readings. Set its class.`,
      tone: 'plain',
      act: { word: 'Undo', run: () => void store.undo() },
    });
    return true;
  };

  return {
    text,
    setText,
    lines,
    origin,
    setOrigin,
    note,
    setNote,
    take,
    takes: taken.length,
    correct: (id, correction) =>
      setCorrections((now) => new Map(now).set(id, { ...now.get(id), ...correction })),
    names: donor
      ? undefined
      : {
          maker: names.maker ?? '',
          model: names.model ?? suggested,
          set: (change) => setNames((now) => ({ ...now, ...change })),
        },
  };
}

function withProposals(
  donor: Donor,
  proposals: readonly Proposal[],
  origin: Origin,
  note: string,
): { readonly figures: Record<string, Figure>; readonly facts: Record<string, Fact> } {
  const figures: Record<string, Figure> = { ...donor.figures } as Record<string, Figure>;
  const facts: Record<string, Fact> = { ...donor.facts } as Record<string, Fact>;
  for (const p of proposals) {
    const rest = { id: crypto.randomUUID(), origin, note: note || `“${p.words.slice(0, 120)}”` };
    if (p.kind === 'fact')
      facts[p.key] = {
        ...facts[p.key],
        readings: [...(facts[p.key]?.readings ?? []), { ...rest, value: p.value }],
      };
    else {
      const reading: Reading = {
        ...rest,
        amount: p.amount,
        unit: p.unit,
        basis: p.basis,
        ...(p.spread === undefined ? {} : { spread: p.spread }),
      };
      figures[p.key] = {
        ...figures[p.key],
        readings: [...(figures[p.key]?.readings ?? []), reading],
      };
    }
  }
  return { figures, facts };
}

const figureChanges = (
  donor: Donor,
  after: Readonly<Record<string, Figure>>,
): readonly Change[] => {
  const before = donor.figures as Readonly<Record<string, Figure | undefined>>;
  return Object.keys(after)
    .filter((key) => after[key] !== before[key])
    .map((key) => ({
      table: 'donors',
      key: donor.id,
      path: ['figures', key],
      before: before[key],
      after: after[key],
    }));
};
