import { findBuildFaults, solvePlan, type ProgramSolver } from '../planning';
import { assessedBuild, partsOf, type PlannedBuild } from './assessed-build';
import { lookFirst } from '../suitability';
import { fullPoints, PAPERS, planModelOf, type PlanSetting } from './plan-model-of';
import { meanPoints } from './untold-worth';

/** Plans that the full assessment refuses or finds worth too little are cut off, at most so many. */
const MOST_CUTS = 25;

/** What a rider would feel, points of 100. Own assumption. */
export const FELT = 1;

/**
 * The cheapest build found that is worth less than a point under the best, in the full assessment: the cheapest plan of the sum about
 * the best, what the full assessment refuses or finds worth too little cut off; then whatever part may go as well is taken off. Of
 * parts that bring what the machine may have already (see {@link lookFirst}) those go, too, without which it stays within a point of
 * the best on average over what its class has: counted as if the machine had the least they may be worth more, but nobody buys them unlooked.
 *
 * @returns `undefined` where nothing cheaper is as good
 */
export function enoughFor(
  solver: ProgramSolver,
  setting: PlanSetting,
  best: PlannedBuild,
): PlannedBuild | undefined {
  const least = best.points - FELT;
  const isSound = (b: PlannedBuild) =>
    b.failed.length === 0 && !b.overMoney && b.cost < best.cost - 1;
  const isEnough = (b: PlannedBuild) => isSound(b) && b.points > least;
  const { model } = planModelOf(setting, partsOf(setting, best.partIds));
  const cuts: (readonly string[])[] = [];
  let found: PlannedBuild | undefined;
  while (!found && cuts.length <= MOST_CUTS) {
    const answer = solvePlan(
      solver,
      { ...model, cuts },
      { aim: 'cost', worth: least, spend: best.cost - 1 },
    );
    if (answer.kind !== 'plan') break;
    const build = assessedBuild(setting, answer.plan.ids, answer.plan.value);
    if (isEnough(build)) found = build;
    else cuts.push(answer.plan.ids);
  }
  const catalogue = new Map(
    model.items.map((i) => [i.id, { ...i, needs: i.needs.filter((g) => !g.includes(PAPERS)) }]),
  );
  /** A build with one part fewer, for each that may go. */
  const fewer = ({ partIds }: PlannedBuild, mayGo: (id: string) => boolean) =>
    partIds
      .filter((id) => !setting.pinned.has(id) && mayGo(id))
      .map((id) => partIds.filter((other) => other !== id))
      .filter((ids) => findBuildFaults(ids, catalogue).length === 0)
      .map((ids) => assessedBuild(setting, ids, fullPoints(setting, partsOf(setting, ids))));
  for (let from: PlannedBuild | undefined = found ?? best; from; ) {
    from = cheapestOf(fewer(from, () => true).filter(isEnough));
    if (from && from.cost < (found?.cost ?? Number.POSITIVE_INFINITY)) found = from;
  }
  const maybeThere = new Set(
    lookFirst(partsOf(setting, (found ?? best).partIds), setting.donor).map(({ part }) => part.id),
  );
  if (maybeThere.size === 0) return found;
  const leastMean = meanPoints(setting, best.partIds) - FELT;
  for (let from: PlannedBuild | undefined = found ?? best; from; ) {
    from = cheapestOf(
      fewer(from, (id) => maybeThere.has(id)).filter(
        (b) => isSound(b) && meanPoints(setting, b.partIds) > leastMean,
      ),
    );
    if (from) found = from;
  }
  return found;
}

const cheapestOf = (builds: readonly PlannedBuild[]): PlannedBuild | undefined =>
  builds.reduce<PlannedBuild | undefined>((a, b) => (a && a.cost <= b.cost ? a : b), undefined);

/** What is recommended of an answer: the cheapest that is as good to ride. */
export const recommended = ({
  build,
  enough,
}: {
  readonly build: PlannedBuild;
  readonly enough?: PlannedBuild | undefined;
}): PlannedBuild => enough ?? build;
