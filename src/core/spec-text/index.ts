export {
  isGrave,
  type Doubt,
  type FactProposal,
  type FigureProposal,
  type Proposal,
} from './proposal';
export { readSpecText, SPEC_TEXT_LIMIT } from './read-spec-text';
export { readFactValue } from './read-facts';
export { readHeader, type HeaderMeaning } from './read-header';
