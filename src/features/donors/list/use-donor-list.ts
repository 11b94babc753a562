'use client';
import { useCallback, useMemo, useState } from 'react';
import { assessmentOf, figureOf, moneyOf } from '@/store/queries';
import { useDossierState } from '@/store/react';
import { listDonors, PLAIN_LIST, type ListLine, type ListSetting } from './donor-list';
import type { DonorsModel } from '../use-donors';

export interface DonorListModel {
  readonly setting: ListSetting;
  readonly change: (change: Partial<ListSetting>) => void;
  readonly lines: readonly ListLine[];
  readonly total: number;
  readonly tags: readonly string[];
  readonly putAway: number;
  /** Ids ticked for an act on several at once; `undefined` while that is not asked for. */
  readonly ticked: ReadonlySet<string> | undefined;
  readonly startTicking: () => void;
  readonly stopTicking: () => void;
  readonly tick: (id: string) => void;
  readonly tickAll: () => void;
}

export function useDonorList({ resolved, candidateOf }: DonorsModel): DonorListModel {
  const dossier = useDossierState((s) => s.dossier);
  const [setting, setSetting] = useState(PLAIN_LIST);
  const [ticked, setTicked] = useState<ReadonlySet<string>>();
  const donors = useMemo(() => [...resolved.values()], [resolved]);
  const lines = useMemo(() => {
    const money = moneyOf(dossier);
    const plates = new Map(Object.values(dossier.candidates).map((c) => [c.donorId, c.plate]));
    return listDonors(
      {
        donors,
        plateOf: (id) => plates.get(id),
        figure: (donor, key) => figureOf(donor, key, money),
        assessment: (donor) => assessmentOf(donor, dossier),
      },
      setting,
    );
  }, [donors, dossier, setting]);
  const change = useCallback(
    (part: Partial<ListSetting>) => setSetting((s) => ({ ...s, ...part })),
    [],
  );
  const tags = useMemo(() => [...new Set(donors.flatMap((d) => d.tags ?? []))].sort(), [donors]);
  return {
    setting,
    lines,
    tags,
    ticked,
    total: donors.length,
    putAway: donors.filter((d) => d.archived && !candidateOf.has(d.id)).length,
    change,
    startTicking: () => setTicked(new Set()),
    stopTicking: () => setTicked(undefined),
    tick: (id) =>
      setTicked((now) => {
        const next = new Set(now);
        if (!next.delete(id)) next.add(id);
        return next;
      }),
    tickAll: () => setTicked(new Set(lines.map((l) => l.donor.id))),
  };
}
