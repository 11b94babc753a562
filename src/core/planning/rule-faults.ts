import { areEitherOr, type Choosable } from './build-rules';

/** What can never be chosen, or only together, by the rules alone. */
export type RuleFault =
  /** Each needs the next, round to the first: all or none. */
  | { readonly code: 'ring'; readonly ids: readonly string[] }
  /** It needs what it shuts out, or what shares its slot. */
  | {
      readonly code: 'needs-what-it-shuts-out';
      readonly id: string;
      readonly anyOf: readonly string[];
    }
  /** Nothing of what it needs is there. */
  | { readonly code: 'need-nowhere'; readonly id: string; readonly anyOf: readonly string[] };

/** Contradictions in the rules of a catalogue, before anything is chosen. `there` holds what is fitted already. */
export function findRuleFaults(
  items: readonly Choosable[],
  there: ReadonlySet<string> = new Set(),
): readonly RuleFault[] {
  const byId = new Map(items.map((item) => [item.id, item]));
  const faults: RuleFault[] = [];
  for (const item of items) {
    for (const anyOf of item.needs) {
      if (anyOf.some((id) => there.has(id))) continue;
      const present = anyOf.flatMap((id) => byId.get(id) ?? []);
      if (present.length === 0) faults.push({ code: 'need-nowhere', id: item.id, anyOf });
      else if (present.every((other) => areEitherOr(item, other)))
        faults.push({ code: 'needs-what-it-shuts-out', id: item.id, anyOf });
    }
  }
  return [...faults, ...rings(byId)];
}

/** Rings of needs that leave no choice (groups of one). Each ring once, from its first id in the catalogue. */
function rings(byId: ReadonlyMap<string, Choosable>): readonly RuleFault[] {
  const only = (id: string): readonly string[] =>
    (byId.get(id)?.needs ?? []).flatMap((group) =>
      group.length === 1 && group[0] !== undefined && byId.has(group[0]) ? [group[0]] : [],
    );
  const found: RuleFault[] = [];
  const done = new Set<string>();
  const walk = (id: string, path: readonly string[]) => {
    const at = path.indexOf(id);
    if (at >= 0) {
      const ring = path.slice(at);
      if (!ring.some((r) => done.has(r))) found.push({ code: 'ring', ids: ring });
      ring.forEach((r) => done.add(r));
      return;
    }
    if (done.has(id)) return;
    for (const next of only(id)) walk(next, [...path, id]);
    done.add(id);
  };
  for (const id of byId.keys()) walk(id, []);
  return found;
}
