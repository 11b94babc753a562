import type { Standing } from '@/store/queries';
import { listWords, MUST_SHORT, type NotKnown } from '@/ui/messages';
import type { View } from '../use-weigh-up';

/** The musts of each candidate that nothing is known about, not even what is typical: they are neither kept nor broken in any draw. */
export const mustsNotKnown = ({ candidates }: Standing, view: View): NotKnown =>
  new Map(
    candidates.flatMap((entry) => {
      const { musts } = view === 'stock' ? entry.stock : entry.built;
      const open = musts.filter((m) => m.chance === undefined);
      return open.length === 0
        ? []
        : [[entry.candidate.id, listWords(open.map((m) => MUST_SHORT[m.key]))]];
    }),
  );
