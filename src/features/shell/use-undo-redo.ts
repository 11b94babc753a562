'use client';
import { useCallback } from 'react';
import { canRedo, canUndo } from '@/store/dossier-state';
import { useDossierState, useDossierStore } from '@/store/react';
import { commandWords } from '@/ui/messages';
import { notify } from '@/ui/notice';

export interface UndoRedo {
  /** What the next undo takes back, in words; absent when there is nothing. */
  readonly undoes: string | undefined;
  readonly redoes: string | undefined;
  readonly undo: () => void;
  readonly redo: () => void;
}

export function useUndoRedo(): UndoRedo {
  const store = useDossierStore();
  const history = useDossierState((s) => s.history);
  const [last, next] = [canUndo(history), canRedo(history)];
  const undo = useCallback(() => {
    const label = store.undo();
    if (label) notify({ text: `Undid: ${commandWords(label)}.`, tone: 'plain' });
  }, [store]);
  const redo = useCallback(() => {
    const label = store.redo();
    if (label) notify({ text: `Did again: ${commandWords(label)}.`, tone: 'plain' });
  }, [store]);
  return {
    undoes: last && commandWords(last.label),
    redoes: next && commandWords(next.label),
    undo,
    redo,
  };
}
