'use client';
import { Text } from '@chakra-ui/react';
import { seenId, type Trial } from '@/core/evidence';
import { figureDefinition, figureUnit, type FigureKey } from '@/core/readings';
import { fromBase, toBase } from '@/core/units';
import { FIGURE_WORDS } from '@/ui/messages';
import { AmountField, measured } from '@/ui/stored';
import type { TrialsModel } from './use-trials';

/** What a tape tells while somebody sits on it. */
const TAPED = ['seatSettle', 'pegHeight', 'barHeight'] as const satisfies readonly FigureKey[];

/** Lengths taken with a tape while the rider sits on it: readings of the machine, in the rider's own unit. */
export function Taped({ trial, model }: { readonly trial: Trial; readonly model: TrialsModel }) {
  const { figures = {} } = trial.observed;
  const { reader } = model;
  const read = (key: FigureKey, mm: number) => {
    const unit = figureUnit(key, reader.units, reader.currency);
    return {
      id: seenId(key),
      amount: Math.round(fromBase(mm, unit) * 100) / 100,
      unit,
      basis: figureDefinition(key).bases[0],
      origin: 'measured' as const,
      note: trial.on === undefined ? 'taped' : `taped, ${trial.on}`,
    };
  };
  return (
    <>
      {TAPED.map((key) => {
        const now = figures[key];
        const { [key]: _old, ...rest } = figures;
        return (
          <AmountField
            key={key}
            id={`trial-${trial.id}-${key}`}
            label={FIGURE_WORDS[key]}
            empty="not taped"
            value={now && toBase(now.amount, now.unit)}
            quantity={measured('length', reader)}
            limits={figureDefinition(key).limits}
            required={false}
            onSet={(mm) =>
              model.observe(
                trial,
                'figures',
                mm === undefined ? rest : { ...rest, [key]: read(key, mm) },
              )
            }
          />
        );
      })}
      <Text fontSize="xs" color="fg.muted">
        Seat: from the ground to the seat beside your thigh, off it and then on it in your kit; the
        difference. Pegs and bar: from the ground, machine upright.
      </Text>
    </>
  );
}
