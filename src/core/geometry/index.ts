export {
  offsetOf,
  rakeAfter,
  STAND_LEAN,
  standShortening,
  trailAfter,
  trailOf,
  type EndDrops,
} from './steering';
