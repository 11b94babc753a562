'use client';
import { Box, Button, Flex, Grid, IconButton, Input, Text } from '@chakra-ui/react';
import { Pin, Plus } from 'lucide-react';
import { useState } from 'react';
import { donorName, type Donor } from '@/core/donor';
import {
  figureDefinition,
  ORIGINS,
  readingInUse,
  rivalReadings,
  type Basis,
  type Figure,
  type FigureKey,
  type NormalFigure,
  type Origin,
  type Reading,
} from '@/core/readings';
import type { Command } from '@/store/history';
import { useDossierStore, useDraftText } from '@/store/react';
import { Choice, useTerm } from '@/ui/fields';
import {
  BASIS_WORDS,
  FIGURE_WORDS,
  formatQuoted,
  ORIGIN_WORDS,
  type Reader,
  recordFaultWords,
  termOf,
} from '@/ui/messages';
import { SeenRows } from './SeenRows';
import { TypicalLine } from './TypicalLine';
import { parseQuoted, quotedText, withAmount, withDetail, type QuotedAmount } from '@/ui/stored';
import { NormalLine } from './NormalLine';

export const FIGURE_COLUMNS = {
  base: '1fr 1fr',
  xl: '112px 104px 184px 136px minmax(52px, 1fr) 48px',
};

interface RowsProps {
  /** The donor's own record. */
  readonly donor: Donor;
  /** With all it inherits. */
  readonly resolved: Donor;
  readonly name: string;
  readonly figureKey: FigureKey;
  /** What the model or variant it stands on says, where its own record says nothing. */
  readonly inherited: Figure | undefined;
  readonly normal: NormalFigure | undefined;
  readonly reader: Reader;
}

/** One figure of a donor: each reading as quoted, and what it comes to on the basis everything is compared on. */
export function FigureRows({
  donor,
  resolved,
  name,
  figureKey,
  inherited,
  normal,
  reader,
}: RowsProps) {
  const figure = donor.figures[figureKey];
  const [adding, setAdding] = useState(false);
  const [freshId, setFreshId] = useState(() => crypto.randomUUID());
  const readings: readonly (Reading | undefined)[] = figure
    ? [
        ...figure.readings,
        ...(adding && !figure.readings.some((r) => r.id === freshId) ? [undefined] : []),
      ]
    : [undefined];
  const inUse = readingInUse(figure);
  const rivals = new Set(rivalReadings(figureKey, figure).map((r) => r.id));
  const taken = figure ? undefined : readingInUse(inherited);
  return (
    <Box borderTopWidth="1px" borderColor="border.muted" py="1.5">
      {readings.map((reading, i) => (
        <ReadingRow
          key={reading?.id ?? freshId}
          donor={donor}
          donorName={name}
          placeholder={taken ? `takes over ${quotedText(taken)}` : 'not known'}
          rival={reading !== undefined && rivals.has(reading.id)}
          figureKey={figureKey}
          figure={figure}
          reading={reading}
          reader={reader}
          first={i === 0}
          newId={freshId}
          inUse={readings.length > 1 && reading !== undefined && reading.id === inUse?.id}
          onAdd={
            figure && !adding
              ? () => {
                  setFreshId(crypto.randomUUID());
                  setAdding(true);
                }
              : undefined
          }
          onDone={() => setAdding(false)}
        />
      ))}
      <SeenRows donorId={donor.id} name={name} line={figureKey} />
      <NormalLine figureKey={figureKey} normal={normal} reader={reader} />
      {!normal?.reading && <TypicalLine donor={resolved} line={figureKey} reader={reader} />}
    </Box>
  );
}

interface ReadingRowProps {
  readonly donor: Donor;
  readonly donorName: string;
  readonly placeholder: string;
  /** Cannot be right together with the reading in use. */
  readonly rival: boolean;
  readonly figureKey: FigureKey;
  readonly figure: Figure | undefined;
  readonly reading: Reading | undefined;
  readonly reader: Reader;
  readonly first: boolean;
  readonly newId: string;
  readonly inUse: boolean;
  readonly onAdd: (() => void) | undefined;
  readonly onDone: () => void;
}

function ReadingRow({
  donor,
  donorName: donorWords,
  placeholder,
  rival,
  figureKey,
  figure,
  reading,
  reader,
  first,
  newId,
  inUse,
  onAdd,
  onDone,
}: ReadingRowProps) {
  const { press, note } = useTerm(termOf(figureKey, reader));
  const store = useDossierStore();
  const definition = figureDefinition(figureKey);
  const name = FIGURE_WORDS[figureKey];
  const id = `figure-${figureKey}-${reading?.id ?? 'new'}`;
  const put = (before: unknown, after: Figure | undefined, coalesce: string, said?: 'atField') => {
    const command: Command = {
      label: {
        code: 'edit-reading',
        facts: { name: donorWords || donorName(donor), figure: figureKey },
      },
      coalesce: `${donor.id}/${figureKey}/${coalesce}`,
      changes: [{ table: 'donors', key: donor.id, path: ['figures', figureKey], before, after }],
    };
    return store.execute(command, said);
  };
  const field = useDraftText<QuotedAmount | undefined>({
    draftKey: `donor/${donor.id}/${figureKey}/${reading?.id ?? 'new'}`,
    shown: quotedText(reading),
    base: figure,
    parse: (text) => parseQuoted(figureKey, text, reading, reader),
    commit(quoted, before) {
      // Text that is emptied takes the reading away only when the rider leaves the field.
      return quoted
        ? put(
            before,
            withAmount(figureKey, before as Figure | undefined, reading, quoted, newId),
            reading?.id ?? newId,
            'atField',
          )
        : { kind: 'nothing' };
    },
    committed: (quoted) =>
      quoted ? withAmount(figureKey, figure, reading, quoted, newId) : figure,
    refusalWords: recordFaultWords,
  });
  const onBlur = () => {
    field.onBlur();
    if (field.text.trim() === '' && reading)
      put(figure, withAmount(figureKey, figure, reading, undefined, newId), 'remove');
    if (!reading && !field.fault) onDone();
  };
  const detail = (change: { basis?: Basis; origin?: Origin; note?: string }) =>
    figure && reading && put(figure, withDetail(figure, reading, change), `${reading.id}-detail`);
  return (
    <Box>
      <Grid templateColumns={FIGURE_COLUMNS} gap="1.5" alignItems="center" py="0.5">
        <Box>
          <label htmlFor={id} style={{ visibility: first ? 'visible' : 'hidden' }}>
            {name}
            {first ? '' : ', another reading'}
          </label>
          {first && press}
        </Box>
        <Input
          id={id}
          size="sm"
          px="2"
          bg="bg.panel"
          borderColor={field.fault ? 'fail' : 'border.emphasized'}
          borderWidth={field.fault ? '2px' : '1px'}
          textAlign="right"
          autoComplete="off"
          gridColumn={reading ? undefined : { xl: 'span 2' }}
          placeholder={placeholder}
          value={field.text}
          aria-invalid={field.fault ? true : undefined}
          aria-describedby={field.fault ? `${id}-fault` : undefined}
          onFocus={field.onFocus}
          onChange={(e) => field.onChange(e.target.value)}
          onBlur={onBlur}
        />
        {reading ? (
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
              {first && onAdd && (
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
        ) : null}
      </Grid>
      {first && note}
      {rival && (
        <Text fontSize="xs" color="unsure" fontWeight="600" pl={{ xl: '126px' }}>
          Disagrees with the reading in use by more than their spreads.
        </Text>
      )}
      {field.fault && (
        <Text
          id={`${id}-fault`}
          role="alert"
          fontSize="xs"
          color="fail"
          fontWeight="600"
          pl={{ xl: '126px' }}
        >
          {field.fault}
        </Text>
      )}
      {field.conflict && (
        <Flex
          role="alert"
          fontSize="xs"
          color="unsure"
          fontWeight="600"
          pl={{ xl: '126px' }}
          gap="2"
          align="center"
          wrap="wrap"
        >
          Another tab changed {name.toLowerCase()} while you typed.
          <Button size="2xs" variant="outline" onClick={field.conflict.keepMine}>
            Keep mine
          </Button>
          <Button size="2xs" variant="outline" onClick={field.conflict.takeTheirs}>
            Take the other
          </Button>
        </Flex>
      )}
    </Box>
  );
}
