'use client';
import { useRouter, useSearchParams } from 'next/navigation';
import { useMemo, useState } from 'react';
import { gapClosers, type Rung, type Standing, type StandingCandidate } from '@/store/queries';
import { useDossierState, usePreferences, useStanding } from '@/store/react';
import type { Reader } from '@/ui/messages';

export interface MachineModel {
  readonly standing: Standing;
  readonly entry: StandingCandidate;
  readonly view: 'stock' | 'built';
  readonly setView: (view: 'stock' | 'built') => void;
  readonly reader: Reader;
  readonly select: (candidateId: string) => void;
  readonly rungs: readonly Rung[];
}

/** One candidate under its load. */
export function useMachine(): MachineModel | undefined {
  const standing = useStanding();
  const dossier = useDossierState((s) => s.dossier);
  const [{ units }] = usePreferences();
  const router = useRouter();
  const id = useSearchParams().get('candidate');
  const [view, setView] = useState<'stock' | 'built'>('stock');
  const entry =
    standing?.candidates.find((c) => c.candidate.id === id) ??
    standing?.candidates.find((c) => c.candidate.id === standing.stockRanking[0]?.id);
  const rungs = useMemo(
    () => (standing && entry ? gapClosers(dossier, standing, entry, view) : []),
    [standing, entry, view, dossier],
  );
  if (!standing || !entry) return undefined;
  return {
    standing,
    entry,
    view,
    setView,
    rungs,
    reader: { units, currency: standing.brief.money.currency },
    select: (candidateId) =>
      router.replace(`/weigh-up/machine?candidate=${encodeURIComponent(candidateId)}`, {
        scroll: false,
      }),
  };
}
