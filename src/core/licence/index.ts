export { licenceCheck, type LicenceResult, type LicenceRule } from './licence-check';
export { A2_BASE_POWER_RATIO, LICENCE_LIMITS } from './licence-limits';
