export { applyParts, effectEstimate } from './apply-parts';
export { effectLimits, effectSpreadLimits } from './effect-limits';
export { applySets } from './apply-sets';
export { isLoose, LOOSE_LIMIT_L, looseFuel, madeFor } from './made-for';
export { fitsDonor, hasWords } from './fits-donor';
export {
  AFFECTED_FIGURES,
  EFFECT_CHANGES,
  PART_FLAGS,
  PART_LIMITS,
  PART_KINDS,
  type AffectedFigure,
  type EffectChange,
  type Part,
  type PartEffect,
  type PartFits,
  type PartFlag,
  type PartKind,
} from './part';
export { SPROCKET_SLOTS, sprocketParts } from './sprocket-parts';
