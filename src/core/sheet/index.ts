export {
  ESSENTIAL_KEYS,
  SHEET_GROUP_KEYS,
  SHEET_GROUPS,
  SHEET_KEYS,
  type SheetGroupKey,
  type SheetKey,
} from './sheet-groups';
