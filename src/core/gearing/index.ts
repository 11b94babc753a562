export { CHAIN_PITCH_MM, centreDistance, chainLinks } from './chain';
export {
  crawlSpeed,
  finalRatio,
  gearGaps,
  ROLLING_SHARE,
  rollingCircumference,
  rpmAt,
  speedPerThousand,
  totalRatio,
  type Drivetrain,
} from './drivetrain';
export {
  chainFor,
  METERS,
  pairFor,
  shiftsUp,
  sprocketPair,
  sprocketPairs,
  USUAL_WISHES,
  watchedGear,
  WISH_LIMITS,
  type ChainChange,
  type GearWishes,
  type Meter,
  type PairAnswer,
  type PairSetting,
  type ShiftUp,
  type SprocketPair,
  type Teeth,
  type WatchedGear,
} from './pairs';
export { sprocketChange, type SprocketChange } from './sprocket-change';
export { sprocketOptions, type ChainFigures, type SprocketOption } from './sprocket-options';
