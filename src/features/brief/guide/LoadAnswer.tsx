'use client';

import { PressRow } from '@/ui/fields';
import { formatWithUnit } from '@/ui/messages';
import { BriefFigureField } from '../BriefFields';
import { AnswerProps } from './answer-props';
import { Bar } from './MoneyAnswer';

const LOADS = [5, 15, 25, 40] as const;
const LOAD_WORDS: Readonly<Record<(typeof LOADS)[number], string>> = {
  5: 'a day bag',
  15: 'beds and cafés',
  25: 'a tent, cooking',
  40: 'a tent for two, tools, tyres',
};

export function Load({ model }: AnswerProps) {
  const { brief, reader } = model;
  const { luggage_kg, pillion_kg } = brief.trip;
  return (
    <>
      <PressRow
        label="Luggage"
        large
        value={LOADS.map(String).find((l) => Number(l) === luggage_kg)}
        options={LOADS.map((kg) => ({
          value: String(kg),
          words: LOAD_WORDS[kg],
          also: formatWithUnit(kg, 'mass', reader),
        }))}
        onPress={(value) =>
          value !== undefined &&
          model.edit(['trip', 'luggage_kg'], Number(value), 'trip.luggage_kg')
        }
      />
      <BriefFigureField model={model} path="trip.luggage_kg" hint="all of it, cases too" />
      <BriefFigureField model={model} path="trip.pillion_kg" hint="with kit; empty: alone" />
      <Bar
        parts={[
          { name: 'you', of: brief.rider.mass_kg + brief.rider.kit_kg },
          { name: 'passenger', of: pillion_kg ?? 0 },
          { name: 'luggage', of: luggage_kg },
        ]}
        words={(kg) => formatWithUnit(kg, 'mass', reader)}
        whole="to be carried"
      />
    </>
  );
}
