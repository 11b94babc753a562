import { describe, expect, test } from 'vitest';
import { exampleDossier } from '@/demo';
import { doorFault, RECORDS, shipsGood, TABLES } from '@/store/records';

// The examples ship as good records and are not parsed when they are opened: here they are.
describe.each(['crossing', 'forest'] as const)('the example %s', (name) => {
  test('every record passes its schema', async () => {
    const dossier = await exampleDossier(name);
    const records = TABLES.flatMap((table) =>
      Object.values<object>(dossier[table]).map((record) => ({ table, record })),
    );
    expect(records.length).toBeGreaterThan(5);
    for (const { table, record } of records) {
      const parsed = RECORDS[table].schema.safeParse(record);
      expect(parsed.error?.issues, table).toBeUndefined();
    }
  });
  test('and stands among the others: the door finds nothing', async () => {
    const dossier = await exampleDossier(name);
    const touched = TABLES.flatMap((table) =>
      Object.keys(dossier[table]).map((key) => ({ table, key })),
    );
    expect(doorFault(RECORDS, dossier, touched)).toBeUndefined();
  });
});

test('what is said to be good is so by itself alone: its key, and what it points at, are looked at all the same', async () => {
  const dossier = await exampleDossier('crossing');
  const [candidate] = Object.values(dossier.candidates);
  if (!candidate) throw new Error('no candidate');
  const lost = { ...candidate, donorId: 'nowhere' };
  shipsGood(RECORDS, 'candidates', lost);
  const after = { ...dossier, candidates: { ...dossier.candidates, [lost.id]: lost } };
  expect(doorFault(RECORDS, after, [{ table: 'candidates', key: lost.id }])).toMatchObject({
    code: 'dangling',
  });
  // A changed copy of a good record is parsed like any other.
  const [donor] = Object.values(dossier.donors);
  if (!donor) throw new Error('no donor');
  expect(doorFault(RECORDS, dossier, [{ table: 'donors', key: donor.id }])).toBeUndefined();
  const wrong = { ...donor, model: 5 };
  expect(
    doorFault(RECORDS, { ...dossier, donors: { ...dossier.donors, [donor.id]: wrong } }, [
      { table: 'donors', key: donor.id },
    ]),
  ).toMatchObject({ code: 'shape', path: ['model'] });
});
