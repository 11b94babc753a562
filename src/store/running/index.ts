export { today } from './today';
export { plannedCurves, useCurves, useKeptPlanning, type CurvesModel } from './use-curves';
export { useDoubt, type DoubtViewModel } from './use-doubt';
