export { BRIEF_KEY, briefSchema } from './brief-record';
export { newBrief } from './new-brief';
export {
  buildSchema,
  candidateSchema,
  freePlate,
  NOTE_KINDS,
  PLATE_COUNT,
  type Build,
  type Candidate,
  type CandidateNotes,
  type NoteKind,
} from './candidate-record';
export { donorSchema, newDonor } from './donor-record';
export type { Gearing } from './gearing-record';
export {
  EMPTY_DOSSIER,
  isEmptyDossier,
  RECORDS,
  TABLES,
  type Dossier,
  type TableName,
} from './registry';
export type { Along, RecordType, Reference, Registry } from './record-type';
export { isId } from './id';
export { TRIAL_LIMITS } from './trial-record';
export { partSchema } from './part-record';
export { SHEET_VERSION, type Sheet } from './sheet-record';
export {
  OUTCOMES,
  OWN_MONEY,
  REASONS_LIMIT,
  verdictSchema,
  type Outcome,
  type VerdictRecord,
} from './verdict-record';
export { CATALOGUE_KEY, newCatalogueUse } from './catalogue-record';
export { DEFAULT_PREFERENCES, preferencesSchema, type Preferences } from './preferences';
export { doorFault, shipsGood, type RecordFault, type ShapeIssue } from './check-record';
export { readRows, type SetAside, type StoredRow } from './read-rows';
export { removal } from './removal';
export { allFaultsAmong, type AmongFault } from './references';
