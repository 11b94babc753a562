'use client';
import { useCallback, useEffect, useState } from 'react';
import { today } from '../running';
import { useDossierStore } from '../react';
import { dropPhoto, keepPhoto, photosOf } from './kept-photos';
import type { Photo, PhotoFault } from './photo';
import { shrink } from './shrink';

/** The photos of one machine, as they are kept in this browser. */
export interface PhotosModel {
  readonly photos: readonly Photo[];
  /** Why the last pictures were not kept, each with its reason. */
  readonly faults: readonly PhotoFault[];
  /** A picture is being shrunk. */
  readonly busy: boolean;
  readonly add: (files: readonly File[]) => Promise<void>;
  readonly setWords: (photo: Photo, words: string) => Promise<void>;
  readonly remove: (photo: Photo) => Promise<void>;
  /** The one that was removed last, while it can be taken back. */
  readonly removed: Photo | undefined;
  readonly takeBack: () => Promise<void>;
}

const NONE: readonly Photo[] = [];

export function usePhotos(donorId: string): PhotosModel {
  const { db } = useDossierStore();
  const [state, setState] = useState<{ readonly of: string; readonly photos: readonly Photo[] }>();
  const [faults, setFaults] = useState<readonly PhotoFault[]>([]);
  const [busy, setBusy] = useState(false);
  const [removed, setRemoved] = useState<Photo>();
  const reread = useCallback(async () => {
    try {
      setState({ of: donorId, photos: await photosOf(db, donorId) });
    } catch {
      setState({ of: donorId, photos: NONE });
    }
  }, [db, donorId]);
  useEffect(() => {
    // What another machine's photos said is gone with them.
    void photosOf(db, donorId)
      .catch(() => NONE)
      .then((photos) => setState({ of: donorId, photos }));
  }, [db, donorId]);
  const keep = async (photo: Photo, name?: string): Promise<readonly PhotoFault[]> => {
    const kept = await keepPhoto(db, photo, name);
    return kept.kind === 'fault' ? [kept.fault] : [];
  };
  return {
    photos: state?.of === donorId ? state.photos : NONE,
    faults,
    busy,
    add: async (files) => {
      setBusy(true);
      const found: PhotoFault[] = [];
      for (const file of files) {
        const made = await shrink(file);
        if (made.kind === 'fault') found.push(made.fault);
        else {
          // Ids sort by the time they were taken in.
          const id = `p-${Date.now().toString(36)}-${crypto.randomUUID().slice(0, 8)}`;
          found.push(
            ...(await keep({ id, donorId, on: today(), words: '', ...made.picture }, file.name)),
          );
        }
      }
      setFaults(found);
      setBusy(false);
      await reread();
    },
    setWords: async (photo, words) => {
      setFaults(await keep({ ...photo, words }));
      await reread();
    },
    remove: async (photo) => {
      await dropPhoto(db, photo.id);
      setRemoved(photo);
      await reread();
    },
    removed: removed?.donorId === donorId ? removed : undefined,
    takeBack: async () => {
      if (removed) setFaults(await keep(removed));
      setRemoved(undefined);
      await reread();
    },
  };
}
