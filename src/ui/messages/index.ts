export { cautionWords } from './cautions';
export { commandWords } from './commands';
export { amountFaultWords, buildFaultWords, fileFaultWords, limitWords, readingFaultWords, sharesFaultWords, storageFaultWords } from './faults';
export { fieldPlaces, formatBase, formatNumber, formatQuoted, formatWithUnit, trimmed, unitSign, type Reader, type ShownDimension } from './format';
export { mustWords, VERDICT_SIGNS } from './verdict-words';
export {
  AFFECTED_WORDS, BASIS_WORDS, CLASS_WORDS, FIGURE_WORDS, GROUND_WORDS, LICENCE_WORDS, METRIC_WORDS, MUST_SHORT, MUST_WORDS, nameWords, ORIGIN_WORDS, PART_KIND_WORDS,
  SKILL_WORDS, STANCE_WORDS, UNIT_SYSTEM_WORDS,
} from './words';
