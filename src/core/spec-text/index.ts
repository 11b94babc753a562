export {
  isGrave,
  type Doubt,
  type FactProposal,
  type FigureProposal,
  type PassedOver,
  type Proposal,
} from './proposal';
export { type MachineRead, type SaleRead } from './read-machine';
export { readSpecText, readText, SPEC_TEXT_LIMIT, type TextRead } from './read-text';
export { isClassGuessed, type ClassRead } from './text/machine-class';
export { isAtAPrice, readFactValue } from './facts';
export { headingUnit, readHeader, type HeaderMeaning } from './read-header';
export { namedParts, type NamedPart } from './text/named-parts';
export { spelt } from './vocabulary/letters';
