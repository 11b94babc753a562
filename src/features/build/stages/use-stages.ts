'use client';
import { useCallback, useDeferredValue, useMemo } from 'react';
import {
  removals,
  stagedTooSoon,
  stagePlan,
  USUAL_STAGE,
  type BuildStage,
  type Removal,
  type StageStep,
} from '@/core/build';
import { buildTotal } from '@/core/money';
import { faultsOfRemoving } from '@/core/planning';
import { nextBest, partsOf, type NextBest } from '@/store/queries';
import { BRIEF_KEY } from '@/store/records';
import { useDossierState, useDossierStore } from '@/store/react';
import type { BuildModel } from '../use-build';

/** What one more step of spending is looked at. */
export const NEXT_MONEY = 300;

export interface StagesModel {
  readonly steps: readonly StageStep[];
  /** Parts that stand before something they need. */
  readonly tooSoon: ReadonlyMap<string, readonly string[]>;
  readonly removals: readonly Removal[];
  readonly next: NextBest | undefined;
  /** Parts with all that comes with them ÷ price of the machine; `undefined` where one is not known. */
  readonly overrun: number | undefined;
  readonly setDay: (stage: 'first' | 'season' | 'trip', day: string) => void;
}

/** The chosen build by stages, and what each part is worth in it. */
export function useStages(model: BuildModel): StagesModel {
  const store = useDossierStore();
  const dossier = useDossierState((s) => s.dossier);
  const { standing, entry } = model;
  const stages = dossier.builds[entry.candidate.id]?.stages;
  const stageOf = useCallback((id: string): BuildStage => stages?.[id] ?? USUAL_STAGE, [stages]);
  const setting = entry.bare;
  const steps = useMemo(
    () => stagePlan(setting, entry.parts, stageOf),
    [setting, entry.parts, stageOf],
  );
  const parts = partsOf(dossier);
  const later = useDeferredValue(setting);
  const laterParts = useDeferredValue(entry.parts);
  const catalogue = useMemo(() => new Map(Object.entries(parts)), [parts]);
  const list = useMemo(() => {
    const ids = [...later.aboard.parts, ...laterParts].map((p) => p.id);
    const dependents = (id: string): readonly string[] => {
      const gone = new Set([id]);
      for (let more = [id]; more.length > 0; ) {
        const faults = faultsOfRemoving(
          more[0] ?? id,
          ids.filter((i) => i === more[0] || !gone.has(i)),
          catalogue,
        );
        more = [...more.slice(1), ...faults.map((f) => f.id).filter((f) => !gone.has(f))];
        more.forEach((m) => gone.add(m));
      }
      gone.delete(id);
      return [...gone];
    };
    return removals(later, laterParts, dependents);
  }, [later, laterParts, catalogue]);
  const lateDossier = useDeferredValue(dossier);
  const next = useMemo(
    () => nextBest(lateDossier, standing, entry, NEXT_MONEY),
    [lateDossier, standing, entry],
  );
  const price = entry.stock.metrics.outlay.estimate;
  return {
    steps,
    removals: list,
    next,
    tooSoon: new Map(stagedTooSoon(entry.parts, stageOf).map((t) => [t.id, t.needs])),
    overrun:
      price.kind === 'known' && price.interval.mid > 0 && entry.built.cost.noRate.length === 0
        ? buildTotal(entry.built.cost) / price.interval.mid
        : undefined,
    setDay(stage, day) {
      const whole = dossier.briefs[BRIEF_KEY];
      if (!whole) return;
      const { [stage]: _old, ...others } = whole.trip.days ?? {};
      const days = /^\d{4}-\d{2}-\d{2}$/.test(day) ? { ...others, [stage]: day } : others;
      store.execute({
        label: { code: 'edit-brief', facts: { field: 'trip.days' } },
        coalesce: `days/${stage}`,
        changes: [
          {
            table: 'briefs',
            key: BRIEF_KEY,
            path: ['trip', 'days'],
            before: whole.trip.days,
            after: Object.keys(days).length > 0 ? days : undefined,
          },
        ],
      });
    },
  };
}
