export { today } from './today';
export { plannedCurves, useCurves, useKeptPlanning, type CurvesModel } from './use-curves';
export { useBestAnswer, useBestParts, type BestParts } from './use-best-parts';
export { useDoubt, type DoubtViewModel } from './use-doubt';
export { useInPieces } from './use-in-pieces';
export { useClassShelf } from './use-class-shelf';
