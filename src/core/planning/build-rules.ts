/** What a planner needs to know of a thing that can be chosen. It knows no motorcycle. */
export interface Choosable {
  readonly id: string;
  /** Every group must be met by at least one of its ids. */
  readonly needs: readonly (readonly string[])[];
  readonly shutsOut: readonly string[];
  /** Only one of a slot; empty takes none. */
  readonly slot: string;
}

/** Whether only one of two fits: one shuts the other out, or both take one slot. */
export const areEitherOr = (
  a: Pick<Choosable, 'id' | 'shutsOut' | 'slot'>,
  b: Pick<Choosable, 'id' | 'shutsOut' | 'slot'>,
): boolean =>
  a.shutsOut.includes(b.id) || b.shutsOut.includes(a.id) || (a.slot !== '' && a.slot === b.slot);

export type BuildFault =
  | { readonly code: 'not-in-catalogue'; readonly id: string }
  | { readonly code: 'need-missing'; readonly id: string; readonly anyOf: readonly string[] }
  | { readonly code: 'shut-out'; readonly id: string; readonly by: string }
  | {
      readonly code: 'slot-taken';
      readonly id: string;
      readonly by: string;
      readonly slot: string;
    };

/** Everything wrong with a chosen set, in the order chosen. A pair that clashes is reported once, under the later one. */
export function findBuildFaults(
  chosen: readonly string[],
  catalogue: ReadonlyMap<string, Choosable>,
): readonly BuildFault[] {
  const faults: BuildFault[] = [];
  const before: Choosable[] = [];
  const set = new Set(chosen);
  for (const id of chosen) {
    const item = catalogue.get(id);
    if (!item) {
      faults.push({ code: 'not-in-catalogue', id });
      continue;
    }
    for (const anyOf of item.needs)
      if (!anyOf.some((n) => set.has(n))) faults.push({ code: 'need-missing', id, anyOf });
    for (const other of before) {
      if (item.shutsOut.includes(other.id) || other.shutsOut.includes(id))
        faults.push({ code: 'shut-out', id, by: other.id });
      else if (item.slot !== '' && item.slot === other.slot)
        faults.push({ code: 'slot-taken', id, by: other.id, slot: item.slot });
    }
    before.push(item);
  }
  return faults;
}

/** What choosing one more would break; empty when nothing. */
export const faultsOfAdding = (
  id: string,
  chosen: readonly string[],
  catalogue: ReadonlyMap<string, Choosable>,
): readonly BuildFault[] => newFaults([...chosen, id], chosen, catalogue);

/** What taking one away would break; empty when nothing. */
export const faultsOfRemoving = (
  id: string,
  chosen: readonly string[],
  catalogue: ReadonlyMap<string, Choosable>,
): readonly BuildFault[] =>
  newFaults(
    chosen.filter((c) => c !== id),
    chosen,
    catalogue,
  );

function newFaults(
  after: readonly string[],
  now: readonly string[],
  catalogue: ReadonlyMap<string, Choosable>,
): readonly BuildFault[] {
  const standing = new Set(findBuildFaults(now, catalogue).map((f) => JSON.stringify(f)));
  return findBuildFaults(after, catalogue).filter((f) => !standing.has(JSON.stringify(f)));
}
