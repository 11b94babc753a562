'use client';
import { Text } from '@chakra-ui/react';
import type { Brief } from '@/core/brief';
import { DONOR_CLASSES } from '@/core/donor';
import { typicalOf } from '@/core/typical';
import { PressRow } from '@/ui/fields';
import { CLASS_WORDS, CLASS_SHORT, formatWithUnit } from '@/ui/messages';
import { withMust } from './answer-props';
import { AnswerProps } from './answer-props';
import { BriefFigureField } from '../BriefFields';
import { Scale, ScaleSpan } from './Scale';

export const spans = (
  of: (c: (typeof DONOR_CLASSES)[number]) => Omit<ScaleSpan, 'name' | 'short'> | undefined,
) =>
  DONOR_CLASSES.flatMap((c): ScaleSpan[] => {
    const span = of(c);
    return span ? [{ name: CLASS_WORDS[c], short: CLASS_SHORT[c], ...span }] : [];
  });

/** How far a usual tank goes with the reserve kept back, in dry figures: full tank over mixed use. */
function rangeSpan(brief: Brief, c: (typeof DONOR_CLASSES)[number]) {
  const tank = typicalOf(c, 'tank', brief.typical);
  const use = typicalOf(c, 'consumption', brief.typical);
  if (!tank || !use) return undefined;
  const far = (litres: number) => (litres / use.mid) * 100 * (1 - brief.trip.reserve_percent / 100);
  return { low: far(tank.low), mid: far(tank.mid), high: far(tank.high) };
}

export function Fuel({ model }: AnswerProps) {
  const { brief, reader } = model;
  return (
    <>
      <Scale
        label="How far a tank goes, reserve kept back, bare and at an easy pace"
        spans={spans((c) => rangeSpan(brief, c))}
        asked={brief.trip.fuelGap_km}
        askedWords={formatWithUnit(brief.trip.fuelGap_km, 'distance', reader)}
        format={(v) => formatWithUnit(v, 'distance', reader)}
      />
      <Text fontSize="xs" color="fg.muted" mb="1">
        How far a usual tank goes, reserve kept back, before load, wind and pace take their part.
      </Text>
      <BriefFigureField model={model} path="trip.fuelGap_km" />
      <BriefFigureField model={model} path="trip.cruise_kmh" hint="real, not indicated" />
      <PressRow
        label="Holding the cruise"
        value={brief.musts.on.includes('cruise') ? 'must' : 'wish'}
        options={[
          { value: 'must', words: 'must hold the cruise' },
          { value: 'wish', words: 'cruise is a wish' },
        ]}
        onPress={(value) => withMust(model, 'cruise', value === 'must')}
      />
    </>
  );
}
