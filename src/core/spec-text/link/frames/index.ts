import type { Form } from '../form';
import { END_FRAMES } from './end-frames';
import { MASS_FRAMES } from './mass-frames';
import { RANGE_FRAMES } from './range-frames';
import { SUM_FRAMES } from './sum-frames';
import { USE_FRAMES } from './use-frames';
import { WORK_FRAMES } from './work-frames';

/** Figures that a verb tells. */
export const FRAMES: readonly Form[] = [
  ...USE_FRAMES,
  ...SUM_FRAMES,
  ...WORK_FRAMES,
  ...RANGE_FRAMES,
  ...END_FRAMES,
  ...MASS_FRAMES,
];
