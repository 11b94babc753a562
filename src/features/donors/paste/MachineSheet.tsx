'use client';
import { Box, Button, Flex, Grid, Input, Text } from '@chakra-ui/react';
import { DONOR_CLASSES, type DonorClass } from '@/core/donor';
import { SHEET_GROUP_KEYS, SHEET_GROUPS } from '@/core/sheet';
import { Choice } from '@/ui/fields';
import {
  CLASS_WORDS,
  formatQuoted,
  GROUP_WORDS,
  passedOverWords,
  formatNumber,
  trimmed,
  inSentence,
} from '@/ui/messages';
import { saleNote } from './enter';
import { MeetsLine } from './MeetsLine';
import { ProposalRow } from './ProposalRow';
import type { PasteModel, PasteSheet } from './use-paste';

/** One machine of the text: its name and class, what was found by the sheet's groups, and what was found and not taken. */
export function MachineSheet({
  sheet,
  paste,
  fresh,
  several,
  chosen,
  onChoose,
}: {
  readonly sheet: PasteSheet;
  readonly paste: PasteModel;
  /** A new donor is made of it; otherwise its readings go to one that is there. */
  readonly fresh: boolean;
  readonly several: boolean;
  readonly chosen: string | undefined;
  readonly onChoose: (id: string) => void;
}) {
  const name = [sheet.maker, sheet.model].filter(Boolean).join(' ') || 'Unnamed';
  return (
    <Box as="section" aria-label={name} mb="4">
      {several && (
        <Flex gap="2" align="center" mb="1">
          <input
            type="checkbox"
            id={`sheet-${sheet.id}`}
            checked={sheet.on}
            onChange={(e) => sheet.settle({ on: e.target.checked })}
            style={{ width: 20, height: 20 }}
          />
          <label htmlFor={`sheet-${sheet.id}`} style={{ fontWeight: 700, fontSize: '1.05rem' }}>
            {name}
          </label>
        </Flex>
      )}
      {fresh && sheet.on && <Names sheet={sheet} />}
      {sheet.on && sheet.lines.length > 0 && <MeetsLine sheet={sheet} origin={paste.origin} />}
      {sheet.on &&
        SHEET_GROUP_KEYS.map((group) => {
          const keys: readonly string[] = SHEET_GROUPS[group];
          const lines = sheet.lines.filter((l) => keys.includes(l.proposal.key));
          return (
            lines.length > 0 && (
              <Box key={group} mb="2">
                <Text as="h3" fontSize="sm" color="fg.muted" fontWeight="600">
                  {GROUP_WORDS[group]}
                </Text>
                {lines.map((line) => (
                  <ProposalRow
                    key={line.id}
                    line={line}
                    chosen={chosen === line.id}
                    onChoose={() => onChoose(line.id)}
                    onCorrect={(c) => paste.correct(line.id, c)}
                  />
                ))}
              </Box>
            )
          );
        })}
      {sheet.on && sheet.passedOver.length > 0 && (
        <PassedOverList sheet={sheet} paste={paste} onChoose={onChoose} />
      )}
    </Box>
  );
}

function Names({ sheet }: { readonly sheet: PasteSheet }) {
  const { id, sale } = sheet;
  return (
    <Box mb="2">
      <Grid templateColumns={{ base: '1fr 1fr', md: '0.8fr 0.8fr 2fr 1fr' }} gap="2">
        <Box>
          <label htmlFor={`paste-maker-${id}`}>Maker</label>
          <Input
            id={`paste-maker-${id}`}
            size="sm"
            maxLength={80}
            borderColor="border.emphasized"
            value={sheet.maker}
            onChange={(e) => sheet.settle({ maker: e.target.value })}
          />
        </Box>
        <Box>
          <label htmlFor={`paste-model-${id}`}>Model</label>
          <Input
            id={`paste-model-${id}`}
            size="sm"
            maxLength={120}
            borderColor="border.emphasized"
            value={sheet.model}
            onChange={(e) => sheet.settle({ model: e.target.value })}
          />
        </Box>
        <Box gridColumn={{ base: '1 / -1', md: 'auto' }}>
          <label htmlFor={`paste-class-${id}`}>Class</label>
          <Choice
            id={`paste-class-${id}`}
            wide="100%"
            value={sheet.donorClass}
            options={DONOR_CLASSES.map((c) => ({ value: c, words: CLASS_WORDS[c] }))}
            onChange={(e) => sheet.settle({ donorClass: e.target.value as DonorClass })}
          />
        </Box>
        <Box>
          <label htmlFor={`paste-kind-${id}`}>It is</label>
          <Choice
            id={`paste-kind-${id}`}
            wide="100%"
            value={sale ? 'sale' : 'model'}
            options={[
              { value: 'model', words: 'a model' },
              { value: 'sale', words: 'one for sale' },
            ]}
            onChange={(e) => sheet.settle({ forSale: e.target.value === 'sale' })}
          />
        </Box>
      </Grid>
      <Text fontSize="xs" color="fg.muted" mt="1">
        {classSaid(sheet)}
        {sale ? saleSaid(sheet) : ''}
      </Text>
      {sheet.named.length > 0 && <NamedParts sheet={sheet} />}
    </Box>
  );
}

/** Parts of the catalogue that the advert names: the rider says which of them the machine carries. */
function NamedParts({ sheet }: { readonly sheet: PasteSheet }) {
  return (
    <Box as="fieldset" fontSize="sm" mt="1">
      <Text as="legend" color="fg.muted">
        It names parts of the catalogue. Does it carry them?
      </Text>
      <Flex gap="3" wrap="wrap">
        {sheet.named.map(({ part }) => (
          <label key={part.id}>
            <input
              type="checkbox"
              checked={sheet.carries.includes(part.id)}
              onChange={(e) =>
                sheet.settle({
                  carries: e.target.checked
                    ? [...sheet.carries, part.id]
                    : sheet.carries.filter((id) => id !== part.id),
                })
              }
              style={{ marginRight: 6, width: 18, height: 18, verticalAlign: 'text-bottom' }}
            />
            {part.name}
          </label>
        ))}
      </Flex>
    </Box>
  );
}

const classSaid = ({ classRead, classGuessed, classChosen }: PasteSheet): string =>
  classChosen
    ? ''
    : !classRead
      ? 'The text does not tell its class: choose it. '
      : classGuessed
        ? 'Class guessed by its words and figures: check it. '
        : 'Class by its words and figures. ';

function saleSaid({ sale, standsOn, year }: PasteSheet): string {
  const told = [
    ...(sale?.odometer
      ? [`${formatNumber(sale.odometer.amount)} ${sale.odometer.unit} on the clock`]
      : []),
    ...(sale?.hours === undefined ? [] : [`${trimmed(sale.hours)} h`]),
    ...(year === undefined ? [] : [`of ${year}`]),
  ].join(', ');
  const clock = told
    ? `${told.charAt(0).toUpperCase()}${told.slice(1)}.`
    : 'Nothing said of its distance or year.';
  const note = saleNote(sale);
  return `${clock}${note ? ` Noted: ${note}.` : ''}${standsOn ? ` Stands on ${standsOn}, which is in the list.` : ''}`;
}

function PassedOverList({
  sheet,
  paste,
  onChoose,
}: {
  readonly sheet: PasteSheet;
  readonly paste: PasteModel;
  readonly onChoose: (id: string) => void;
}) {
  return (
    <Box as="details" fontSize="sm" color="fg.muted">
      <Box as="summary" cursor="pointer" py="1">
        Found and not taken: {sheet.passedOver.length}
      </Box>
      {sheet.passedOver.map((p) => (
        <Flex
          key={p.from}
          gap="2"
          align="center"
          py="1"
          borderTopWidth="1px"
          borderColor="border.muted"
          onMouseEnter={() => onChoose(`passed-${p.from}`)}
        >
          <Box flex="1" minW="0">
            <Text>“{p.words}”</Text>
            <Text fontSize="xs">{passedOverWords(p.why)}</Text>
          </Box>
          {p.as && (
            <Button
              size="xs"
              variant="outline"
              borderColor="border.emphasized"
              onFocus={() => onChoose(`passed-${p.from}`)}
              onClick={() => p.as && paste.takeOver(sheet.id, p.as)}
            >
              Take as {inSentence(p.as.key)}, {formatQuoted(p.as.amount, p.as.unit)}
            </Button>
          )}
        </Flex>
      ))}
    </Box>
  );
}
