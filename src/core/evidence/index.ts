export {
  evidenceOf,
  NO_EVIDENCE,
  seenId,
  seenTogether,
  sitOf,
  withTrials,
  type Evidence,
  type Sit,
} from './evidence';
export {
  TICKS,
  TRIAL_KINDS,
  type Observed,
  type Tick,
  type Trial,
  type TrialConditions,
  type TrialKind,
} from './trial';
