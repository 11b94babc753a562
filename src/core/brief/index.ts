export {
  GROUNDS, LICENCES, MUST_KEYS, SKILLS, STANCE_BANDS,
  type Brief, type ExchangeRate, type Ground, type GroundShares, type Licence, type Money, type MustKey, type Musts, type Rider, type Skill, type StanceBand, type Trip,
} from './brief';
export { BRIEF_LIMITS, type BriefFigure, type BriefLimit } from './brief-limits';
export { rebalanceShares, type Rebalanced, type SharesFault } from './rebalance-shares';
export { spendable } from './spendable';
