export { briefSchema, newBrief } from './brief-record';
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
export {
  BRIEF_KEY,
  EMPTY_DOSSIER,
  isEmptyDossier,
  RECORD_SCHEMAS,
  TABLES,
  type Dossier,
  type TableName,
} from './dossier';
export { partSchema } from './part-record';
export type { Sheet } from './sheet-record';
export {
  OUTCOMES,
  OWN_MONEY,
  REASONS_LIMIT,
  verdictSchema,
  type Outcome,
  type VerdictRecord,
} from './verdict-record';
export { visitSchema, type Tick, type Visit } from './visit-record';
export { DEFAULT_PREFERENCES, preferencesSchema, type Preferences } from './preferences';
