export { isSameTarget, TEXT_COLUMNS, type ColumnTarget, type TextColumn } from './column-target';
export { donorTable, type Table, type TableSetting } from './donor-table';
export { upright } from './upright';
export { guessColumns, headingsKey, type Gallon } from './guess-columns';
export {
  readDonorRow,
  type CellFault,
  type RowFault,
  type RowResult,
  type RowSetting,
} from './read-donor-row';
export { PART_HEADINGS, partTable } from './part-table';
export {
  partColumns,
  readPartRow,
  type PartCellFault,
  type PartRowResult,
} from './read-part-row';
export { setupTable } from './setup-table';
export { trialTable } from './trial-table';
