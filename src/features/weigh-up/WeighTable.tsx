'use client';
import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import { Fragment, useState } from 'react';
import { METRIC_DEFINITIONS, type Metric } from '@/core/assessment';
import type { WantKey } from '@/core/preference';
import { NeedTrack } from '@/ui/marks/NeedTrack';
import { OriginMark, type Known } from '@/ui/marks/OriginMark';
import { Plate } from '@/ui/marks/Plate';
import { formatBase, formatNumber, formatWithUnit, METRIC_WORDS, unitSign } from '@/ui/messages';
import { MustSigns } from './MustSigns';
import { ScoreDetail } from './ScoreDetail';
import type { WeighColumn, WeighRow, WeighUpModel } from './use-weigh-up';

const Button = chakra('button');

export type OnWorking = (row: WeighRow, metric: Metric, anchor: DOMRect) => void;

/** How the least firm reading behind a metric is known. */
const knownBy = (metric: Metric): Known => {
  if (metric.estimate.kind === 'unknown') return 'unknown';
  const readings = metric.working.inputs.flatMap((i) => i.reading ?? []);
  return metric.working.inputs.length === 1 ? (readings[0]?.origin ?? 'computed') : 'computed';
};

function Figure({ row, column, model, onWorking }: { readonly row: WeighRow; readonly column: WeighColumn; readonly model: WeighUpModel; readonly onWorking: OnWorking }) {
  const metric = row.assessment.metrics[column.want];
  const { dimension, better } = METRIC_DEFINITIONS[column.want];
  const { estimate } = metric;
  const stock = row.entry.stock.metrics[column.want].estimate;
  const before = model.view === 'built' && row.entry.parts.length > 0 && stock.kind === 'known' ? stock.interval.mid : undefined;
  return (
    <Button
      type="button" display="block" width="100%" height="100%" textAlign="left" cursor="pointer" px="1.5" py="1" overflow="hidden" position="relative" _hover={{ bg: 'bg.subtle' }}
      aria-label={`${METRIC_WORDS[column.want].name}, ${row.entry.donor.model}: ${estimate.kind === 'known' ? formatWithUnit(estimate.interval.mid, dimension, model.reader) : 'not known'}. Show the working.`}
      onClick={(e) => onWorking(row, metric, e.currentTarget.getBoundingClientRect())}
    >
      <Flex justify="space-between" align="center" gap="1" position="relative" zIndex={1}>
        <Text bg="bg.panel" pr="1" fontWeight={estimate.kind === 'known' ? '600' : '400'} color={estimate.kind === 'known' ? 'fg' : 'fg.muted'} fontSize={estimate.kind === 'known' ? 'sm' : 'xs'} whiteSpace="nowrap">
          {estimate.kind === 'known' ? formatBase(estimate.interval.mid, dimension, model.reader) : 'not known'}
        </Text>
        <Flex bg="bg.panel"><OriginMark known={knownBy(metric)} size={10} /></Flex>
      </Flex>
      <NeedTrack scale={column.scale} need={column.need} better={better} interval={estimate.kind === 'known' ? estimate.interval : undefined} before={before} reach={{ up: '40px', down: '16px' }} />
    </Button>
  );
}

function HeadCell({ column, model }: { readonly column: WeighColumn; readonly model: WeighUpModel }) {
  const { dimension, better } = METRIC_DEFINITIONS[column.want];
  const active = model.sort === column.want;
  return (
    <Box as="th" aria-sort={active ? (better === 'less' ? 'ascending' : 'descending') : 'none'} fontWeight="400" textAlign="left" verticalAlign="bottom" px="0">
      <Button type="button" cursor="pointer" display="block" width="100%" textAlign="left" px="1.5" py="1.5" title={`${METRIC_WORDS[column.want].what} Sort by it.`} onClick={() => model.setSort(active ? 'fit' : column.want)}>
        <Text fontWeight="700" lineHeight="1.15">{METRIC_WORDS[column.want].short}{active ? (better === 'less' ? ' ↑' : ' ↓') : ''}</Text>
        <Text fontSize="xs" color="fg.muted" lineHeight="1.2">{unitSign(dimension, model.reader)}</Text>
        <Text fontSize="xs" color="accent" fontWeight="700" lineHeight="1.3" whiteSpace="nowrap">{better === 'less' ? '≤' : '≥'} {formatBase(column.need, dimension, model.reader)}</Text>
      </Button>
    </Box>
  );
}

function NameCell({ row, open, onToggle }: { readonly row: WeighRow; readonly open: boolean; readonly onToggle: () => void }) {
  return (
    <Flex gap="2" align="center" pr="1" minW={{ lg: '172px' }}>
      <Text width="16px" textAlign="right" fontFamily="heading" fontWeight="800" fontSize="md" color={row.ranked.place === undefined ? 'fg.subtle' : 'fg'}>{row.ranked.place ?? '–'}</Text>
      <Plate index={row.entry.candidate.plate} size={28} />
      <Button type="button" textAlign="left" cursor="pointer" onClick={onToggle} aria-expanded={open} minW="0">
        <Text fontWeight="700" lineHeight="1.2" textDecoration="underline" textDecorationColor="border.emphasized" textUnderlineOffset="3px">{row.entry.donor.model || 'Unnamed'}</Text>
        <Text fontSize="xs" color="fg.muted" lineHeight="1.25">{row.entry.donor.maker}{row.entry.parts.length > 0 ? `, ${row.entry.parts.length} parts chosen` : ''}</Text>
      </Button>
    </Flex>
  );
}

function FitCell({ row }: { readonly row: WeighRow }) {
  const { low, mid, high } = row.score.points;
  return (
    <Box px="1.5" py="1" minW="92px">
      <Flex justify="space-between" align="baseline">
        <Text fontFamily="heading" fontWeight="800" fontSize="md">{formatNumber(mid)}</Text>
        <Text fontSize="xs" color="fg.muted">{formatNumber(low)}–{formatNumber(high)}</Text>
      </Flex>
      <Box position="relative" height="8px" bg="bg.subtle" mt="1" aria-hidden>
        <Box position="absolute" top="0" bottom="0" left="0" width={`${mid}%`} bg={row.ranked.place === undefined ? 'fg.subtle' : 'fg'} />
        <Box position="absolute" top="-3px" bottom="-3px" left={`${low}%`} width={`${Math.max(1, high - low)}%`} borderXWidth="1.5px" borderColor="fg.subtle" />
        <Box position="absolute" top="-3px" height="1.5px" left={`${low}%`} width={`${Math.max(1, high - low)}%`} bg="fg.subtle" />
      </Box>
    </Box>
  );
}

/** Candidates under each other on common scales, the need line of every want drawn down through all of them. */
export function WeighTable({ model, onWorking }: { readonly model: WeighUpModel; readonly onWorking: OnWorking }) {
  const [open, setOpen] = useState<string>();
  const firstOut = model.sort === 'fit' ? model.rows.find((r) => r.ranked.place === undefined)?.ranked.id : undefined;
  const span = model.columns.length + 3;
  return (
    <Box as="table" width="100%" borderCollapse="collapse" aria-label="Candidates against the brief" css={{ '& td': { padding: 0, verticalAlign: 'middle', height: '54px' } }}>
      <thead>
        <Box as="tr" borderBottomWidth="2px" borderColor="border.emphasized">
          <Box as="th" textAlign="left" verticalAlign="bottom" pb="1.5" pl="1">Candidate</Box>
          <Box as="th" textAlign="left" verticalAlign="bottom" px="1.5" pb="1.5"><Button type="button" cursor="pointer" fontWeight="700" onClick={() => model.setSort('fit')}>Fit{model.sort === 'fit' ? ' ↓' : ''}</Button><Text fontSize="xs" color="fg.muted" fontWeight="400">of 100</Text></Box>
          <Box as="th" textAlign="left" verticalAlign="bottom" px="1.5" pb="1.5">Musts</Box>
          {model.columns.map((c) => <HeadCell key={c.want} column={c} model={model} />)}
        </Box>
      </thead>
      <tbody>
        {model.rows.map((row) => (
          <Fragment key={row.ranked.id}>
            {row.ranked.id === firstOut && <Box as="tr" borderTopWidth="2px" borderTopStyle="dashed" borderColor="border.emphasized"><td colSpan={span} style={{ height: 28 }}><Text fontSize="xs" color="fg.muted" pl="1">Ruled out by a must; parts may bring some of them back</Text></td></Box>}
            <Box as="tr" borderTopWidth="1px" borderColor="border.muted">
              <td><NameCell row={row} open={open === row.ranked.id} onToggle={() => setOpen(open === row.ranked.id ? undefined : row.ranked.id)} /></td>
              <td><FitCell row={row} /></td>
              <td><Box px="1.5"><MustSigns musts={row.assessment.musts} reader={model.reader} /></Box></td>
              {model.columns.map((c) => <td key={c.want}><Figure row={row} column={c} model={model} onWorking={onWorking} /></td>)}
            </Box>
            {open === row.ranked.id && (
              <Box as="tr" bg="bg.panel"><td colSpan={span}><Box px="4"><ScoreDetail row={row} reader={model.reader} onWorking={(m, a) => onWorking(row, m, a)} /></Box></td></Box>
            )}
          </Fragment>
        ))}
      </tbody>
    </Box>
  );
}

/** The same on a phone: a card each, opened by a tap. */
export function WeighCards({ model, onWorking }: { readonly model: WeighUpModel; readonly onWorking: OnWorking }) {
  const [open, setOpen] = useState<string | undefined>(model.rows[0]?.ranked.id);
  return (
    <Box>
      {model.rows.map((row) => (
        <Box key={row.ranked.id} borderTopWidth="1px" borderColor="border" py="2">
          <Flex align="center" gap="2">
            <Box flex="1" minW="0"><NameCell row={row} open={open === row.ranked.id} onToggle={() => setOpen(open === row.ranked.id ? undefined : row.ranked.id)} /></Box>
            <FitCell row={row} />
            <Box minW="64px"><MustSigns musts={row.assessment.musts} reader={model.reader} /></Box>
          </Flex>
          {open === row.ranked.id && (
            <Box mt="2">
              {model.columns.map((c) => <CardFigure key={c.want} want={c.want} row={row} column={c} model={model} onWorking={onWorking} />)}
              <ScoreDetail row={row} reader={model.reader} onWorking={(m, a) => onWorking(row, m, a)} />
            </Box>
          )}
        </Box>
      ))}
    </Box>
  );
}

function CardFigure({ want, row, column, model, onWorking }: { readonly want: WantKey; readonly row: WeighRow; readonly column: WeighColumn; readonly model: WeighUpModel; readonly onWorking: OnWorking }) {
  const { dimension, better } = METRIC_DEFINITIONS[want];
  return (
    <Flex align="center" gap="2" borderTopWidth="1px" borderColor="border.muted" minH="48px">
      <Box width="124px" flexShrink={0}>
        <Text lineHeight="1.2">{METRIC_WORDS[want].short} <Text as="span" fontSize="xs" color="fg.muted">{unitSign(dimension, model.reader)}</Text></Text>
        <Text fontSize="xs" color="accent" fontWeight="700">{better === 'less' ? '≤' : '≥'} {formatBase(column.need, dimension, model.reader)}</Text>
      </Box>
      <Box flex="1"><Figure row={row} column={column} model={model} onWorking={onWorking} /></Box>
    </Flex>
  );
}
