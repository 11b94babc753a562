import equal from 'fast-deep-equal';
import type { Change } from '../history';
import {
  freePlate,
  RECORDS,
  TABLES,
  type Along,
  type Build,
  type Candidate,
  type Dossier,
  type RecordType,
  type TableName,
} from '../records';

/** What the rider does with one difference; `both` puts readings and weak points of the two together. */
export type Choice = 'mine' | 'theirs' | 'both';

/** One place at which another dossier differs. A record that only they have has an empty path and no `mine`. */
export interface Difference {
  /** Table, key and path in one. */
  readonly id: string;
  readonly table: TableName;
  readonly key: string;
  readonly path: readonly string[];
  readonly mine: unknown;
  readonly theirs: unknown;
  /** The two together, where that makes sense. */
  readonly both: unknown;
  /** What changes along with it: how a figure was come by. */
  readonly along: readonly Along[];
  /** Records that it cannot do without, as `table/key`. */
  readonly needs: readonly string[];
}

type Raw = Readonly<Record<string, unknown>>;

/**
 * Everything at which their dossier differs from mine and that could be taken over, table by table. What only I have is no difference:
 * nothing is ever taken away. The same donor on both shortlists is one candidate, whatever its id; new candidates get free plates, and
 * when there is none left they are not offered. A verdict is never changed: another one under the same id comes under a new id.
 */
export function findDifferences(mine: Dossier, foreign: Dossier): readonly Difference[] {
  const theirs = asMine(mine, foreign);
  return TABLES.flatMap((table) =>
    Object.entries(theirs[table] as Readonly<Record<string, unknown>>).flatMap(
      ([key, record]): readonly Difference[] => {
        const own = (mine[table] as Readonly<Record<string, unknown>>)[key];
        if (own === undefined)
          return [difference(table, key, [], undefined, record, mentions(table, record))];
        const type: RecordType = RECORDS[table];
        // What stays at home when a file is shared is no difference when it comes back.
        return type.compared.frozen || (type.forOthers && equal(type.forOthers(own), record))
          ? []
          : fieldsOf(table, key, own as Raw, record as Raw);
      },
    ),
  );
}

/** Their dossier with candidates, builds and verdicts under the ids that they would have in mine. */
function asMine(mine: Dossier, theirs: Dossier): Dossier {
  const own = Object.values(mine.candidates);
  const placed: Candidate[] = [...own];
  const ids = new Map<string, string>();
  for (const c of Object.values(theirs.candidates).toSorted((a, b) => a.plate - b.plate)) {
    const same = own.find((o) => o.donorId === c.donorId);
    const plate = same
      ? same.plate
      : placed.some((p) => p.plate === c.plate)
        ? freePlate(placed)
        : c.plate;
    if (plate === undefined) continue;
    const id = same?.id ?? (mine.candidates[c.id] ? `${c.id}-theirs` : c.id);
    ids.set(c.id, id);
    if (!same) placed.push({ ...c, id, plate });
    else placed[placed.indexOf(same)] = { ...same, ...(c.notes ? { notes: c.notes } : {}) };
  }
  const candidates = Object.fromEntries(
    placed.filter((c) => [...ids.values()].includes(c.id)).map((c) => [c.id, c]),
  );
  const builds = Object.fromEntries(
    Object.values(theirs.builds).flatMap((b): [string, Build][] => {
      const id = ids.get(b.id);
      return id === undefined ? [] : [[id, { ...b, id }]];
    }),
  );
  const verdicts = Object.fromEntries(
    Object.values(theirs.verdicts).map((v) => {
      const known = mine.verdicts[v.id];
      const id = known && !equal(known, v) ? `${v.id}-theirs`.slice(0, 64) : v.id;
      return [id, { ...v, id }];
    }),
  );
  const gearings = Object.fromEntries(
    Object.values(theirs.gearings).flatMap((g) => {
      const id = ids.get(g.id);
      return id === undefined ? [] : [[id, { ...g, id }] as const];
    }),
  );
  return { ...theirs, candidates, builds, verdicts, gearings };
}

const isRaw = (value: unknown): value is Raw =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

function fieldsOf(table: TableName, key: string, mine: Raw, theirs: Raw): readonly Difference[] {
  const comparing: RecordType['compared'] = RECORDS[table].compared;
  const names = [...new Set([...Object.keys(mine), ...Object.keys(theirs)])].filter(
    (name) => !comparing.ownAffair?.includes(name),
  );
  return names
    .flatMap((name): readonly Difference[] => {
      const [a, b] = [mine[name], theirs[name]];
      if (equal(a, b)) return [];
      // Sums of money mean nothing without their currency.
      const whole = isRaw(a) && isRaw(b) && a.currency !== b.currency;
      const along = (path: readonly string[]) => comparing.along?.(path, mine, theirs) ?? [];
      if (whole || !comparing.inside?.includes(name) || !isRaw(a) || !isRaw(b))
        return [
          {
            ...difference(table, key, [name], a, b, newMentions(table, mine, { [name]: b })),
            along: along([name]),
          },
        ];
      return [...new Set([...Object.keys(a), ...Object.keys(b)])].flatMap((inner) =>
        equal(a[inner], b[inner])
          ? []
          : [
              {
                ...difference(table, key, [name, inner], a[inner], b[inner], []),
                along: along([name, inner]),
              },
            ],
      );
    })
    .filter((d) => d.theirs !== undefined);
}

const difference = (
  table: TableName,
  key: string,
  path: readonly string[],
  mine: unknown,
  theirs: unknown,
  needs: readonly string[],
): Difference => ({
  id: [table, key, ...path].join('/'),
  table,
  key,
  path,
  mine,
  theirs,
  both: together(table, path, mine, theirs),
  along: [],
  needs,
});

const mentions = (table: TableName, record: unknown): readonly string[] => {
  const type: RecordType = RECORDS[table];
  return (type.references?.(record) ?? []).map((r) => `${r.table}/${r.key}`);
};

/** What a record mentions with another value in a field, and did not mention before. */
function newMentions(table: TableName, mine: Raw, field: Raw): readonly string[] {
  const before = new Set(mentions(table, mine));
  return mentions(table, { ...mine, ...field }).filter((m) => !before.has(m));
}

/** Readings of the two, or weak points: mine first, theirs under the ids they have; the same thing once. */
function together(
  table: TableName,
  path: readonly string[],
  mine: unknown,
  theirs: unknown,
): unknown {
  if (table !== 'donors' || mine === undefined || theirs === undefined) return undefined;
  const joined = (a: readonly Raw[], b: readonly Raw[]) => [
    ...a,
    ...b
      .filter((r) => !a.some((o) => equal({ ...o, id: '' }, { ...r, id: '' })))
      .map((r) =>
        a.some((o) => o.id === r.id) ? { ...r, id: `${String(r.id)}-theirs`.slice(0, 64) } : r,
      ),
  ];
  if (path[0] === 'weakPoints') return joined(mine as readonly Raw[], theirs as readonly Raw[]);
  if (path.length !== 2 || !isRaw(mine) || !isRaw(theirs)) return undefined;
  const readings = joined(mine.readings as readonly Raw[], theirs.readings as readonly Raw[]);
  return equal(readings, mine.readings) ? undefined : { ...mine, readings };
}

/**
 * The changes that carry out the rider's choices, with what a chosen record cannot stand without: a candidate's donor, a donor's base,
 * the parts of a build or listing. `came` names what came along without having been chosen.
 */
export function takenOver(
  differences: readonly Difference[],
  choices: ReadonlyMap<string, Choice>,
): { readonly changes: readonly Change[]; readonly came: readonly Difference[] } {
  const chosen = new Map(
    differences.flatMap((d) => {
      const choice = choices.get(d.id) ?? 'mine';
      return choice === 'mine' ? [] : [[d.id, choice] as const];
    }),
  );
  const whole = new Map(
    differences.filter((d) => d.path.length === 0).map((d) => [`${d.table}/${d.key}`, d]),
  );
  const came: Difference[] = [];
  for (const queue = differences.filter((d) => chosen.has(d.id)); queue.length > 0; ) {
    const next = queue.shift();
    for (const need of next?.needs ?? []) {
      const missing = whole.get(need);
      if (!missing || chosen.has(missing.id)) continue;
      chosen.set(missing.id, 'theirs');
      came.push(missing);
      queue.push(missing);
    }
  }
  const taken = differences.filter((d) => chosen.has(d.id));
  return {
    changes: taken.flatMap(
      ({ id, table, key, path, mine, theirs, both, along }): readonly Change[] => [
        { table, key, path, before: mine, after: chosen.get(id) === 'both' ? both : theirs },
        ...along.map((a) => ({ table, key, ...a })),
      ],
    ),
    came,
  };
}
