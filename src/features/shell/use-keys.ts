'use client';
import { useRouter } from 'next/navigation';
import { useLayoutEffect } from 'react';
import { useUndoRedo } from './use-undo-redo';
import { STEPS } from './steps';

/** Every key and what it does; the help lists this. */
export const KEY_LIST: readonly { readonly keys: string; readonly does: string }[] = [
  ...STEPS.map((s) => ({ keys: s.key.toUpperCase(), does: `go to ${s.name}` })),
  { keys: 'Ctrl Z', does: 'undo' },
  { keys: 'Ctrl Shift Z', does: 'redo' },
  { keys: '?', does: 'this list' },
  { keys: 'Tab, arrows', does: 'move; arrows change a share slider' },
  { keys: 'Esc', does: 'close what is open' },
];

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName)) &&
  !['checkbox', 'range'].includes((target as HTMLInputElement).type);

/** Steps by number, undo and redo, help. Typing in a field keeps its own keys. */
export function useKeys(openHelp: () => void): void {
  const router = useRouter();
  const { undo, redo } = useUndoRedo();
  // Before the frame is shown: a key pressed as soon as the screen stands must not be lost.
  useLayoutEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (isTyping(event.target)) return;
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z') {
        event.preventDefault();
        if (event.shiftKey) redo();
        else undo();
        return;
      }
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      if (event.key === '?') openHelp();
      const step = STEPS.find((s) => s.key === event.key.toLowerCase());
      if (step) router.push(step.path);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [router, undo, redo, openHelp]);
}
