'use client';
import { Box, Button, Flex, Text } from '@chakra-ui/react';
import { Link } from '@/ui/Link';
import { useState } from 'react';
import type { VerdictRecord } from '@/store/records';
import { Plate } from '@/ui/marks/Plate';
import { firmnessWords, formatNumber, OWN_MONEY_WORDS, verdictLine } from '@/ui/messages';
import { LookingBack } from './LookingBack';
import type { VerdictModel } from './use-verdict';

/** Verdicts as they were settled, newest first; each can be laid beside today. */
export function PastVerdicts({ model }: { readonly model: VerdictModel }) {
  const [open, setOpen] = useState<string>();
  return (
    <Box as="section" mt="6" aria-labelledby="past">
      <Text as="h2" id="past" fontFamily="heading" fontWeight="800" fontSize="xl">
        Settled so far
      </Text>
      {model.past.length === 0 && (
        <Text color="fg.muted" py="2">
          Nothing yet. What you settle stays here as it was that day; a later verdict never changes
          an earlier one.
        </Text>
      )}
      {model.past.map((verdict) => (
        <Record
          key={verdict.id}
          verdict={verdict}
          model={model}
          open={open === verdict.id}
          onToggle={() => setOpen(open === verdict.id ? undefined : verdict.id)}
        />
      ))}
    </Box>
  );
}

interface RecordProps {
  readonly verdict: VerdictRecord;
  readonly model: VerdictModel;
  readonly open: boolean;
  readonly onToggle: () => void;
}

function Record({ verdict, model, open, onToggle }: RecordProps) {
  const { sheet, runnerUpId, reasons, overturn, ownMoney } = verdict;
  const runnerUp = sheet.field.find((f) => f.candidateId === runnerUpId);
  const firm = firmnessWords(sheet);
  const outlay =
    sheet.outlay.kind === 'known'
      ? `${formatNumber(sheet.outlay.interval.mid)} ${sheet.brief.money.currency}`
      : 'price not known';
  return (
    <Box
      as="article"
      bg="bg.panel"
      borderWidth="1px"
      borderLeftWidth="5px"
      borderColor="border"
      borderRadius="plate"
      px="4"
      py="3"
      mt="3"
      aria-label={verdictLine(verdict)}
    >
      <Flex gap="3" align="flex-start" wrap="wrap">
        <Plate index={sheet.machine.plate} size={30} />
        <Box flex="1" minW="220px">
          <Text fontWeight="700" fontSize="md">
            {verdictLine(verdict)}
          </Text>
          <Text fontSize="sm" color="fg.muted">
            {sheet.on}
            {sheet.purpose ? `, for “${sheet.purpose}”` : ''}: fit{' '}
            {formatNumber(sheet.points.mid, 1)}, {outlay}; {firm.word.toLowerCase()}.
            {runnerUp
              ? ` Next in line: ${runnerUp.name}, ${formatNumber(runnerUp.points.mid, 1)}.`
              : ''}
            {ownMoney ? ` Own money: ${OWN_MONEY_WORDS[ownMoney]}.` : ''}
          </Text>
        </Box>
        <Flex gap="2">
          <Button
            size="sm"
            variant="outline"
            borderColor="border.emphasized"
            aria-expanded={open}
            onClick={onToggle}
          >
            {open ? 'Close' : 'Look back'}
          </Button>
          <Button asChild size="sm" variant="outline" borderColor="border.emphasized">
            <Link href={`/verdict/sheet?verdict=${encodeURIComponent(verdict.id)}`}>
              Sheet of that day
            </Link>
          </Button>
        </Flex>
      </Flex>
      <Text mt="2" whiteSpace="pre-line">
        {reasons}
      </Text>
      {overturn && (
        <Text mt="1" fontSize="sm" whiteSpace="pre-line">
          <b>Would overturn it:</b> {overturn}
        </Text>
      )}
      {open && <LookingBack verdict={verdict} reader={model.reader} />}
    </Box>
  );
}
