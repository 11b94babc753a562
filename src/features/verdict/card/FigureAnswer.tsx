'use client';
import { Box, Button, Flex, Input, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { figureUnit, type FigureKey, type Origin } from '@/core/readings';
import { unitEntry } from '@/core/units';
import { PressRow } from '@/ui/fields';
import { formatQuoted, trimmed } from '@/ui/messages';
import type { CardModel } from './use-card';
import type { Question } from './card-questions';

const ORIGINS = [
  { value: 'measured', words: 'I measured it' },
  { value: 'claimed', words: 'it says so' },
  { value: 'heard', words: 'they told me' },
] as const satisfies readonly { readonly value: Origin; readonly words: string }[];
type Said = (typeof ORIGINS)[number]['value'];

/** A figure taken at the machine: typed with or without a unit, and how it is known in one large press. */
export function FigureAnswer({
  question: { key, words, reading },
  model,
}: {
  readonly question: Question;
  readonly model: CardModel;
}) {
  const figure = key as FigureKey;
  const [typed, setTyped] = useState('');
  const [fault, setFault] = useState<string>();
  const unit = reading?.unit ?? figureUnit(figure, model.reader.units, model.reader.currency);
  const write = (origin: Said | undefined) => {
    const text =
      typed.trim() === '' && reading ? formatQuoted(reading.amount, reading.unit) : typed;
    if (origin === undefined) return;
    // A bare sum of money is in the brief's currency here: the card shows it beside the field.
    const parsed = model.parseFigure(
      figure,
      /[\d.,\s]$/.test(text) && text.trim() !== ''
        ? `${text.trim()} ${unitEntry(unit).symbol}`
        : text,
    );
    if (parsed.kind === 'fault') return setFault(parsed.words);
    if (!parsed.value) return setFault('Type the figure first, then press how you know it.');
    setFault(undefined);
    setTyped('');
    model.answerFigure(figure, parsed.value, origin);
  };
  return (
    <Box>
      <Flex gap="2" align="center" mb="2" wrap="wrap">
        <Input
          aria-label={words.name}
          inputMode="decimal"
          autoComplete="off"
          height="52px"
          fontSize="lg"
          width="140px"
          flexShrink={0}
          textAlign="right"
          bg="bg.panel"
          borderWidth="2px"
          borderColor={fault ? 'fail' : 'border.emphasized'}
          value={typed}
          placeholder={reading ? trimmed(reading.amount) : ''}
          onChange={(e) => {
            setTyped(e.target.value);
            setFault(undefined);
          }}
        />
        <Text fontSize="md" whiteSpace="nowrap">
          {unitEntry(unit).symbol}
        </Text>
        {reading && (
          <Button
            size="sm"
            variant="ghost"
            onClick={() => model.answerFigure(figure, undefined, 'measured')}
          >
            Take back {formatQuoted(reading.amount, reading.unit)}
          </Button>
        )}
      </Flex>
      <PressRow
        large
        label={`How you know: ${words.name}`}
        value={typed === '' ? (reading?.origin as Said | undefined) : undefined}
        onPress={write}
        options={ORIGINS}
      />
      {fault && (
        <Text role="alert" color="fail" fontWeight="600" mt="1">
          {fault}
        </Text>
      )}
    </Box>
  );
}
