'use client';
import { useDeferredValue, useMemo } from 'react';
import { nearestTurnings } from '@/core/doubt';
import { shortName } from '@/core/donor';
import {
  candidateSheet,
  type SheetSources,
  type Standing,
  type StandingCandidate,
} from '@/store/queries';
import type { Dossier, Sheet } from '@/store/records';
import { useDossierState } from '@/store/react';
import { plannedCurves, today, useDoubt, type DoubtViewModel } from '@/store/running';
import { cautionWords, mustWords, turningWords, type Reader } from '@/ui/messages';

/** Sentences of what would turn it that a sheet keeps. */
const TURNS_KEPT = 5;

export interface SheetMaking {
  readonly doubt: DoubtViewModel;
  /** Makes the sheet of this moment; the curve as far as it is planned. */
  readonly make: (rivalId: string | undefined) => Sheet;
}

/** What a sheet of one candidate is made from: its doubt is drawn while this is in use. */
export function useSheetMaking(
  standing: Standing,
  entry: StandingCandidate,
  view: 'stock' | 'built',
  reader: Reader,
): SheetMaking {
  const dossier = useDossierState((s) => s.dossier);
  const doubt = useDoubt(standing, { view, weights: 'order', leader: entry.candidate.id });
  return {
    doubt,
    make: (rivalId) => sheetOf(dossier, standing, entry, view, doubt, reader, rivalId),
  };
}

function sheetOf(
  dossier: Dossier,
  standing: Standing,
  entry: StandingCandidate,
  view: 'stock' | 'built',
  { result, order, turnings }: Pick<DoubtViewModel, 'result' | 'order' | 'turnings'>,
  reader: Reader,
  rivalId: string | undefined,
): Sheet {
  const name = (id: string) => {
    const found = standing.candidates.find((c) => c.candidate.id === id);
    return found ? shortName(found.donor) : id;
  };
  const rival = rivalId ?? order.find((id) => id !== entry.candidate.id);
  const turns = [
    ...new Set(
      nearestTurnings(turnings).map((t) => turningWords(t, entry.candidate.id, name, reader)),
    ),
  ].slice(0, TURNS_KEPT);
  const sources: SheetSources = {
    on: today(),
    cautionWords: (c) => cautionWords(c, reader),
    mustWords: (m) => mustWords(m, reader),
    curve: plannedCurves(standing.candidates.map((c) => c.candidate.id)),
    ...(result ? { doubt: { result, rivalId: rival, turns } } : {}),
  };
  return candidateSheet(dossier, standing, entry, view, sources);
}

/** The sheet of today, made anew as its sources change. `grown` counts what the planner has found, so that the curve on it grows. */
export function useSheet(
  standing: Standing,
  entry: StandingCandidate,
  view: 'stock' | 'built',
  reader: Reader,
  grown: unknown,
): { readonly sheet: Sheet; readonly doubt: DoubtViewModel } {
  const dossier = useDossierState((s) => s.dossier);
  const doubt = useDoubt(standing, { view, weights: 'order', leader: entry.candidate.id });
  const { result, order, turnings } = doubt;
  const { units, currency } = reader;
  const late = useDeferredValue(
    useMemo(
      () => ({
        dossier,
        standing,
        entry,
        view,
        doubt: { result, order, turnings },
        reader: { units, currency },
        grown,
      }),
      [dossier, standing, entry, view, result, order, turnings, units, currency, grown],
    ),
  );
  const sheet = useMemo(
    () =>
      sheetOf(
        late.dossier,
        late.standing,
        late.entry,
        late.view,
        late.doubt,
        late.reader,
        undefined,
      ),
    [late],
  );
  return { sheet, doubt };
}
