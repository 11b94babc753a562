export {
  areEitherOr,
  faultsOfAdding,
  faultsOfRemoving,
  findBuildFaults,
  type BuildFault,
  type Choosable,
} from './build-rules';
export { GRAIN, planCurve, smallestClash, type Corner } from './plan-curve';
export {
  planOf,
  shrink,
  type Plan,
  type PlanGate,
  type PlanItem,
  type PlanLeg,
  type PlanModel,
  type PlanWant,
} from './plan-model';
export { planProgram, TIE_POINTS, type PlanProgram, type PlanQuestion } from './plan-program';
export { findRuleFaults, type RuleFault } from './rule-faults';
export { solveByTrying, solvePlan, type PlanAnswer, type ProgramSolver } from './solve-plan';
export { SPENDING_WANT, whatItTakes, type WhatItTakes } from './what-it-takes';
