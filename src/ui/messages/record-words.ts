import type { TableName } from '@/store/records';

interface RecordWords {
  /** All of them, as a heading. */
  readonly all: string;
  /** One of them, within a sentence. */
  readonly one: string;
}

/** What a rider calls each kind of record. */
export const RECORD_WORDS: Readonly<Record<TableName, RecordWords>> = {
  briefs: { all: 'The brief', one: 'brief' },
  donors: { all: 'Donors', one: 'donor' },
  parts: { all: 'Parts', one: 'part' },
  candidates: { all: 'Shortlist', one: 'place on the shortlist' },
  builds: { all: 'Builds', one: 'build' },
  verdicts: { all: 'Verdicts', one: 'verdict' },
  trials: { all: 'Trials', one: 'trial' },
  setups: { all: 'Set-up sheets', one: 'set-up sheet' },
  gearings: { all: 'Gearing', one: 'gearing of a candidate' },
  catalogues: { all: 'Shipped parts', one: 'catalogue' },
};

/** One record of a table; the table's own name where nobody has a word for it. */
export const oneRecord = (table: string): string =>
  (RECORD_WORDS as Readonly<Record<string, RecordWords | undefined>>)[table]?.one ?? table;
export const allRecords = (table: string): string =>
  (RECORD_WORDS as Readonly<Record<string, RecordWords | undefined>>)[table]?.all ?? table;
