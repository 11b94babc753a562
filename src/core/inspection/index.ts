export {
  INSPECTION_KEYS,
  INSPECTION_POINTS,
  PAPER_POINTS,
  type InspectionPoint,
  type PaperPoint,
} from './inspection-points';
export { SELLER_ANSWER_MOST, SELLER_QUESTIONS, type SellerQuestion } from './seller-questions';
