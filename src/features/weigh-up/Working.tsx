'use client';
import { Box, Popover, Portal, Table, Text } from '@chakra-ui/react';
import { metricDefinition, type Metric, type WorkingInput } from '@/core/assessment';
import { OriginMark } from '@/ui/marks/OriginMark';
import {
  BASIS_WORDS,
  estimateText,
  formatQuoted,
  formulaWords,
  METRIC_WORDS,
  nameWords,
  optionWords,
  ORIGIN_WORDS,
  termOf,
  typicalWords,
  type Reader,
  inSentence,
} from '@/ui/messages';

export interface OpenWorking {
  readonly metric: Metric;
  readonly title: string;
  readonly anchor: DOMRect;
}

function InputRow({ input, reader }: { readonly input: WorkingInput; readonly reader: Reader }) {
  return (
    <Table.Row bg="transparent">
      <Table.Cell px="0" py="1" verticalAlign="top">
        {nameWords(input.name)}
        {input.typical && (
          <Text fontSize="xs" color="unsure">
            <OriginMark known="typical" /> {typicalWords(input)}
          </Text>
        )}
        {input.reading && (
          <Text fontSize="xs" color="fg.muted">
            <OriginMark known={input.reading.origin} />{' '}
            {formatQuoted(input.reading.amount, input.reading.unit)}
            {input.reading.basis === 'stated' ? '' : `, ${BASIS_WORDS[input.reading.basis]}`};{' '}
            {ORIGIN_WORDS[input.reading.origin]}
            {input.reading.note ? `, ${input.reading.note}` : ''}
          </Text>
        )}
      </Table.Cell>
      <Table.Cell px="0" py="1" textAlign="right" verticalAlign="top" whiteSpace="nowrap">
        {input.says === undefined
          ? estimateText(input.estimate, input.dimension, reader)
          : optionWords(input.asks ?? input.name, input.says)}
      </Table.Cell>
    </Table.Row>
  );
}

/** Formula, inputs with where each came from, result and source. */
export function WorkingBody({
  metric,
  reader,
}: {
  readonly metric: Metric;
  readonly reader: Reader;
}) {
  const { dimension } = metricDefinition(metric.key);
  const words = formulaWords(metric.working.formula);
  const term = termOf(metric.key, reader);
  return (
    <Box>
      <Text color="fg.muted" fontSize="xs">
        {METRIC_WORDS[metric.key].what}
        {term && ` ${term.term}: ${term.what} Usual: ${term.usual}`}
      </Text>
      <Text mt="2" fontStyle="italic">
        {words.formula}
      </Text>
      <Table.Root size="sm" mt="1">
        <Table.Body>
          {metric.working.inputs.map((input) => (
            <InputRow key={input.name} input={input} reader={reader} />
          ))}
          <Table.Row bg="transparent" fontWeight="700">
            <Table.Cell px="0" py="1">
              {METRIC_WORDS[metric.key].name}
            </Table.Cell>
            <Table.Cell px="0" py="1" textAlign="right">
              {estimateText(metric.estimate, dimension, reader)}
            </Table.Cell>
          </Table.Row>
        </Table.Body>
      </Table.Root>
      {metric.estimate.kind === 'unknown' && (
        <Text color="unsure" fontSize="xs" mt="1">
          Missing: {metric.estimate.missing.map((m) => inSentence(m)).join(', ')}.
        </Text>
      )}
      <Text fontSize="xs" color="fg.muted" mt="2">
        Source: {words.source}.
      </Text>
    </Box>
  );
}

/** The working of one figure, opened beside it. */
export function WorkingPopover({
  open,
  reader,
  onClose,
}: {
  readonly open: OpenWorking | undefined;
  readonly reader: Reader;
  readonly onClose: () => void;
}) {
  return (
    <Popover.Root
      open={open !== undefined}
      onOpenChange={(e) => !e.open && onClose()}
      positioning={{ getAnchorRect: () => open?.anchor ?? null, placement: 'bottom' }}
      lazyMount
      unmountOnExit
    >
      <Portal>
        <Popover.Positioner>
          <Popover.Content
            bg="bg.panel"
            width="min(420px, 94vw)"
            borderWidth="1px"
            borderColor="border.emphasized"
          >
            <Popover.Body maxH="70dvh" overflowY="auto">
              {open && (
                <>
                  <Popover.Title fontWeight="700" fontFamily="heading" fontSize="md">
                    {open.title}
                  </Popover.Title>
                  <WorkingBody metric={open.metric} reader={reader} />
                </>
              )}
            </Popover.Body>
          </Popover.Content>
        </Popover.Positioner>
      </Portal>
    </Popover.Root>
  );
}
