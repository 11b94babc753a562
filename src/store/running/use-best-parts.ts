import equal from 'fast-deep-equal';
import { useMemo, useSyncExternalStore } from 'react';
import { isFinal, planSubject, type BestBuild } from '@/core/build';
import type { Part } from '@/core/part';
import { partsOf, planSetting, withBuilds, type Standing } from '../queries';
import type { Dossier } from '../records';
import { useDossierState } from '../react';
import { planRoom, type CurvesState } from './plan-room';
import { today } from './today';
import { legalOnlyWish, useKeptPlanning } from './use-curves';

/** The third state of the shortlist: each machine with the best parts for the money. */
export interface BestParts {
  /** What the parts are on each machine; one that is not planned yet, or that no build helps, stands as it is. */
  readonly standing: Standing;
  /** The planner's answers, by candidate. */
  readonly found: ReadonlyMap<string, BestBuild>;
  /** The catalogue that was planned from. */
  readonly parts: Readonly<Record<string, Part>>;
  readonly planned: number;
  /** All that could be planned for: the rest has a figure missing or limits that clash. */
  readonly of: number;
  readonly running: boolean;
}

/** The best builds that still belong to what is asked today. */
function bestNow(
  dossier: Dossier,
  standing: Standing,
  { best, subjects }: CurvesState,
): ReadonlyMap<string, BestBuild> {
  const found = new Map<string, BestBuild>();
  for (const entry of standing.candidates) {
    const { id } = entry.candidate;
    const build = best.get(id);
    if (!build) continue;
    const asked = planSetting(dossier, standing, entry, {
      legalOnly: legalOnlyWish(),
      today: today(),
    });
    if (equal(subjects.get(id), planSubject(asked))) found.set(id, build);
  }
  return found;
}

/** The shortlist with the best parts as far as they are planned; plans as long as it is wanted. */
export function useBestParts(
  standing: Standing | undefined,
  wanted: boolean,
): BestParts | undefined {
  const dossier = useDossierState((s) => s.dossier);
  const state = useSyncExternalStore(planRoom.subscribe, planRoom.get, planRoom.none);
  useKeptPlanning(standing, wanted, 'best');
  return useMemo(() => {
    if (!standing || (!wanted && state.best.size === 0)) return undefined;
    const best = bestNow(dossier, standing, state);
    const catalogue = partsOf(dossier);
    return {
      standing: withBuilds(standing, ({ candidate: { id } }) => {
        const answer = best.get(id);
        return answer?.kind === 'build'
          ? answer.build.partIds.flatMap((partId) => catalogue[partId] ?? [])
          : [];
      }),
      found: best,
      parts: catalogue,
      planned: [...best.values()].filter(isFinal).length,
      of: standing.candidates.length,
      running: state.running,
    };
  }, [dossier, standing, state, wanted]);
}

/** The same for a screen that only says the answer: it plans until every machine has its best parts, and leaves the curves alone. */
export function useBestAnswer(standing: Standing | undefined): BestParts | undefined {
  const kept = useBestParts(standing, false);
  const open = kept === undefined || kept.planned < kept.of;
  return useBestParts(standing, open);
}
