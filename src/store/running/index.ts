export { today } from './today';
export { useCurves, type CurvesModel } from './use-curves';
export { DRAWING, useDoubt, type DoubtViewModel } from './use-doubt';
