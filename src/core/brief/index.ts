export {
  GROUNDS,
  LICENCES,
  MAX_PURPOSES,
  MUST_KEYS,
  PURPOSE_TRIP_KEYS,
  SCHOOLS,
  SEAT_WIDTHS,
  SKILLS,
  STANCE_BANDS,
  type OwnNeeds,
  type Brief,
  type BriefOrigin,
  type BriefOrigins,
  type ClassPrice,
  type ClassPrices,
  type ExchangeRate,
  type Ground,
  type GroundShares,
  type Licence,
  type Money,
  type MustKey,
  type Musts,
  type Purpose,
  type PurposeTripKey,
  type Rider,
  type SchoolKey,
  type Schools,
  type Season,
  type SeatWidth,
  type Skill,
  type StanceBand,
  type Swings,
  type Trip,
} from './brief';
export {
  BRIEF_FIGURES,
  BRIEF_LIMITS,
  briefLimit,
  PURPOSE_NAME_LIMITS,
  RATE_LIMITS,
  type BriefFigure,
  type BriefLimit,
} from './brief-limits';
export { assumedOrigins, briefFigure, briefOrigin, isUntouched } from './origins';
export { briefForPurpose, WHOLE } from './purpose';
export { rebalanceShares, type Rebalanced, type SharesFault } from './rebalance-shares';
export { spendable } from './spendable';
export { askedOf } from './ground-asks';
