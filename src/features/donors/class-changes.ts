import type { Donor, DonorClass } from '@/core/donor';
import type { Change } from '@/store/history';

/** What a donor's class chosen by the rider changes: it is guessed no longer. */
export const classChanges = (own: Donor, donorClass: DonorClass): readonly Change[] => {
  const change = { table: 'donors', key: own.id } as const;
  return [
    { ...change, path: ['donorClass'], before: own.donorClass, after: donorClass },
    ...(own.classGuessed === undefined
      ? []
      : [{ ...change, path: ['classGuessed'], before: own.classGuessed, after: undefined }]),
  ];
};
