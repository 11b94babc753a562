export { historyBroughtUp } from './history';
export type { RawTables } from './step';
export { broughtUp, FORMAT_VERSION, STEPS } from './steps';
