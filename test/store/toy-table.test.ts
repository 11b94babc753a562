import { afterEach, expect, test } from 'vitest';
import { z } from 'zod';
import { demoDossier } from '@/demo/scenario';
import { formatDossierFile, parseDossierFile, shortlistOnly } from '@/store/files';
import {
  RECORDS,
  removal,
  type Dossier,
  type RecordType,
  type Registry,
  type TableName,
} from '@/store/records';
import { recordFaultWords } from '@/ui/messages';
import { closeTabs, label, openTab } from './tabs';

/** Everything that a new kind of record has to say of itself. */
interface Sticker {
  readonly id: string;
  readonly donorId: string;
  readonly words: string;
}
const stickerRecord: RecordType<Sticker> = {
  schema: z.strictObject({ id: z.string(), donorId: z.string(), words: z.string().max(20) }),
  since: 5,
  most: 3,
  name: (raw) => String((raw as Partial<Sticker>).words),
  references: (s) => [{ table: 'donors', key: s.donorId, gone: 'goes-too' }],
  shared: 'with-what-it-mentions',
  compared: {},
};
const WITH_STICKERS: Registry = { ...RECORDS, stickers: stickerRecord };
const STICKERS = 'stickers' as TableName;

afterEach(closeTabs);

const stickersOf = (dossier: Dossier) =>
  (dossier as unknown as { stickers: Record<string, Sticker> }).stickers;
const put = (sticker: Sticker) => ({ table: STICKERS, key: sticker.id, path: [], after: sticker });
const one: Sticker = { id: 's', donorId: 'wren-230', words: 'glued on' };

test('a table that is one module more is stored, undone, checked, removed, filed, shared and read back', async () => {
  const store = await openTab('stickers', { registry: WITH_STICKERS });
  store.replaceAll({ ...demoDossier(), stickers: {} } as Dossier, label('open-example'));
  const execute = (sticker: Sticker) =>
    store.execute({ label: label('stick'), changes: [put(sticker)] });

  expect(execute(one)).toEqual({ kind: 'done' });
  await store.settled();
  const again = await openTab('stickers', { registry: WITH_STICKERS });
  expect(stickersOf(again.getState().dossier)).toEqual({ s: one });

  store.undo();
  expect(stickersOf(store.getState().dossier)).toEqual({});
  store.redo();

  const long = execute({ ...one, id: 't', words: 'x'.repeat(21) });
  expect(long.kind === 'refused' && recordFaultWords(long.fault)).toContain('holds more than 20');
  expect(execute({ ...one, id: 't', donorId: 'nobody' })).toMatchObject({
    kind: 'refused',
    fault: { code: 'dangling', reference: { table: 'donors', key: 'nobody' } },
  });
  for (const id of ['t', 'u']) expect(execute({ ...one, id }).kind).toBe('done');
  expect(execute({ ...one, id: 'v' })).toMatchObject({ kind: 'refused', fault: { most: 3 } });

  const { dossier } = store.getState();
  const gone = removal(dossier, [{ table: 'donors', key: 'wren-230' }], WITH_STICKERS);
  expect(gone.filter((g) => g.table === STICKERS).map((g) => [g.key, g.after])).toEqual([
    ['s', undefined],
    ['t', undefined],
    ['u', undefined],
  ]);

  const text = formatDossierFile(dossier, '2026-11-20T12:00:00.000Z', WITH_STICKERS);
  expect(parseDossierFile(text, WITH_STICKERS)).toEqual({ kind: 'dossier', dossier });
  expect(parseDossierFile(text.replaceAll('"glued on"', '7'), WITH_STICKERS)).toMatchObject({
    fault: { code: 'file-invalid', path: ['stickers', 0, 'words'] },
  });
  expect(
    parseDossierFile(
      text.replace('"donorId": "wren-230",\n      "words"', '"donorId": "nobody",\n      "words"'),
      WITH_STICKERS,
    ),
  ).toMatchObject({ fault: { code: 'file-dangling', table: 'stickers', points: 'nobody' } });

  expect(Object.keys(stickersOf(shortlistOnly(dossier, WITH_STICKERS)))).toEqual(['s', 't', 'u']);

  await store.settled();
  await store.db.table('stickers').put({ key: 's', value: { id: 's', donorId: 7 } });
  const damaged = await openTab('stickers', { registry: WITH_STICKERS });
  expect(damaged.getState().aside.map((a) => a.what)).toMatchObject([
    { table: 'stickers', key: 's', kind: 'left-out' },
  ]);
  expect(Object.keys(stickersOf(damaged.getState().dossier))).toEqual(['t', 'u']);
});
