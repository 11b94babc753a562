import type * as z from 'zod/mini';

/** A mention of another record. */
export interface Reference {
  readonly table: string;
  readonly key: string;
  /** What becomes of the record that mentions when the other one is gone: it goes as well, or only the mention does. */
  readonly gone: 'goes-too' | 'lets-go';
}

/** Records of one table, read only. */
export type Rows = Readonly<Record<string, unknown>>;

/**
 * All that the store knows of one kind of record. Database, files, removal, references, sharing, taking over and differences follow
 * from it, so a new kind is one module like this and one row of words.
 */
export interface RecordType<T = unknown> {
  readonly schema: z.ZodMiniType<T>;
  /** Version of the database in which the table came. */
  readonly since: number;
  /** Most of them in one dossier. */
  readonly most: number;
  /** There is at most one: its key, and the name under which it stands in a file by itself instead of in a list. */
  readonly single?: { readonly key: string; readonly fileKey: string };
  /** What a rider would call it; empty where it has no name of its own. Takes whatever is stored, damaged or not. */
  name(record: unknown, tables: Readonly<Record<string, Rows>>): string;
  /** The records it mentions. */
  references?(record: T): readonly Reference[];
  /** The record without its mention of another; `undefined` where it cannot stand without it. */
  lettingGo?(record: T, of: Reference): T | undefined;
  /** Something that only one record of the table may have, such as a plate. */
  unique?(record: T): string;
  /** The record with another such thing, given those that are taken; `undefined` where there is none left. */
  madeUnique?(record: T, taken: ReadonlySet<string>): T | undefined;
  /** True when what it stands on cannot carry it, such as a variant of a machine for sale. */
  misplaced?(record: T, rows: Rows): boolean;
  /** Values that may stand in for fields that cannot be read. Absent: nothing may, the record is kept aside whole. */
  usual?(key: string): T;
  /** Records that are there without being stored, such as shipped parts. */
  isThereUnstored?(tables: Readonly<Record<string, Rows>>, key: string): boolean;
  /** It decides which records of another table are there unstored: an edit of it is checked against all that mention them. */
  readonly decidesUnstored?: true;
  /** In a file for somebody else: always there, there when a record that goes along mentions it, there when all that it mentions goes along, or never. */
  readonly shared: 'always' | 'when-mentioned' | 'with-what-it-mentions' | 'never';
  /** What somebody else gets to see of it. */
  forOthers?(record: T): T;
  readonly compared: {
    /** Parts of the record that are compared field by field; everything else is compared whole. */
    readonly inside?: readonly string[];
    /** Set by each dossier for itself and never taken over. */
    readonly ownAffair?: readonly string[];
    /** What comes along with a value that is taken over, at a path: how the record came to it. */
    along?(path: readonly string[], mine: T, theirs: T): readonly Along[];
    /** Never changed once made: another one under the same key comes under a new key. */
    readonly frozen?: true;
  };
}

/** A place of a record that changes with another. */
export interface Along {
  readonly path: readonly string[];
  readonly before: unknown;
  readonly after: unknown;
}

export type Registry = Readonly<Record<string, RecordType>>;
