/** How deep a value is watched: a named field, or every field (`*`), is looked into; all else is read as it is. */
export interface Depth {
  readonly [field: string]: Depth;
}

/** A value of which it is noted what is read. */
export interface Watched<T extends object> {
  /** Reads like the value, today's. */
  readonly view: T;
  /** Whether all that was read so far is the same in another value. */
  readonly holdsFor: (next: object) => boolean;
  /** What is read from now on is read from another value, for which all that was read so far holds. */
  readonly moveTo: (next: object) => void;
}

const isPlain = (value: unknown): value is Record<PropertyKey, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const isSameList = (a: readonly unknown[], b: readonly unknown[]): boolean =>
  a.length === b.length && a.every((x, i) => x === b[i]);

/**
 * Notes which fields of a plain value are read, and whether it was asked which there are, so that what was made of it can be kept while
 * they stay. Fields below the depth are compared as they are, objects by identity.
 */
export function watch<T extends object>(value: T, depth: Depth): Watched<T> {
  let target: Record<PropertyKey, unknown> = value as Record<PropertyKey, unknown>;
  let listed = false;
  const read = new Map<PropertyKey, unknown>();
  const inside = new Map<PropertyKey, Watched<Record<PropertyKey, unknown>>>();

  const get = (field: PropertyKey): unknown => {
    const found = target[field];
    const deeper = typeof field === 'string' ? (depth[field] ?? depth['*']) : undefined;
    if (deeper === undefined || !isPlain(found)) {
      read.set(field, found);
      return found;
    }
    let known = inside.get(field);
    if (!known) {
      known = watch(found, deeper);
      inside.set(field, known);
    }
    return known.view;
  };
  const view = new Proxy(
    {},
    {
      get: (_, field) => get(field),
      has: (_, field) => {
        get(field);
        return field in target;
      },
      ownKeys: () => {
        listed = true;
        return Reflect.ownKeys(target);
      },
      getOwnPropertyDescriptor: (_, field) =>
        Object.hasOwn(target, field)
          ? { value: get(field), enumerable: true, configurable: true }
          : undefined,
    },
  );
  return {
    view: view as T,
    holdsFor: (next) => {
      const other = next as Record<PropertyKey, unknown>;
      if (other === target) return true;
      if (listed && !isSameList(Reflect.ownKeys(target), Reflect.ownKeys(other))) return false;
      for (const [field, was] of read) if (!Object.is(other[field], was)) return false;
      for (const [field, one] of inside) {
        const there = other[field];
        if (!isPlain(there) || !one.holdsFor(there)) return false;
      }
      return true;
    },
    moveTo: (next) => {
      target = next as Record<PropertyKey, unknown>;
      for (const [field, one] of inside) one.moveTo(target[field] as Record<PropertyKey, unknown>);
    },
  };
}
