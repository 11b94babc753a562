'use client';
import { Box, Flex, IconButton, Input, Text } from '@chakra-ui/react';
import { X } from 'lucide-react';
import { useState } from 'react';
import { AFFECTED_FIGURES, type AffectedFigure, type Part, type PartEffect } from '@/core/part';
import { figureUnit } from '@/core/readings';
import { fromBase, parseNumber, toBase, unitEntry } from '@/core/units';
import { Choice } from '@/ui/fields';
import { AFFECTED_WORDS, trimmed, type Reader } from '@/ui/messages';

const CHANGES = [
  ['add', 'changes by'],
  ['set', 'becomes'],
  ['scale', 'changes by %'],
] as const;
const NEUTRAL: Readonly<Record<PartEffect['change'], number>> = { add: 0, set: 1, scale: 1 };

/** What the part does to the machine's figures, in the rider's units. */
export function EffectList({
  part,
  reader,
  onSet,
}: {
  readonly part: Part;
  readonly reader: Reader;
  readonly onSet: (effects: readonly PartEffect[]) => void;
}) {
  const put = (index: number, effect: PartEffect | undefined) =>
    onSet(part.effects.flatMap((e, i) => (i !== index ? [e] : effect ? [effect] : [])));
  const free = AFFECTED_FIGURES.filter((f) => !part.effects.some((e) => e.figure === f));
  return (
    <Box py="1">
      <Text fontWeight="700">What it changes</Text>
      {part.effects.map((effect, i) => (
        <Flex key={`${effect.figure}-${effect.change}`} gap="1.5" align="center" py="0.5">
          <Text flex="1">{AFFECTED_WORDS[effect.figure]}</Text>
          <Choice
            aria-label={`${AFFECTED_WORDS[effect.figure]}: how`}
            wide="120px"
            value={effect.change}
            options={CHANGES.map(([value, words]) => ({ value, words }))}
            onChange={(e) => {
              const change = e.target.value as PartEffect['change'];
              put(i, { ...effect, change, amount: NEUTRAL[change] });
            }}
          />
          <EffectAmount
            effect={effect}
            reader={reader}
            onSet={(amount) => put(i, { ...effect, amount })}
          />
          <IconButton
            size="xs"
            variant="ghost"
            aria-label={`It leaves ${AFFECTED_WORDS[effect.figure]} alone`}
            onClick={() => put(i, undefined)}
          >
            <X size={14} />
          </IconButton>
        </Flex>
      ))}
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

function EffectAmount({
  effect,
  reader,
  onSet,
}: {
  readonly effect: PartEffect;
  readonly reader: Reader;
  readonly onSet: (amount: number) => void;
}) {
  const [typed, setTyped] = useState<string>();
  const unit = figureUnit(effect.figure, reader.units, reader.currency);
  const reciprocal = unitEntry(unit).factor === undefined;
  const shownUnit =
    effect.change === 'scale' ? '%' : reciprocal ? 'L/100 km' : unitEntry(unit).symbol;
  const shown =
    effect.change === 'scale'
      ? (effect.amount - 1) * 100
      : reciprocal
        ? effect.amount
        : fromBase(effect.amount, unit);
  const bad = typed !== undefined && parseNumber(typed) === undefined;
  const change = (text: string) => {
    setTyped(text);
    const value = parseNumber(text);
    if (value === undefined) return;
    if (effect.change === 'scale') {
      if (value > -95 && value < 400) onSet(1 + value / 100);
    } else if (effect.change === 'add' || value > 0)
      onSet(reciprocal ? value : toBase(value, unit));
  };
  return (
    <Flex align="center" gap="1">
      <Input
        size="sm"
        width="76px"
        px="2"
        textAlign="right"
        inputMode="decimal"
        bg="bg.panel"
        borderColor={bad ? 'fail' : 'border.emphasized'}
        aria-label={`${AFFECTED_WORDS[effect.figure]}: by how much, ${shownUnit}`}
        aria-invalid={bad || undefined}
        value={typed ?? trimmed(shown, 2)}
        onChange={(e) => change(e.target.value)}
        onBlur={() => !bad && setTyped(undefined)}
      />
      <Text fontSize="xs" color="fg.muted" width="46px">
        {shownUnit}
      </Text>
    </Flex>
  );
}
