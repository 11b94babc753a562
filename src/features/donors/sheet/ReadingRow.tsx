'use client';
import { Box, Button, Flex, Grid, Input, Text } from '@chakra-ui/react';
import { donorName, type Donor } from '@/core/donor';
import type { Figure, FigureKey, Reading } from '@/core/readings';
import type { Command } from '@/store/history';
import { useDossierStore, useDraftText } from '@/store/react';
import { useTerm } from '@/ui/fields';
import { FIGURE_WORDS, type Reader, recordFaultWords, termOf } from '@/ui/messages';
import { parseQuoted, quotedText, withAmount, type QuotedAmount } from '@/ui/stored';
import { FIGURE_COLUMNS } from './figure-columns';
import { ReadingDetails } from './ReadingDetails';

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

/** One reading as quoted, or the field for one to come. */
export function ReadingRow({
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
        {reading && (
          <ReadingDetails
            name={name}
            figureKey={figureKey}
            figure={figure}
            reading={reading}
            inUse={inUse}
            onAdd={first ? onAdd : undefined}
            put={put}
          />
        )}
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
      {field.conflict && <ChangedElsewhere name={name} conflict={field.conflict} />}
    </Box>
  );
}

/** Another tab changed the figure while it was being typed here: whose counts is asked. */
function ChangedElsewhere({
  name,
  conflict,
}: {
  readonly name: string;
  readonly conflict: { readonly keepMine: () => void; readonly takeTheirs: () => void };
}) {
  return (
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
      <Button size="2xs" variant="outline" onClick={conflict.keepMine}>
        Keep mine
      </Button>
      <Button size="2xs" variant="outline" onClick={conflict.takeTheirs}>
        Take the other
      </Button>
    </Flex>
  );
}
