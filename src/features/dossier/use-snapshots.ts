'use client';
import { useCallback, useEffect, useState } from 'react';
import {
  deleteSnapshot,
  keepSnapshot,
  listSnapshots,
  rawSnapshot,
  snapshotDossier,
  type SnapshotHead,
} from '@/store/snapshots';
import { saveRaw } from '@/store/files';
import { useDossierState, useDossierStore } from '@/store/react';
import { isEmptyDossier } from '@/store/records';
import { notify } from '@/ui/notice';

export interface SnapshotsModel {
  /** Newest first; absent while they are read, and where the browser stores nothing. */
  readonly list: readonly SnapshotHead[] | undefined;
  readonly canKeep: boolean;
  readonly keep: (name: string) => Promise<void>;
  readonly restore: (head: SnapshotHead) => Promise<void>;
  /** Hands a damaged one to the rider as it is stored. */
  readonly carryOut: (head: SnapshotHead) => Promise<void>;
  readonly remove: (head: SnapshotHead) => Promise<void>;
}

export const snapshotWords = ({ at, name }: Pick<SnapshotHead, 'at' | 'name'>): string => {
  const day = new Date(at);
  const two = (n: number) => String(n).padStart(2, '0');
  return `${day.getFullYear()}-${two(day.getMonth() + 1)}-${two(day.getDate())} ${two(day.getHours())}:${two(day.getMinutes())}${name ? `, ${name}` : ''}`;
};

export function useSnapshots(): SnapshotsModel {
  const store = useDossierStore();
  const dossier = useDossierState((s) => s.dossier);
  const [list, setList] = useState<readonly SnapshotHead[]>();
  const refresh = useCallback(
    () => listSnapshots(store.db).then(setList, () => undefined),
    [store],
  );
  useEffect(() => void refresh(), [refresh]);
  const failed = () =>
    notify({ text: 'The browser would not store it. Export a file instead.', tone: 'plain' });
  return {
    list,
    canKeep: !isEmptyDossier(dossier),
    async keep(name) {
      await keepSnapshot(store.db, dossier, name.trim().slice(0, 60), false, Date.now()).then(
        refresh,
        failed,
      );
    },
    async restore(head) {
      const kept = await snapshotDossier(store.db, head.id).catch(() => undefined);
      if (!kept) {
        notify({
          text: 'That snapshot can no longer be read. Nothing was changed.',
          tone: 'plain',
        });
        return;
      }
      await keepSnapshot(store.db, dossier, 'before restoring', true, Date.now()).then(
        refresh,
        () => undefined,
      );
      const outcome = store.replaceAll(kept, {
        code: 'restore-snapshot',
        facts: { name: snapshotWords(head) },
      });
      if (outcome.kind === 'done')
        notify({
          text: `Restored: ${snapshotWords(head)}.`,
          tone: 'plain',
          act: { word: 'Undo', run: () => void store.undo() },
        });
    },
    async carryOut(head) {
      saveRaw(await rawSnapshot(store.db, head.id), 'jugator-snapshot');
    },
    async remove(head) {
      await deleteSnapshot(store.db, head.id).then(refresh, () => undefined);
    },
  };
}
