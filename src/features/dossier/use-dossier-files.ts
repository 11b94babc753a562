'use client';
import { useState } from 'react';
import { openExample } from '@/demo';
import { FILE_SIZE_LIMIT, formatDossierFile, parseDossierFile } from '@/store/files';
import { EMPTY_DOSSIER, isEmptyDossier, type Dossier } from '@/store/records';
import { downloadFile } from '@/store/tables';
import { keepSnapshot } from '@/store/snapshots';
import { useDossierState, useDossierStore } from '@/store/react';
import { fileFaultWords } from '@/ui/messages';
import { notify } from '@/ui/notice';

/** Something that would take the present dossier away, waiting for the rider's word. */
export interface Replacement {
  readonly what: string;
  readonly run: () => void;
}

export interface DossierFilesModel {
  readonly dossier: Dossier;
  /** Why the last file was refused. */
  readonly refused: string | undefined;
  readonly pending: Replacement | undefined;
  readonly cancel: () => void;
  readonly save: () => void;
  readonly open: (file: File) => Promise<void>;
  readonly wipe: () => void;
  readonly example: () => void;
}

export function useDossierFiles(): DossierFilesModel {
  const store = useDossierStore();
  const dossier = useDossierState((s) => s.dossier);
  const [refused, setRefused] = useState<string>();
  const [pending, setPending] = useState<Replacement>();

  /** What stood there is kept as a snapshot first; a browser that stores nothing goes on without. */
  const keepFirst = () => keepSnapshot(store.db, dossier, 'before it was replaced', true, Date.now()).catch(() => undefined);
  const replaceWith = async (next: Dossier, code: string, facts: Record<string, string>, done: string) => {
    await keepFirst();
    store.replaceAll(next, { code, facts });
    setPending(undefined);
    notify({ text: done, tone: 'plain', act: { word: 'Undo', run: () => store.undo() } });
  };
  const askFirst = (what: string, run: () => void) => (isEmptyDossier(dossier) ? run() : setPending({ what, run }));

  return {
    dossier, refused, pending, cancel: () => setPending(undefined),
    save() {
      const at = new Date().toISOString();
      downloadFile(new Blob([formatDossierFile(dossier, at)], { type: 'application/json' }), `jugator-${at.slice(0, 10)}.json`);
    },
    async open(file) {
      setRefused(undefined);
      if (file.size > FILE_SIZE_LIMIT) {
        setRefused(`${file.name}: ${fileFaultWords({ code: 'file-too-large', bytes: file.size, limit: FILE_SIZE_LIMIT })}`);
        return;
      }
      const parsed = parseDossierFile(await file.text());
      if (parsed.kind === 'fault') {
        setRefused(`${file.name}: ${fileFaultWords(parsed.fault)}`);
        return;
      }
      askFirst(`Opening ${file.name} takes the place of`, () => void replaceWith(parsed.dossier, 'import-file', { file: file.name }, `${file.name} is open.`));
    },
    wipe: () => askFirst('Clearing takes away', () => void replaceWith(EMPTY_DOSSIER, 'wipe', {}, 'Everything is cleared.')),
    example: () => askFirst('The example takes the place of', () => {
      setPending(undefined);
      void keepFirst().then(() => openExample(store));
    }),
  };
}
