'use client';
import { Box, Flex, IconButton, Input } from '@chakra-ui/react';
import { Pin, Plus } from 'lucide-react';
import {
  figureDefinition,
  ORIGINS,
  type Basis,
  type Figure,
  type FigureKey,
  type Origin,
  type Reading,
} from '@/core/readings';
import { Choice } from '@/ui/fields';
import { BASIS_WORDS, formatQuoted, ORIGIN_WORDS } from '@/ui/messages';
import { withDetail } from '@/ui/stored';

interface ReadingDetailsProps {
  /** The figure's name. */
  readonly name: string;
  readonly figureKey: FigureKey;
  readonly figure: Figure | undefined;
  readonly reading: Reading;
  readonly inUse: boolean;
  /** Adds another reading; none where this is not the row to do it. */
  readonly onAdd: (() => void) | undefined;
  readonly put: (before: unknown, after: Figure | undefined, coalesce: string) => unknown;
}

/** How a reading was taken, who said so, where it is from, and whether it is the one always used. */
export function ReadingDetails({
  name,
  figureKey,
  figure,
  reading,
  inUse,
  onAdd,
  put,
}: ReadingDetailsProps) {
  const definition = figureDefinition(figureKey);
  const detail = (change: { basis?: Basis; origin?: Origin; note?: string }) =>
    figure && put(figure, withDetail(figure, reading, change), `${reading.id}-detail`);
  return (
    <>
      {definition.bases.length > 1 ? (
        <Choice
          aria-label={`${name}: basis`}
          wide="100%"
          value={reading.basis}
          options={definition.bases.map((b) => ({ value: b, words: BASIS_WORDS[b] }))}
          onChange={(e) => detail({ basis: e.target.value as Basis })}
        />
      ) : (
        <Box display={{ base: 'none', xl: 'block' }} />
      )}
      <Choice
        aria-label={`${name}: origin`}
        wide="100%"
        value={reading.origin}
        options={ORIGINS.map((o) => ({ value: o, words: ORIGIN_WORDS[o] }))}
        onChange={(e) => detail({ origin: e.target.value as Origin })}
      />
      <Input
        size="sm"
        px="2"
        variant="flushed"
        borderColor="border.muted"
        aria-label={`${name}: where from`}
        placeholder="where from"
        value={reading.note}
        maxLength={400}
        onChange={(e) => detail({ note: e.target.value })}
      />
      <Flex justify="flex-end">
        {figure && figure.readings.length > 1 && (
          <IconButton
            size="xs"
            variant={figure.pinned === reading.id ? 'solid' : 'ghost'}
            aria-pressed={figure.pinned === reading.id}
            aria-label={`${name}: ${figure.pinned === reading.id ? 'let the rule choose again' : `always use ${formatQuoted(reading.amount, reading.unit)}`}`}
            title={inUse ? 'This reading is in use' : 'Use this reading'}
            color={figure.pinned === reading.id ? undefined : inUse ? 'accent' : 'fg.subtle'}
            onClick={() =>
              put(
                figure,
                figure.pinned === reading.id
                  ? { readings: figure.readings }
                  : { ...figure, pinned: reading.id },
                'pin',
              )
            }
          >
            <Pin size={15} fill={inUse ? 'currentColor' : 'none'} />
          </IconButton>
        )}
        {onAdd && (
          <IconButton
            size="xs"
            variant="ghost"
            aria-label={`${name}: add another reading`}
            title="Another reading"
            onClick={onAdd}
          >
            <Plus size={15} />
          </IconButton>
        )}
      </Flex>
    </>
  );
}
