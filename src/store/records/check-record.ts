import type { ReadingFault } from '@/core/readings';
import type * as z from 'zod/mini';
import { isId } from './id';
import type { RecordType, Registry } from './record-type';
import { allFaultsAmong, faultsAmong, mentioning, type AmongFault } from './references';

/** Why a record is refused: its own shape, or what it says of others. */
export type RecordFault =
  | {
      readonly code: 'shape';
      readonly table: string;
      readonly key: string;
      readonly path: readonly (string | number)[];
      readonly issue: ShapeIssue;
    }
  | { readonly code: 'key'; readonly table: string; readonly key: string }
  | {
      readonly code: 'too-many';
      readonly table: string;
      readonly key: string;
      readonly most: number;
    }
  | AmongFault;

/** What a schema found, as code and facts. */
export interface ShapeIssue {
  readonly kind:
    | 'too-small'
    | 'too-large'
    | 'wrong-type'
    | 'not-an-option'
    | 'not-a-day'
    | 'unknown-field'
    | 'other';
  readonly limit?: number;
  /** What it may be. */
  readonly options?: readonly string[];
  /** True where the limit counts letters or entries, not an amount. */
  readonly counts?: boolean;
  readonly words?: string;
  /** What is wrong with a reading of a figure. */
  readonly reading?: ReadingFault;
}

const readingFault = (params: Record<string, unknown> | undefined) =>
  params?.fault === undefined ? {} : { reading: params.fault as ReadingFault };

export function shapeIssue(issue: z.core.$ZodIssue): ShapeIssue {
  switch (issue.code) {
    case 'too_small':
      return {
        kind: 'too-small',
        limit: Number(issue.minimum),
        counts: issue.origin === 'string' || issue.origin === 'array',
      };
    case 'too_big':
      return {
        kind: 'too-large',
        limit: Number(issue.maximum),
        counts: issue.origin === 'string' || issue.origin === 'array',
      };
    case 'invalid_type':
      return { kind: 'wrong-type' };
    case 'unrecognized_keys':
      return { kind: 'unknown-field', words: issue.keys.join(', ') };
    case 'invalid_value':
      return { kind: 'not-an-option', options: issue.values.map(String) };
    case 'invalid_format':
      return { kind: issue.format === 'date' ? 'not-a-day' : 'other' };
    case 'invalid_union':
      return issue.inclusive === false || !issue.options
        ? { kind: 'other' }
        : { kind: 'not-an-option', options: issue.options.map(String) };
    case 'custom':
      return { kind: 'other', words: issue.message, ...readingFault(issue.params) };
    default:
      return { kind: 'other' };
  }
}

export const plainPath = (path: readonly PropertyKey[]): readonly (string | number)[] =>
  path.map((p) => (typeof p === 'symbol' ? String(p) : p));

/** Records that have passed their schema: nobody changes a record, so none is parsed twice. */
const good = new WeakMap<object, RecordType['schema']>();
const isObject = (record: unknown): record is object =>
  typeof record === 'object' && record !== null;

/** Says of a record that ships with the app that it passes; a test parses it. */
export const shipsGood = (registry: Registry, table: string, record: object): void => {
  const type = registry[table];
  if (type) good.set(record, type.schema);
};

/** The first thing wrong with one record by itself. */
export function shapeFault(
  registry: Registry,
  table: string,
  key: string,
  record: unknown,
): RecordFault | undefined {
  const type = registry[table];
  if (!type || !isId(key) || (type.single && type.single.key !== key))
    return { code: 'key', table, key };
  const known = isObject(record) && good.get(record) === type.schema;
  const parsed = known ? undefined : type.schema.safeParse(record);
  if (parsed?.success && isObject(record)) good.set(record, type.schema);
  if (parsed?.success === false) {
    const [first] = parsed.error.issues;
    return {
      code: 'shape',
      table,
      key,
      path: plainPath(first?.path ?? []),
      issue: first ? shapeIssue(first) : { kind: 'other' },
    };
  }
  const { id } = record as { readonly id?: unknown };
  return id !== undefined && id !== key ? { code: 'key', table, key } : undefined;
}

type Tables = Readonly<Record<string, Readonly<Record<string, unknown>>>>;

/**
 * The door: what stands against these records as they would be after an edit. A record that went must be mentioned by nobody any
 * more; one that came or changed must be good by itself and among the others.
 */
export function doorFault(
  registry: Registry,
  after: Tables,
  touched: readonly { readonly table: string; readonly key: string }[],
): RecordFault | undefined {
  for (const { table, key } of touched) {
    if (!isId(key)) return { code: 'key', table, key };
    const record = after[table]?.[key];
    if (record === undefined) {
      const [left] = registry[table]?.isThereUnstored?.(after, key)
        ? []
        : mentioning(registry, after, table, key);
      if (left) return { code: 'dangling', ...left };
      continue;
    }
    const fault =
      shapeFault(registry, table, key, record) ?? faultsAmong(registry, after, table, key)[0];
    if (fault) return fault;
  }
  if (touched.some((t) => registry[t.table]?.decidesUnstored)) {
    const [fault] = allFaultsAmong(registry, after);
    if (fault) return fault;
  }
  for (const table of new Set(touched.map((t) => t.table))) {
    const most = registry[table]?.most ?? 0;
    const [first] = touched;
    if (first && Object.keys(after[table] ?? {}).length > most)
      return { code: 'too-many', table, key: first.key, most };
  }
  return undefined;
}
