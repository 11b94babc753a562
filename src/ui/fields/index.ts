export { Choice } from './Choice';
export { FieldRow } from './FieldRow';
export { FieldColumns, FoldAll, FoldedPanel } from './FoldedPanel';
export { Panel } from './Panel';
export { PressRow } from './PressRow';
export { RangeInput } from './RangeInput';
export { useTerm } from './use-term';
export { UnitInput } from './UnitInput';
export { FileInput } from './FileInput';
