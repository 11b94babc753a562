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
export { sprocketChange, type SprocketChange } from './sprocket-change';
export { sprocketOptions, type ChainFigures, type SprocketOption } from './sprocket-options';
