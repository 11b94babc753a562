import loadHighs from 'highs';
import { assess } from '@/core/assessment';
import {
  spendLimit,
  type PlannedBuild,
  bestBuild,
  worthwhile,
  recommended,
  buildCurve,
  ceilingOf,
} from '@/core/build';
import { type Standing, type StandingCandidate, partsOf, planSetting } from '@/store/queries';
import type { Dossier } from '@/store/records';

/** How often the ceiling over a best build is looked for: here is more time than on a screen. */
const LOOKS = 24;
/** For each candidate the best build for the money, the cheapest that is as good to ride, and the curve; each assessed in full. */
export async function planReport(dossier: Dossier, result: Standing) {
  const highs = await loadHighs();
  const spend = spendLimit(result);
  const buildReport = (entry: StandingCandidate, build: PlannedBuild) => {
    const parts = partsOf(dossier);
    const fitted = build.partIds.flatMap((id) => parts[id] ?? []);
    return {
      parts: build.partIds,
      cost: build.cost,
      points: build.points,
      pointsBySum: build.planned,
      refused: build.failed,
      musts: assess({ ...entry.bare, parts: fitted }).musts.map(({ key, verdict, chance }) => ({
        key,
        verdict,
        chance: chance ?? null,
      })),
    };
  };
  return {
    spend,
    candidates: result.candidates.map((entry) => {
      const setting = planSetting(dossier, result, entry, { legalOnly: false, today: today() });
      const best = bestBuild(highs, setting, spend);
      if (best.kind !== 'build') return { candidate: entry.candidate.id, ...best };
      const corners = worthwhile([
        best.build,
        recommended(best),
        ...buildCurve(highs, setting, spend),
      ]);
      return {
        candidate: entry.candidate.id,
        kind: best.kind,
        best: buildReport(entry, best.build),
        enough: buildReport(entry, recommended(best)),
        atMost: Math.min(
          best.atMost ?? Number.POSITIVE_INFINITY,
          ceilingOf(highs, setting, best.build, spend, LOOKS).points,
        ),
        /** Parts that bring what the machine may have already: points counted, and on average. */
        untold: best.untold ?? [],
        leftOut: best.leftOut,
        curve: corners.map(({ cost, points, partIds }) => ({ cost, points, parts: partIds })),
      };
    }),
  };
}

export const today = (): string => new Date().toISOString().slice(0, 10);
