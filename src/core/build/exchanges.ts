import { assessedBuild, partsOf, type PlannedBuild } from './assessed-build';
import { nearbyChoices } from './nearby-choices';
import { fullPoints, PAPERS, planModelOf, type PlanSetting } from './plan-model-of';

/** Whether a build is to be had and worth more than another; one that goes over the money only where that does as well. */
export const isBetter = (build: PlannedBuild, than: PlannedBuild): boolean =>
  build.failed.length === 0 &&
  build.points > than.points + GAIN &&
  (!build.overMoney || than.overMoney === true);

/** Rounds of exchanges about the best build. */
const EXCHANGES = 12;
/** An exchange has to gain so many points. */
export const GAIN = 0.005;
/** Exchanges that the sum finds most promising and that are assessed in full, a round. */
const LOOKED_AT = 80;

/** A build bettered by exchanges until none of those tried gains anything in the full assessment. */
export function exchanged(
  setting: PlanSetting,
  from: PlannedBuild,
  spend: number | undefined,
): PlannedBuild {
  let best = from;
  for (let round = 0; round < EXCHANGES; round += 1) {
    const better = oneExchange(setting, best, spend);
    if (!better) break;
    best = better;
  }
  return best;
}

function oneExchange(
  setting: PlanSetting,
  best: PlannedBuild,
  spend: number | undefined,
): PlannedBuild | undefined {
  const { model } = planModelOf(setting, partsOf(setting, best.partIds));
  const nearby = nearbyChoices(model, best.partIds, spend, PAPERS, LOOKED_AT);
  const promising = nearby
    .map((ids) => ({ ids, points: fullPoints(setting, partsOf(setting, ids)) }))
    .filter(({ points }) => points > best.points + GAIN)
    .toSorted((a, b) => b.points - a.points);
  for (const { ids, points } of promising) {
    const build = assessedBuild(setting, ids, points);
    const affordable = spend === undefined || build.cost <= spend + 1e-6;
    if (affordable && isBetter(build, best)) return build;
  }
  return undefined;
}
