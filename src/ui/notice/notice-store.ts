import { createStore, useStore } from 'zustand';

export interface Notice {
  readonly text: string;
  /** `plain` goes away by itself, `lasting` stays until it is dismissed. */
  readonly tone: 'plain' | 'lasting';
  /** Shown as a button beside the text. */
  readonly act?: { readonly word: string; readonly run: () => void };
}

const notices = createStore<{ readonly notice: Notice | undefined; readonly count: number }>(
  () => ({ notice: undefined, count: 0 }),
);

/** Says one thing at the foot of the page; the next one takes its place. */
export const notify = (notice: Notice): void =>
  notices.setState((s) => ({ notice, count: s.count + 1 }));
export const dismissNotice = (): void => notices.setState({ notice: undefined });
export const useNotice = (): { readonly notice: Notice | undefined; readonly count: number } =>
  useStore(notices);
