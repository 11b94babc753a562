'use client';
import { useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import { spendLimit, worthwhile, type BuildCurve } from '@/core/build';
import { planSetting, type Standing } from '../queries';
import { BRIEF_KEY } from '../records';
import { useDossierState } from '../react';
import { today } from './today';
import { planRoom, type CurvesState } from './plan-room';

let legalOnlyWish = false;

export interface CurvesModel {
  readonly state: CurvesState;
  /** What is worth its money, of each candidate in the order of the plates. */
  readonly curves: readonly BuildCurve[];
  readonly spend: number;
  readonly legalOnly: boolean;
  readonly setLegalOnly: (only: boolean) => void;
  readonly again: () => void;
  readonly stop: () => void;
}


/** Plans for the whole shortlist, begun when a screen asks and kept while nothing they hang on changes. */
export function useCurves(standing: Standing): CurvesModel {
  const dossier = useDossierState((s) => s.dossier);
  const [legalOnly, setLegal] = useState(legalOnlyWish);
  const state = useSyncExternalStore(planRoom.subscribe, planRoom.get, planRoom.none);
  const { brief, candidates } = standing;
  const spend = Math.max(0, spendLimit({ brief }));
  const wishes = JSON.stringify(candidates.map((c) => { const build = dossier.builds[c.candidate.id]; return [c.candidate.id, build?.pinned, build?.banned]; }));
  const start = (again: boolean) =>
    planRoom.start([dossier.briefs[BRIEF_KEY], standing.purpose, dossier.parts, dossier.donors, wishes, legalOnly], () => candidates.map((c) => ({ id: c.candidate.id, setting: planSetting(dossier, standing, c, { legalOnly, today: today() }) })), spend, again);
  useEffect(() => start(false));
  const curves = useMemo(() => candidates.map(({ candidate: { id } }): BuildCurve => {
    const best = state.best.get(id);
    return { id, corners: worthwhile([...(state.corners.get(id) ?? []), ...(best?.kind === 'build' ? [best.build] : [])]) };
  }), [candidates, state.corners, state.best]);
  return {
    state, curves, spend, legalOnly,
    setLegalOnly(only) {
      legalOnlyWish = only;
      setLegal(only);
    },
    again: () => start(true),
    stop: planRoom.stop,
  };
}
