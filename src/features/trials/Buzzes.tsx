'use client';
import type { Buzz, Trial } from '@/core/evidence';
import { TRIAL_LIMITS } from '@/store/records';
import { AmountField, measured } from '@/ui/stored';
import type { TrialsModel } from './use-trials';

/** Between which speeds it buzzes; one typed alone stands for both. */
export function Buzzes({ trial, model }: { readonly trial: Trial; readonly model: TrialsModel }) {
  const { buzz } = trial.observed;
  const speed = (end: keyof Buzz, label: string) => (
    <AmountField
      id={`trial-${trial.id}-${end}`}
      label={label}
      value={buzz?.[end]}
      quantity={measured('speed', model.reader)}
      limits={TRIAL_LIMITS.buzz_kmh}
      required={false}
      onSet={(value) => {
        const next =
          value === undefined
            ? undefined
            : { from_kmh: value, to_kmh: value, ...buzz, [end]: value };
        return model.observe(trial, 'buzz', next && inTurn(next));
      }}
    />
  );
  return (
    <>
      {speed('from_kmh', 'Vibrates from (real speed)')}
      {speed('to_kmh', 'Vibrates up to')}
    </>
  );
}

/** The lower speed first, whichever was typed. */
const inTurn = ({ from_kmh, to_kmh }: Buzz): Buzz => ({
  from_kmh: Math.min(from_kmh, to_kmh),
  to_kmh: Math.max(from_kmh, to_kmh),
});
