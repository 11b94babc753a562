export { calendarText, shoppingList } from './shopping-list';
export { downloadFile } from './download';
export { csvText, xlsxBlob } from './write-tables';
export { parseCsv, parseCsvFile, TABLE_SIZE_LIMIT, type TableFault } from './parse-csv';
export { rememberedColumns, rememberColumns } from './remembered-columns';
