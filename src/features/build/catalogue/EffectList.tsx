'use client';
import { Box, Flex, IconButton, Text } from '@chakra-ui/react';
import { X } from 'lucide-react';
import { useState } from 'react';
import {
  AFFECTED_FIGURES,
  EFFECT_CHANGES,
  effectLimits,
  effectSpreadLimits,
  type AffectedFigure,
  type EffectChange,
  type Part,
  type PartEffect,
} from '@/core/part';
import { figureUnit } from '@/core/readings';
import { unitEntry } from '@/core/units';
import type { Outcome } from '@/store/dossier-state';
import { Choice } from '@/ui/fields';
import { AFFECTED_WORDS, type Reader } from '@/ui/messages';
import { AmountInput, type Quantity } from '@/ui/stored';

const CHANGE_WORDS: Readonly<Record<EffectChange, string>> = {
  add: 'changes by',
  set: 'becomes',
  scale: 'changes by %',
};
/** What leaves a figure as it is; nothing does that sets it, so that amount is asked for before it counts. */
const NEUTRAL: Readonly<Record<EffectChange, number | undefined>> = {
  add: 0,
  set: undefined,
  scale: 1,
};

/** An effect as the row shows it: its amount may still be asked for. */
type Shown = Omit<PartEffect, 'amount'> & { readonly amount: number | undefined };

/** What the part does to the machine's figures, in the rider's units. */
export function EffectList({
  part,
  reader,
  onSet,
}: {
  readonly part: Part;
  readonly reader: Reader;
  readonly onSet: (effects: readonly PartEffect[]) => Outcome;
}) {
  /** The figure whose amount is still asked for. */
  const [setting, setSetting] = useState<AffectedFigure>();
  const put = (figure: AffectedFigure, effect: PartEffect | undefined) =>
    onSet(part.effects.flatMap((e) => (e.figure !== figure ? [e] : effect ? [effect] : [])));
  const shown = (effect: PartEffect): Shown =>
    effect.figure === setting ? { ...effect, change: 'set', amount: undefined } : effect;
  const choose = (effect: PartEffect, change: EffectChange) => {
    const amount = NEUTRAL[change];
    setSetting(amount === undefined ? effect.figure : undefined);
    if (amount !== undefined) put(effect.figure, { ...effect, change, amount, spread: undefined });
  };
  const free = AFFECTED_FIGURES.filter((f) => !part.effects.some((e) => e.figure === f));
  return (
    <Box py="1">
      <Text fontWeight="700">What it changes</Text>
      {part.effects.map((stored) => {
        const effect = shown(stored);
        return (
          <Box key={effect.figure} py="1" borderTopWidth="1px" borderColor="border.muted">
            <Flex align="center" justify="space-between">
              <Text>{AFFECTED_WORDS[effect.figure]}</Text>
              <IconButton
                size="xs"
                variant="ghost"
                aria-label={`It leaves ${AFFECTED_WORDS[effect.figure]} alone`}
                onClick={() => put(effect.figure, undefined)}
              >
                <X size={14} />
              </IconButton>
            </Flex>
            <Flex gap="1.5" align="center" wrap="wrap">
              <Choice
                aria-label={`${AFFECTED_WORDS[effect.figure]}: how`}
                wide="128px"
                value={effect.change}
                options={EFFECT_CHANGES.map((value) => ({ value, words: CHANGE_WORDS[value] }))}
                onChange={(e) => choose(stored, e.target.value as EffectChange)}
              />
              <EffectAmount
                key={effect.change}
                id={`part-${part.id}-${effect.figure}-${effect.change}`}
                effect={effect}
                reader={reader}
                onSet={(amount) => {
                  const outcome = put(effect.figure, { ...effect, amount });
                  if (outcome.kind === 'done') setSetting(undefined);
                  return outcome;
                }}
              />
              <EffectSpread
                key={`${effect.change}-spread`}
                id={`part-${part.id}-${effect.figure}-${effect.change}-spread`}
                effect={effect}
                reader={reader}
                onSet={(spread) => put(effect.figure, { ...stored, spread })}
              />
            </Flex>
          </Box>
        );
      })}
      {free.length > 0 && (
        <Choice
          aria-label="Another figure it changes"
          wide="100%"
          value=""
          options={[
            { value: '', words: 'it also changes …' },
            ...free.map((f) => ({ value: f, words: AFFECTED_WORDS[f] })),
          ]}
          onChange={(e) =>
            e.target.value &&
            onSet([
              ...part.effects,
              { figure: e.target.value as AffectedFigure, change: 'add', amount: 0 },
            ])
          }
        />
      )}
    </Box>
  );
}

/** An effect's amount is kept in the figure's base unit; consumption is added to and set as it is kept, since what is spared of a distance per volume is no number of its own. */
function quantityOf({ figure, change }: Shown, reader: Reader): Quantity {
  if (change === 'scale') return { kind: 'change' };
  const unit = figureUnit(figure, reader.units, reader.currency);
  const { dimension, factor, symbol } = unitEntry(unit);
  if (dimension === 'money') return { kind: 'sum', currency: reader.currency };
  return factor === undefined
    ? { kind: 'plain', sign: 'L/100 km' }
    : { kind: 'measured', dimension, unit, places: symbol === 'in' ? 2 : 1 };
}

function EffectAmount({
  id,
  effect,
  reader,
  onSet,
}: {
  readonly id: string;
  readonly effect: Shown;
  readonly reader: Reader;
  readonly onSet: (amount: number) => Outcome;
}) {
  return (
    <AmountInput
      id={id}
      label={`${AFFECTED_WORDS[effect.figure]}: by how much`}
      wide="116px"
      quantity={quantityOf(effect, reader)}
      limits={effectLimits(effect.figure, effect.change)}
      required
      value={effect.amount}
      onSet={(amount) => onSet(amount ?? 0)}
    />
  );
}

/** How far what it does may lie off; that of a factor is typed in per cent, as the factor is. */
function EffectSpread({
  id,
  effect,
  reader,
  onSet,
}: {
  readonly id: string;
  readonly effect: Shown;
  readonly reader: Reader;
  readonly onSet: (spread: number | undefined) => Outcome;
}) {
  const { min, max } = effectSpreadLimits(effect.figure, effect.change);
  const from = effect.change === 'scale' ? 1 : 0;
  return (
    <Flex gap="1.5" align="center">
      <Text aria-hidden color="fg.muted">
        ±
      </Text>
      <AmountInput
        id={id}
        label={`${AFFECTED_WORDS[effect.figure]}: give or take`}
        wide="112px"
        empty="exactly"
        quantity={quantityOf(effect, reader)}
        limits={{ min: min + from, max: max + from }}
        required={false}
        value={effect.spread === undefined ? undefined : effect.spread + from}
        onSet={(spread) => {
          const by = spread === undefined ? undefined : Math.round((spread - from) * 1e6) / 1e6;
          return onSet(by === 0 ? undefined : by);
        }}
      />
    </Flex>
  );
}
