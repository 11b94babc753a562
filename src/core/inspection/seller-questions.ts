/** What a seller is asked, in the order of a talk beside the machine. Common practice, no source. */
export const SELLER_QUESTIONS = [
  'why-sold',
  'how-long',
  'how-ridden',
  'fallen',
  'last-service',
  'replaced',
  'faults',
  'stock-parts',
  'keys',
  'owed',
  'lowest',
] as const;
export type SellerQuestion = (typeof SELLER_QUESTIONS)[number];

/** Letters in an answer. */
export const SELLER_ANSWER_MOST = 300;
