import type { FigureKey } from '../../readings';

export const FRONT_KEY = /Front|forkRate/;
/** The other end of a figure that has two. */

export const OTHER_END: Partial<Record<FigureKey, FigureKey>> = {
  travelFront: 'travelRear',
  travelRear: 'travelFront',
  wheelFront: 'wheelRear',
  wheelRear: 'wheelFront',
  pressureFront: 'pressureRear',
  pressureRear: 'pressureFront',
  sprocketFront: 'sprocketRear',
  axleLimitFront: 'axleLimitRear',
  forkRate: 'shockRate',
};
