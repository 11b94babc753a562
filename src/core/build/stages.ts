import type { Part, PartKind } from '../part';

export const BUILD_STAGES = ['first', 'season', 'trip', 'someday'] as const;
/** Before the first ride · in the first season · before the trip · someday. */
export type BuildStage = (typeof BUILD_STAGES)[number];

/** Stage of a part that nobody has placed. */
export const USUAL_STAGE: BuildStage = 'trip';

export const STAGE_SCHOOLS = ['suspension-first', 'protect-first', 'ride-first'] as const;
/** What practitioners do first: make it fit and sprung; make it survive; ride it and see. */
export type StageSchool = (typeof STAGE_SCHOOLS)[number];

type Order = Readonly<Record<PartKind, BuildStage>>;

/** Common practice of three schools, no source; brakes and what a lowering asks for are never left until later. */
const ORDERS: Readonly<Record<StageSchool, Order>> = {
  'suspension-first': {
    suspension: 'first',
    seat: 'first',
    controls: 'first',
    brakes: 'first',
    stand: 'first',
    protection: 'season',
    wheels: 'season',
    gearing: 'season',
    engine: 'season',
    tyres: 'trip',
    luggage: 'trip',
    range: 'trip',
    wind: 'trip',
    electrics: 'trip',
  },
  'protect-first': {
    protection: 'first',
    brakes: 'first',
    stand: 'first',
    controls: 'first',
    seat: 'season',
    suspension: 'season',
    wheels: 'season',
    gearing: 'season',
    engine: 'someday',
    tyres: 'trip',
    luggage: 'trip',
    range: 'trip',
    wind: 'trip',
    electrics: 'trip',
  },
  'ride-first': {
    brakes: 'first',
    stand: 'first',
    seat: 'season',
    controls: 'season',
    suspension: 'season',
    protection: 'season',
    tyres: 'trip',
    luggage: 'trip',
    range: 'trip',
    wind: 'trip',
    electrics: 'trip',
    wheels: 'someday',
    gearing: 'someday',
    engine: 'someday',
  },
};

export const stageIndex = (stage: BuildStage): number => BUILD_STAGES.indexOf(stage);

/** Stages of a build by a school. What another part needs is never fitted after it. */
export function stagesBySchool(
  parts: readonly Part[],
  school: StageSchool,
): Readonly<Record<string, BuildStage>> {
  const stages = new Map(parts.map((p) => [p.id, ORDERS[school][p.kind]]));
  // Needs may hang on needs: as many rounds as there are parts settle every chain.
  for (let round = 0; round < parts.length; round += 1) {
    for (const part of parts) {
      const at = stages.get(part.id) ?? USUAL_STAGE;
      for (const group of part.needs) {
        const chosen = group.filter((id) => stages.has(id));
        const soonest = chosen.toSorted(
          (a, b) =>
            stageIndex(stages.get(a) ?? USUAL_STAGE) - stageIndex(stages.get(b) ?? USUAL_STAGE),
        )[0];
        if (
          soonest !== undefined &&
          stageIndex(stages.get(soonest) ?? USUAL_STAGE) > stageIndex(at)
        )
          stages.set(soonest, at);
      }
    }
  }
  return Object.fromEntries(stages);
}

/** Parts of a build that stand in a stage before something they need. */
export function stagedTooSoon(
  parts: readonly Part[],
  stageOf: (id: string) => BuildStage,
): readonly { readonly id: string; readonly needs: readonly string[] }[] {
  const there = new Set(parts.map((p) => p.id));
  return parts.flatMap((part) =>
    part.needs.flatMap((group) => {
      const chosen = group.filter((id) => there.has(id));
      return chosen.length > 0 &&
        chosen.every((id) => stageIndex(stageOf(id)) > stageIndex(stageOf(part.id)))
        ? [{ id: part.id, needs: chosen }]
        : [];
    }),
  );
}

const DAY_MS = 86_400_000;

/** Last day to order something that must be there on an ISO day, by its lead time and a week's grace; ISO. */
export function orderBy(day: string, leadTime_days: number): string {
  const GRACE_DAYS = 7;
  return new Date(Date.parse(`${day}T00:00:00Z`) - (leadTime_days + GRACE_DAYS) * DAY_MS)
    .toISOString()
    .slice(0, 10);
}
