export {
  factInUse,
  isFactValue,
  rivalFacts,
  type DonorFacts,
  type Fact,
  type FactReading,
} from './fact';
export {
  FACT_DEFINITIONS,
  FACT_KEYS,
  factDefinition,
  isFactKey,
  type FactDefinition,
  type FactKey,
} from './fact-definitions';
