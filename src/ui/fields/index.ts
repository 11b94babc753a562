export { Choice } from './Choice';
export { FieldRow } from './FieldRow';
export { Panel } from './Panel';
export { PressRow } from './PressRow';
export { RangeInput } from './RangeInput';
export { UnitInput } from './UnitInput';
export { FileInput } from './FileInput';
