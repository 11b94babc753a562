import { plainPath } from './check-record';
import type { RecordType } from './record-type';

export type Mended =
  | { readonly kind: 'good'; readonly record: unknown }
  /** `fields` were damaged and are now the usual value, or empty. */
  | { readonly kind: 'mended'; readonly record: unknown; readonly fields: readonly string[] }
  | { readonly kind: 'lost'; readonly field: string };

type Path = readonly (string | number)[];

/** More rounds than any record has levels; damage beyond that is not mended. */
const ROUNDS = 60;

const valueAt = (value: unknown, path: Path): unknown =>
  path.reduce<unknown>(
    (at, step) =>
      typeof at === 'object' && at !== null && Object.hasOwn(at, step)
        ? (at as Record<string | number, unknown>)[step]
        : undefined,
    value,
  );

/** A copy with another value at the path; `undefined` takes the field or the entry out. */
function withValue(value: unknown, [step, ...rest]: Path, next: unknown): unknown {
  if (step === undefined) return next;
  if (Array.isArray(value)) {
    const list = value as readonly unknown[];
    const inner = rest.length > 0 ? withValue(list[Number(step)], rest, next) : next;
    return inner === undefined
      ? list.filter((_, i) => i !== Number(step))
      : list.map((v, i) => (i === Number(step) ? inner : v));
  }
  const parent = typeof value === 'object' && value !== null ? value : {};
  const { [step]: old, ...others } = parent as Record<string | number, unknown>;
  const inner = rest.length > 0 ? withValue(old, rest, next) : next;
  return inner === undefined ? others : { ...others, [step]: inner };
}

/**
 * A stored record made good again where that can be done without guessing: a field that cannot be read takes its usual value where
 * the kind of record has one, else it is left out, and what cannot stand without it goes with it. What was there is the caller's to keep.
 */
export function mendRecord(type: RecordType, key: string, raw: unknown): Mended {
  const usual = type.usual?.(key);
  const fields = new Set<string>();
  /** How often a place was found wrong: first its usual value is tried, then it is left out, then what holds it. */
  const tried = new Map<string, number>();
  let record = raw;
  for (let round = 0; round < ROUNDS; round += 1) {
    const parsed = type.schema.safeParse(record);
    if (parsed.success)
      return fields.size === 0
        ? { kind: 'good', record }
        : { kind: 'mended', record, fields: [...fields] };
    const [issue] = parsed.error.issues;
    const path = plainPath(issue?.path ?? []);
    const [field = ''] = path.length > 0 ? [path.join('.')] : [];
    if (usual === undefined || !issue) return { kind: 'lost', field };
    if (issue.code === 'unrecognized_keys') {
      for (const unknown of issue.keys) record = withValue(record, [...path, unknown], undefined);
      fields.add([...path, ...issue.keys].join('.'));
      continue;
    }
    if (path.length === 0) return { kind: 'lost', field };
    fields.add(field);
    const times = tried.get(field) ?? 0;
    tried.set(field, times + 1);
    const standIn = valueAt(usual, path);
    if (times === 0 && standIn !== undefined) record = withValue(record, path, standIn);
    else {
      const up = path.slice(0, Math.max(1, path.length - Math.max(0, times - 1)));
      record = withValue(record, up, times > 1 ? valueAt(usual, up) : undefined);
    }
  }
  return { kind: 'lost', field: [...fields][0] ?? '' };
}
