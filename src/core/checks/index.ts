export type { Check, CheckCode } from './check';
export { MOST_TRAVEL } from './class-travel';
export { findChecks, isPriceNew, type CheckSetting } from './find-checks';
