export { Choice } from './Choice';
export { FieldRow } from './FieldRow';
export { Panel } from './Panel';
export { UnitInput } from './UnitInput';
