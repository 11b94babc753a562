export { madeWorse } from './made-worse';
export { assessedBuild, type PlannedBuild } from './assessed-build';
export { FELT, recommended } from './enough';
export { bestBuild, buildCurve, isFinal, worthwhile, type BestBuild } from './plan-candidate';
export { atSpending, leads, passedOver, type BuildCurve, type Lead } from './leaders';
export {
  fullPoints,
  PAPERS,
  planModelOf,
  spendLimit,
  type LeftOut,
  type PlanBasis,
  type PlanSetting,
} from './plan-model-of';
export { ceilingOf, flattering, TOGETHER, type Ceiling } from './ceiling';
export { planSubject } from './plan-subject';
export {
  BUILD_STAGES,
  orderBy,
  stageIndex,
  STAGE_SCHOOLS,
  stagedTooSoon,
  stagesBySchool,
  USUAL_STAGE,
  type BuildStage,
  type StageSchool,
} from './stages';
export { removals, stagePlan, type Removal, type StageStep } from './stage-plan';
export { untoldWorths, type UntoldWorth } from './untold-worth';
