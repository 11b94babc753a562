export {
  INSPECTION_KEYS,
  INSPECTION_POINTS,
  PAPER_POINTS,
  type InspectionPoint,
  type PaperPoint,
} from './inspection-points';
