import { afterEach, describe, expect, test } from 'vitest';
import {
  allPhotos,
  dropPhoto,
  formatPhotosFile,
  keepPhoto,
  parsePhotosFile,
  PHOTO_LIMITS,
  photosOf,
  shrunkSize,
  type Photo,
} from '@/store/photos';
import { formatDossierFile } from '@/store/files';
import { photoFaultWords, photosFileWords } from '@/ui/messages';
import { addDonor, closeTabs, label, openTab } from './tabs';

afterEach(closeTabs);

/** The first bytes of a JPEG and a few more. */
const JPEG = Uint8Array.from([0xff, 0xd8, 0xff, 0xe0, 1, 2, 3, 0, 255]);
const photo = (id: string, more: Partial<Photo> = {}): Photo => ({
  id,
  donorId: 'wren',
  on: '2026-11-27',
  words: '',
  width: 640,
  height: 480,
  jpeg: JPEG,
  ...more,
});

describe('photos beside the dossier', () => {
  test('kept by machine, oldest first; words changed, deleted, taken back', async () => {
    const { db } = await openTab();
    for (const id of ['b', 'a']) expect(await keepPhoto(db, photo(id))).toEqual({ kind: 'kept' });
    await keepPhoto(db, photo('c', { donorId: 'other' }));
    expect((await photosOf(db, 'wren')).map((p) => p.id)).toEqual(['a', 'b']);
    await keepPhoto(db, photo('a', { words: 'weeping seal' }));
    expect((await photosOf(db, 'wren'))[0]?.words).toBe('weeping seal');
    await dropPhoto(db, 'a');
    expect(await allPhotos(db)).toHaveLength(2);
    await keepPhoto(db, photo('a'));
    expect((await photosOf(db, 'wren'))[0]?.jpeg).toEqual(JPEG);
  });
  test('so many of one machine and no more; one that is there may still be changed', async () => {
    const { db } = await openTab();
    for (let i = 0; i < PHOTO_LIMITS.most; i += 1)
      expect(await keepPhoto(db, photo(`p${i}`))).toEqual({ kind: 'kept' });
    const more = await keepPhoto(db, photo('one-more'), 'shed.jpg');
    expect(more).toEqual({ kind: 'fault', fault: { code: 'too-many', name: 'shed.jpg' } });
    expect(await keepPhoto(db, photo('p0', { words: 'chain' }))).toEqual({ kind: 'kept' });
    expect(await keepPhoto(db, photo('x', { donorId: 'other' }))).toEqual({ kind: 'kept' });
  });
  test('a browser that stores nothing says so', async () => {
    const { db } = await openTab();
    db.close({ disableAutoOpen: true });
    const kept = await keepPhoto(db, photo('a'), 'fork.jpg');
    expect(kept).toEqual({ kind: 'fault', fault: { code: 'no-room', name: 'fork.jpg' } });
  });
  test('they stay out of the dossier and of its files', async () => {
    const store = await openTab();
    store.execute({ label: label('add'), changes: [addDonor('wren')] });
    await keepPhoto(store.db, photo('a', { words: 'seen in the shed' }));
    const text = formatDossierFile(store.getState().dossier, '2026-11-27T12:00:00.000Z');
    expect(text).toContain('"wren"');
    expect(text).not.toContain('seen in the shed');
  });
});

describe('a file of photos', () => {
  test('comes back the same', () => {
    const photos = [photo('a'), photo('b', { words: 'spokes, loose', donorId: 'other' })];
    expect(parsePhotosFile(formatPhotosFile(photos))).toEqual({ kind: 'photos', photos });
  });
  test.each([
    ['{', 'not-json'],
    ['null', 'not-photos'],
    ['{"format":"jugator-dossier"}', 'not-photos'],
    ['{"format":"jugator-photos","version":1}', 'damaged'],
    ['{"format":"jugator-photos","version":9,"photos":[]}', 'damaged'],
    [formatPhotosFile([photo('a')]).replace('/9j/', 'AAAA'), 'damaged'],
    [formatPhotosFile([photo('__proto__')]), 'damaged'],
    [formatPhotosFile([photo('a', { width: PHOTO_LIMITS.side_px + 1 })]), 'damaged'],
  ] as const)('%s is refused: %s', (text, code) => {
    expect(parsePhotosFile(text)).toEqual({ kind: 'fault', code });
    expect(photosFileWords(code).length).toBeGreaterThan(20);
  });
});

describe('what is shrunk', () => {
  test('the longer side comes down to the limit, the shape stays, small ones are left', () => {
    expect(shrunkSize(4000, 3000)).toEqual({ width: 1280, height: 960 });
    expect(shrunkSize(1500, 6000)).toEqual({ width: 320, height: 1280 });
    expect(shrunkSize(640, 480)).toEqual({ width: 640, height: 480 });
    expect(shrunkSize(100_000, 10)).toEqual({ width: 1280, height: 1 });
  });
  test('every reason has its sentence, with the size', () => {
    expect(photoFaultWords({ code: 'too-large', name: 'a.jpg', bytes: 40_000_000 })).toContain(
      '“a.jpg” has 40 MB; pictures of up to 30 MB',
    );
    for (const code of ['not-a-picture', 'too-many', 'no-room'] as const)
      expect(photoFaultWords({ code, name: 'a.jpg' })).toContain('“a.jpg”');
  });
});
