import type { Change } from './history';
import type { Build } from './records';

/** A build without empty lists and without stages of parts that are not in it; nothing at all where nothing is left. */
function tidied(build: Build): Build | undefined {
  const stages = Object.fromEntries(
    Object.entries(build.stages ?? {}).filter(([id]) => build.partIds.includes(id)),
  );
  const { id, partIds, pinned = [], banned = [] } = build;
  if (partIds.length + pinned.length + banned.length === 0) return undefined;
  return {
    id,
    partIds,
    ...(Object.keys(stages).length > 0 ? { stages } : {}),
    ...(pinned.length > 0 ? { pinned } : {}),
    ...(banned.length > 0 ? { banned } : {}),
  };
}

/** The change that gives a candidate other parts, wishes or stages. */
export function buildChange(
  builds: Readonly<Record<string, Build>>,
  id: string,
  to: Partial<Omit<Build, 'id'>>,
): Change {
  const before = builds[id];
  return {
    table: 'builds',
    key: id,
    path: [],
    before,
    after: tidied({ ...(before ?? { id, partIds: [] }), ...to }),
  };
}
