type RawFile = Readonly<Record<string, unknown>>;

interface Migration {
  readonly from: number;
  readonly name: string;
  readonly run: (file: RawFile) => RawFile;
}

/** From each older version to the next; append-only. A stored file of every version is opened in the tests. */
export const FILE_MIGRATIONS: readonly Migration[] = [
  // Version 2 added facts, weak points, variants, listings, tags and notes on parts, all of them optional.
  { from: 1, name: 'whole sheet, variants and listings', run: (file) => ({ ...file, version: 2 }) },
  // Version 3 added purposes, schools, swing weights, sits, air, passenger and keeping to the brief, notes to candidates, and facts that parts set; all optional.
  { from: 2, name: 'purposes, sits, keeping and notes', run: (file) => ({ ...file, version: 3 }) },
  // Version 4 added verdicts and what was seen on machines.
  {
    from: 3,
    name: 'verdicts and visits',
    run: (file) => ({ ...file, version: 4, verdicts: [], visits: [] }),
  },
];

/** A file brought to the newest version, step by step. */
export const migrated = (file: RawFile): RawFile =>
  FILE_MIGRATIONS.reduce(
    (at, migration) => (at.version === migration.from ? migration.run(at) : at),
    file,
  );
