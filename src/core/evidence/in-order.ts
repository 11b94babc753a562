import type { Trial } from './trial';

/** Oldest first; those whose day was not noted before all others. */
export const inOrder = (trials: readonly Trial[]): readonly Trial[] =>
  trials.toSorted((a, b) => {
    const [first, second] = [a.on ?? '', b.on ?? ''];
    return first === second ? Number(a.id > b.id) - Number(a.id < b.id) : first < second ? -1 : 1;
  });
