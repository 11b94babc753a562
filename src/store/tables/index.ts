export { calendarText, shoppingList } from './shopping-list';
export { csvText, downloadFile, xlsxBlob } from './write-tables';
export { parseCsv, TABLE_SIZE_LIMIT, type TableFault } from './parse-csv';
export { rememberedColumns, rememberColumns } from './remembered-columns';
