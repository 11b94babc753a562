export { Choice } from './Choice';
export { FieldRow } from './FieldRow';
export { Panel } from './Panel';
export { RangeInput } from './RangeInput';
export { UnitInput } from './UnitInput';
