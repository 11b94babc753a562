'use client';
import { spendable } from '@/core/brief';
import { Flex, Box, Heading, Text } from '@chakra-ui/react';
import type { Sheet, VerdictRecord } from '@/store/records';
import { formatNumber, verdictLine, placeWords, briefLine, type Reader } from '@/ui/messages';
import { Plate } from '@/ui/marks/Plate';

export function gapFacts(sheet: Sheet, { want, loss, helpers, closer }: Sheet['gaps'][number]) {
  const line = sheet.wants.find((w) => w.want === want);
  return {
    want,
    loss,
    helpers,
    need: line?.need ?? 0,
    estimate: line?.estimate ?? { kind: 'unknown' as const, missing: [want] },
    typical: line?.typical,
    closer: closer && {
      part: { name: closer.part },
      along: closer.along,
      cost: closer.cost,
      closes: closer.closes,
      becomes: closer.becomes,
      cautions: [],
    },
  };
}

export function PaperHead({ sheet, verdict, reader }: PaperProps) {
  const { machine, points, outlay, brief, purpose } = sheet;
  const spend = spendable(brief.money);
  const state =
    sheet.view === 'built'
      ? `with ${sheet.parts.length} ${sheet.parts.length === 1 ? 'part' : 'parts'}`
      : 'as it stands';
  const money =
    outlay.kind === 'known'
      ? `${formatNumber(outlay.interval.mid)} ${brief.money.currency} in all, ${outlay.interval.mid <= spend ? `${formatNumber(spend - outlay.interval.mid)} under` : `${formatNumber(outlay.interval.mid - spend)} over`} the ${formatNumber(spend)} there are`
      : 'price not known';
  return (
    <>
      <Flex align="center" gap="4">
        <Plate index={machine.plate} size={52} onPaper />
        <Box flex="1" minW="0">
          <Heading as="h2" fontSize="26px" lineHeight="1.15" fontWeight="800">
            {machine.name}
          </Heading>
          <Text>
            {verdict
              ? verdictLine(verdict)
              : `${state.charAt(0).toUpperCase()}${state.slice(1)}, ${placeWords(sheet.place, sheet.field.length, sheet.musts)}.`}{' '}
            {money}.
          </Text>
        </Box>
        <Box textAlign="right" whiteSpace="nowrap">
          <Text fontFamily="heading" fontSize="34px" lineHeight="1" fontWeight="800">
            {formatNumber(points.mid)}
          </Text>
          <Text color="fg.muted">
            fit of 100, {formatNumber(points.low)} to {formatNumber(points.high)}
          </Text>
          <Text color="fg.muted">{sheet.on}</Text>
        </Box>
      </Flex>
      <Text mt="2" pt="2" borderTopWidth="2px" borderColor="fg">
        {purpose && <b>For “{purpose}”. </b>}
        {briefLine(brief, reader)}
      </Text>
    </>
  );
}

export interface PaperProps {
  readonly sheet: Sheet;
  readonly verdict?: VerdictRecord | undefined;
  readonly reader: Reader;
}
