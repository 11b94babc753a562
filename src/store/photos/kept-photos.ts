import type { JugatorDb } from '../db';
import { PHOTO_LIMITS, type Photo, type PhotoFault } from './photo';

type Kept = { readonly kind: 'kept' } | { readonly kind: 'fault'; readonly fault: PhotoFault };

/** Photos of one machine, oldest first. */
export const photosOf = (db: JugatorDb, donorId: string): Promise<readonly Photo[]> =>
  db.photos.where('donorId').equals(donorId).sortBy('id');

export const allPhotos = (db: JugatorDb): Promise<readonly Photo[]> => db.photos.toArray();

/** Keeps one, or says why it cannot be kept: there are too many of the machine, or the browser has no room. */
export async function keepPhoto(db: JugatorDb, photo: Photo, name = photo.words): Promise<Kept> {
  try {
    return await db.transaction('rw', db.photos, async (): Promise<Kept> => {
      const there = await db.photos.where('donorId').equals(photo.donorId).count();
      const isNew = (await db.photos.get(photo.id)) === undefined;
      if (isNew && there >= PHOTO_LIMITS.most)
        return { kind: 'fault', fault: { code: 'too-many', name } };
      await db.photos.put(photo);
      return { kind: 'kept' };
    });
  } catch {
    return { kind: 'fault', fault: { code: 'no-room', name } };
  }
}

export const dropPhoto = (db: JugatorDb, id: string): Promise<void> => db.photos.delete(id);
