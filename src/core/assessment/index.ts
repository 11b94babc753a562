export { assess, mustsOf, reckon, type Assessment, type Reckoning } from './assess';
export type { Stance } from './stance-of';
export { caseOf, NOTHING_ABOARD, type Aboard, type BareCase, type Case } from './case';
export { behind } from './load-facts';
export { lightOf, type Light } from './light';
export { axleLoads, carriedOnEnds, luggagePlaces, PLACES } from './axles';
export {
  BASE_METRIC_KEYS,
  LOAD_METRIC_KEYS,
  METRIC_DEFINITIONS,
  METRIC_KEYS,
  metricDefinition,
  type BaseMetricKey,
  type LoadMetricKey,
  type MetricDefinition,
  type MetricKey,
} from './metric-keys';
export {
  type FactsOf,
  type Formula,
  type Metric,
  type ReasonWeight,
  type Working,
} from './formula';
export { claimInFuel, type FuelClaim } from './claim-in-fuel';
export {
  loosestGround,
  powerShare,
  wattsLeft,
  type LoadMetrics,
  type Metrics,
  type SuspensionMetric,
  luggageNeeded,
  COMFORT_REASONS,
  OWNERSHIP_KEYS,
  revsNeed,
} from './metrics';
export { keepingLast, type Once } from './once';
export { settledBy } from './settles';
export type { WorkingInput } from './working-inputs';
export { meanSpeed } from './mean-speed';
export {
  dragAreaOf,
  drivetrain,
  DRIVELINE_EFFICIENCY,
  engineCurve,
  isTypicalPull,
  propulsionOf,
  windClass,
} from './propulsion';
export { gearing } from './gearing-of';
export type { Found } from './found';
export {
  allHold,
  judge,
  METRIC_OF_MUST,
  mustNeed,
  surenessOf,
  USUAL_SURENESS,
  saidMust,
  verdictOf,
  type MustResult,
  type MustVerdict,
  type SaidMust,
} from './musts';
export { sheetFigures } from './sheet-figures';
export { stoppingOf, type Lifting, type Stop, type Stopping } from './stopping';
