export { today } from './today';
export { plannedCurves, useCurves, useKeptPlanning, type CurvesModel } from './use-curves';
export { DRAWING, useDoubt, type DoubtViewModel } from './use-doubt';
