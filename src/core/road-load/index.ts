export {
  gripLimit,
  launch,
  rollOn,
  ROTATING_MASS,
  timeBetween,
  wheelieLimit,
  type LaunchSetting,
  type Stance,
} from './accelerate';
export { DRAG_AREA, dragArea, LUGGAGE_DRAG, type WindClass } from './drag-area';
export {
  powerToHold,
  resistance,
  ROLLING_COEFFICIENT,
  type RoadLoad,
} from './resistance';
export { bestGear, steepestGrade, thrust, thrustIn, type Propulsion } from './thrust';
export { topSpeed, type TopSpeed } from './top-speed';
export { GRIP, GRIP_SPREAD, gripGrade, tippingGrade } from './steepest';
export { REACTION_S, stoppieLimit, stoppingDistance } from './stopping';
