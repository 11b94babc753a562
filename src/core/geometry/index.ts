export {
  FRONT_SECTION,
  offsetOf,
  rakeAfter,
  STAND_LEAN,
  standShortening,
  trailAfter,
  trailOf,
  type EndDrops,
} from './steering';
