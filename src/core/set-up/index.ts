export {
  ADJUSTERS,
  CHANGE_VERDICTS,
  SAG_LENGTHS,
  SAG_SCHOOLS,
  SAG_TOOLS,
  SETUP_ENDS,
  SETUP_LIMITS,
  SETUP_LOADS,
  type Adjuster,
  type ChangeVerdict,
  type EndSetup,
  type SagLength,
  type SagReadings,
  type SagSchool,
  type SagTool,
  type SetUp,
  type SetupEnd,
  type SetupLoad,
  type TriedChange,
} from './set-up';
export { LENGTH_SD, measuredSag, type MeasuredSag, type Sag, type SagFault } from './measured-sag';
export {
  normalBelow,
  SAG_TARGETS,
  springAdvice,
  type SpringAdvice,
  type SpringChances,
  type SpringFor,
  type SagWindow,
  type SpringOf,
} from './spring-advice';
export {
  heldReading,
  METER_RATE,
  SILENT_S,
  simulatedMeter,
  type MeterSample,
  type MeterTruth,
} from './meter';
export { gaugeThere, pressureFloor, PRESSURE_FLOORS, type PressureMove } from './pressure';
export { SYMPTOMS, TRY_FIRST, type Symptom, type SymptomStep } from './symptoms';
export {
  attitudeChange,
  forkDrop,
  steeringNow,
  type AttitudeChange,
  type SteeringNow,
} from './attitude';
