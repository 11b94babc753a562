export { csvText, downloadFile, xlsxBlob } from './write-tables';
export { parseCsv, TABLE_ROW_LIMIT, TABLE_SIZE_LIMIT, type ParsedTable, type TableFault } from './parse-csv';
export { rememberedColumns, rememberColumns } from './remembered-columns';
