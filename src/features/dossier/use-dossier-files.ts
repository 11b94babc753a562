'use client';
import { useState } from 'react';
import { exampleDossier, openExample } from '@/demo';
import {
  FILE_SIZE_LIMIT,
  parseDossierFile,
  readText,
  saveDossier,
  shortlistOnly,
} from '@/store/files';
import { EMPTY_DOSSIER, isEmptyDossier, type Dossier } from '@/store/records';
import { keepSnapshot } from '@/store/snapshots';
import { useDossiers, useDossierState, useDossierStore } from '@/store/react';
import { fileFaultWords } from '@/ui/messages';
import { notify } from '@/ui/notice';
import type { OtherDossier } from './use-beside';

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
  /** Reads a file to look at it beside the present dossier. */
  readonly compare: (file: File) => Promise<void>;
  readonly other: OtherDossier | undefined;
  readonly closeOther: () => void;
  /** Brief, shortlist, builds and parts only, for somebody else. */
  readonly share: () => void;
  readonly wipe: () => void;
  readonly example: () => void;
}

async function parseFile(file: File): Promise<ReturnType<typeof parseDossierFile>> {
  const read = await readText(file);
  return read.kind === 'text'
    ? parseDossierFile(read.text)
    : { kind: 'fault', fault: { code: 'file-not-text' } };
}

export function useDossierFiles(): DossierFilesModel {
  const store = useDossierStore();
  const dossier = useDossierState((s) => s.dossier);
  const dossiers = useDossiers();
  const [refused, setRefused] = useState<string>();
  const [pending, setPending] = useState<Replacement>();
  const [other, setOther] = useState<OtherDossier>();

  /** What stood there is kept as a snapshot first; a browser that stores nothing goes on without. */
  const keepFirst = () =>
    keepSnapshot(store.db, dossier, 'before it was replaced', true, Date.now()).catch(
      () => undefined,
    );
  const replaceWith = async (
    next: Dossier,
    code: string,
    facts: Record<string, string>,
    done: string,
  ) => {
    await keepFirst();
    setPending(undefined);
    const outcome = store.replaceAll(next, { code, facts });
    if (outcome.kind === 'refused' || outcome.kind === 'conflict') return;
    await store.settled();
    const stored = store.getState().storage.kind === 'saved';
    notify({
      text: stored
        ? done
        : `${done} The browser has not stored it: it lasts until this tab closes.`,
      tone: stored ? 'plain' : 'lasting',
      act: { word: 'Undo', run: () => store.undo() },
    });
  };
  const askFirst = (what: string, run: () => void) =>
    isEmptyDossier(dossier) ? run() : setPending({ what, run });

  /** Where the browser has no room for a dossier more. */
  const replaceByExample = () => {
    setPending(undefined);
    void keepFirst().then(() => openExample(store));
  };

  /** The dossier of a file, or `undefined` with the reason said. */
  const readFile = async (file: File): Promise<Dossier | undefined> => {
    setRefused(undefined);
    const parsed =
      file.size > FILE_SIZE_LIMIT
        ? {
            kind: 'fault' as const,
            fault: { code: 'file-too-large' as const, bytes: file.size, limit: FILE_SIZE_LIMIT },
          }
        : await parseFile(file);
    if (parsed.kind === 'dossier') return parsed.dossier;
    setRefused(`${file.name}: ${fileFaultWords(parsed.fault)}`);
    return undefined;
  };

  return {
    dossier,
    refused,
    pending,
    cancel: () => setPending(undefined),
    other,
    closeOther: () => setOther(undefined),
    save: () => saveDossier(dossier, 'jugator'),
    share: () => saveDossier(shortlistOnly(dossier), 'jugator-shortlist'),
    async open(file) {
      const read = await readFile(file);
      if (read)
        askFirst(
          `Opening ${file.name} takes the place of`,
          () => void replaceWith(read, 'import-file', { file: file.name }, `${file.name} is open.`),
        );
    },
    async compare(file) {
      const read = await readFile(file);
      if (read) setOther({ file: file.name, dossier: read });
    },
    wipe: () =>
      askFirst(
        'Clearing takes away',
        () => void replaceWith(EMPTY_DOSSIER, 'wipe', {}, 'Everything is cleared.'),
      ),
    example() {
      // It never stands in the way of the rider's own: beside it, it is a dossier of its own.
      if (isEmptyDossier(dossier)) void openExample(store);
      else
        void exampleDossier()
          .then((made) => dossiers.add('The example', made))
          .catch(() => askFirst('The example takes the place of', replaceByExample));
    },
  };
}
