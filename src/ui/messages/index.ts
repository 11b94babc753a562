export { farRateWords, ownSumsWords, rateText, withoutRateWords } from './currency-words';
export { inSentence } from './in-sentence';
export {
  answerWords,
  untoldWords,
  planningWords,
  atMostWords,
  enoughWords,
  lookFirstWords,
  lookForWords,
  partsCounted,
  openWords,
  placeWords,
  shortMusts,
} from './answer-words';
export { bestAnswer, soFar, type BestAnswer } from './best-answer-words';
export {
  closerWords,
  listWords,
  mustSignWords,
  chanceWords,
  mustWords,
  VERDICT_SIGNS,
  type MustShown,
} from './verdict-words';
export { pointWords } from './point-words';
export { reachWords, type HeelGap } from './reach-words';
export { askWords, settleWords, worthKnowingWords, type AskWords } from './ask';
export {
  briefLine,
  brokenWords,
  firmnessWords,
  OUTCOME_WORDS,
  OWN_MONEY_WORDS,
  verdictLine,
} from './decisions';
export { cautionWords } from './cautions';
export { photoFaultWords, photosFileWords } from './photo-words';
export { monthSpan, MONTH_WORDS, seasonWords } from './season-words';
export { SELLER_WORDS } from './seller-words';
export { checkWords } from './checks';
export { commandWords } from './commands';
export {
  amountFaultWords,
  buildFaultWords,
  fileFaultWords,
  limitWords,
  sharesFaultWords,
  storageFaultWords,
} from './faults';
export { differenceName, sideWords } from './differences';
export { RECORD_WORDS } from './record-words';
export { doubtWords, passedOverWords } from './doubts';
export {
  bodyWords,
  estimateText,
  fieldPlaces,
  figureSpan,
  formatBase,
  formatFigure,
  formatHeight,
  formatNumber,
  formatQuoted,
  formatTemperature,
  formatTo,
  formatWithUnit,
  trimmed,
  unitSign,
  type Reader,
  lowerFirst,
} from './format';
export { formulaWords } from './formulas';
export { fitsWords, FLAG_WORDS, partCellFaultWords, partFacts } from './parts';
export { gapWords } from './gaps';
export { knownBy } from './known-by';
export { guessedClassWords, ofClass, typicalClassWords, typicalWords } from './typical-words';
export {
  leadWords,
  leftOutWords,
  nominalWords,
  unpricedWords,
  leftOpenWords,
  limitNames,
  ruleFaultWords,
  STAGE_SCHOOL_WORDS,
  STAGE_WORDS,
  WAY_NONE_WORDS,
  WAY_WORDS,
  whatItTakesWords,
} from './plans';
export { briefTurningWords, turningWords } from './turnings';
export { sheetText } from './sheet-text';
export { cellFaultWords, tableFaultWords } from './tables';
export { FACT_WORDS, OPTION_WORDS, optionWords } from './fact-words';
export { GROUP_ADDS, GROUP_WORDS, METRIC_WORDS } from './metric-words';
export { AFFECTED_WORDS, CLASS_SHORT, CLASS_WORDS, PART_KIND_WORDS } from './machine-words';
export { BASIS_WORDS, FIGURE_WORDS, ORIGIN_WORDS } from './figure-words';
export {
  GROUND_WORDS,
  LICENCE_WORDS,
  MUST_SHORT,
  MUST_WORDS,
  SCHOOL_WORDS,
  SEAT_WIDTH_WORDS,
  SKILL_WORDS,
  STANCE_WORDS,
  UNIT_SYSTEM_WORDS,
  WANT_GROUP_WORDS,
} from './brief-words';
export { nameWords } from './name-words';
export { asideWords, recordFaultWords } from './record-faults';
export { readingFaultWords } from './reading-faults';
export {
  liftWords,
  mustLimitWords,
  insteadWords,
  meetsWords,
  shelfRows,
  shelfWords,
  type ShelfRow,
  usualWords,
  wantedWords,
} from './outlook-words';
export { glossary, termOf } from './glossary';
export { movesWords } from './moves';
export {
  ADJUSTER_WORDS,
  CHANGE_VERDICT_WORDS,
  END_WORDS,
  forkWords,
  LENGTH_WORDS,
  LOAD_WORDS,
  preloadWords,
  SAG_SCHOOL_WORDS,
  sagFaultWords,
  springWords,
  SYMPTOM_WORDS,
  symptomStepWords,
} from './setup-words';
export {
  FELT_LOOK,
  FELT_PART_WORDS,
  FELT_WORDS,
  likeWords,
  markWords,
  TRIAL_KIND_WORDS,
  TRIAL_TIME_WORDS,
} from './trial-words';
export { drawnWords, type NotKnown } from './drawn-words';
export { stoppingWords } from './stopping-words';
