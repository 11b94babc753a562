'use client';
import { useEffect, useEffectEvent, useMemo, useState, useSyncExternalStore } from 'react';
import {
  isFinal,
  recommended,
  spendLimit,
  worthwhile,
  type BuildCurve,
  type PlannedBuild,
} from '@/core/build';
import type { PlanDepth } from '@/workers/plan';
import { planSetting, type Standing } from '../queries';
import { useDossierState } from '../react';
import { today } from './today';
import { planRoom, type CurvesState } from './plan-room';

let legalOnly = false;
/** Whether the rider wants nothing that may end road approval, in every plan. */
export const legalOnlyWish = (): boolean => legalOnly;

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

/** Starts planning for the whole shortlist unless the same is planned already; gives the way to start it over. */
function usePlanning(
  standing: Standing | undefined,
  legal: boolean,
  wanted = true,
  depth: PlanDepth = 'whole',
): (again: boolean) => void {
  const dossier = useDossierState((s) => s.dossier);
  const settings = useMemo(
    () =>
      wanted && standing
        ? standing.candidates.map((c) => ({
            id: c.candidate.id,
            setting: planSetting(dossier, standing, c, { legalOnly: legal, today: today() }),
          }))
        : [],
    [dossier, standing, legal, wanted],
  );
  const start = (again: boolean) =>
    standing && planRoom.start(settings, Math.max(0, spendLimit(standing)), again, depth);
  const begin = useEffectEvent(() => start(false));
  useEffect(() => {
    if (wanted) begin();
  }, [settings, wanted]);
  return start;
}

/** Keeps the planner at work, once it is wanted, without drawing what it finds. */
export const useKeptPlanning = (
  standing: Standing | undefined,
  wanted: boolean,
  depth: PlanDepth = 'whole',
): void => void usePlanning(standing, legalOnly, wanted, depth);

const curveOf = (state: CurvesState, id: string): BuildCurve => {
  const best = state.best.get(id);
  return {
    id,
    corners: worthwhile([
      ...(state.corners.get(id) ?? []),
      ...(best?.kind === 'build' ? [best.build, recommended(best)] : []),
    ]),
  };
};

type Planned = Pick<PlannedBuild, 'cost' | 'points' | 'partIds'>;
const asPlanned = ({ cost, points, partIds }: Planned): Planned => ({ cost, points, partIds });

/** The curves of these candidates as far as they are planned at this moment; those with nothing planned are left out. */
export const plannedCurves = (
  ids: readonly string[],
): readonly {
  readonly candidateId: string;
  readonly whole: boolean;
  readonly corners: readonly Planned[];
  readonly best?: Planned;
  readonly enough?: Planned;
}[] => {
  const state = planRoom.get();
  return ids.flatMap((candidateId) => {
    const { corners } = curveOf(state, candidateId);
    const found = state.best.get(candidateId);
    const best = found?.kind === 'build' && isFinal(found) ? found : undefined;
    return corners.length === 0 && !best
      ? []
      : [
          {
            candidateId,
            whole: state.whole.has(candidateId),
            corners: corners.map(asPlanned),
            ...(best ? { best: asPlanned(best.build) } : {}),
            ...(best?.enough ? { enough: asPlanned(best.enough) } : {}),
          },
        ];
  });
};

/** Plans for the whole shortlist, begun when a screen asks and kept while nothing they hang on changes. */
export function useCurves(standing: Standing): CurvesModel {
  const [legal, setLegal] = useState(legalOnly);
  const state = useSyncExternalStore(planRoom.subscribe, planRoom.get, planRoom.none);
  const start = usePlanning(standing, legal);
  const { brief, candidates } = standing;
  const curves = useMemo(
    () => candidates.map(({ candidate: { id } }) => curveOf(state, id)),
    [candidates, state],
  );
  return {
    state,
    curves,
    spend: Math.max(0, spendLimit({ brief })),
    legalOnly: legal,
    setLegalOnly(only) {
      legalOnly = only;
      setLegal(only);
    },
    again: () => start(true),
    stop: planRoom.stop,
  };
}
