import { reckon } from '../assessment';
import type { FactKey } from '../facts';
import { meanOf, type Known } from '../numeric';
import type { Part } from '../part';
import { fitScore, wantCurves, wantWeights } from '../preference';
import { lookFirst } from '../suitability';
import { partsOf, type PlannedBuild } from './assessed-build';
import type { PlanSetting } from './plan-model-of';

/** What a part adds to a build where nobody has told whether the machine has what it brings, points of 100. */
export interface UntoldWorth {
  readonly partId: string;
  /** Facts that it brings and nobody has told. */
  readonly facts: readonly FactKey[];
  /** Points beside the rest of the build as they are counted: the machine has the least that one may have. */
  readonly counted: number;
  /** Mean of the same over the table of draws: the machine has it as often as its class has. */
  readonly mean: number;
}

/** What a machine with parts is worth, points of 100, with the rows of the table of draws. */
function totalOf(setting: PlanSetting, parts: readonly Part[]): Known {
  const { brief } = setting;
  return fitScore(reckon({ ...setting, parts }).metrics, wantCurves(brief), wantWeights(brief))
    .total;
}

/** Mean points of a build over the table of draws: what nobody has told is there as often as the class has it. */
export const meanPoints = (setting: PlanSetting, partIds: readonly string[]): number =>
  meanOf(totalOf(setting, partsOf(setting, partIds)));

/** What parts of a build are worth that bring what the machine may have already (see {@link lookFirst}): counted, and on average. */
function within(setting: PlanSetting, { partIds }: PlannedBuild): readonly UntoldWorth[] {
  const parts = partsOf(setting, partIds);
  const doubtful = lookFirst(parts, setting.donor);
  if (doubtful.length === 0) return [];
  const all = totalOf(setting, parts);
  return doubtful.map(({ part, facts }) => {
    const without = totalOf(
      setting,
      parts.filter((p) => p.id !== part.id),
    );
    return {
      partId: part.id,
      facts,
      counted: all.mid - without.mid,
      mean: meanOf(all) - meanOf(without),
    };
  });
}

/** The same for the parts of several builds, each beside the first build that has it. */
export function untoldWorths(
  setting: PlanSetting,
  ...builds: readonly (PlannedBuild | undefined)[]
): readonly UntoldWorth[] {
  const found = new Map<string, UntoldWorth>();
  for (const build of builds)
    for (const worth of build ? within(setting, build) : [])
      if (!found.has(worth.partId)) found.set(worth.partId, worth);
  return [...found.values()];
}
