'use client';
import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import equal from 'fast-deep-equal';
import { Fragment, memo, useCallback, useState } from 'react';
import { shortName } from '@/core/donor';
import { METRIC_DEFINITIONS, type Metric } from '@/core/assessment';
import type { WantKey } from '@/core/preference';
import { NeedTrack } from '@/ui/marks/NeedTrack';
import { OriginMark } from '@/ui/marks/OriginMark';
import { Plate } from '@/ui/marks/Plate';
import { formatBase, formatNumber, formatWithUnit, METRIC_WORDS, unitSign, knownBy } from '@/ui/messages';
import { MustSigns } from './MustSigns';
import { ScoreDetail } from './ScoreDetail';
import type { WeighColumn, WeighRow, WeighUpModel } from './use-weigh-up';

const Button = chakra('button');

export type OnWorking = (row: WeighRow, metric: Metric, anchor: DOMRect) => void;


interface FigureProps {
  readonly row: WeighRow;
  readonly column: WeighColumn;
  readonly model: WeighUpModel;
  readonly onWorking: OnWorking;
}

const beforeOf = ({ row, column, model }: FigureProps): number | undefined => {
  const stock = row.entry.stock.metrics[column.want].estimate;
  return model.view === 'built' && row.entry.parts.length > 0 && stock.kind === 'known' ? stock.interval.mid : undefined;
};

/** True when a figure would be drawn exactly as before, so that an edit redraws only what it changed. */
const sameFigure = (a: FigureProps, b: FigureProps): boolean =>
  a.column.need === b.column.need && a.column.scale.low === b.column.scale.low && a.column.scale.high === b.column.scale.high && a.onWorking === b.onWorking &&
  a.model.reader.units === b.model.reader.units && a.model.reader.currency === b.model.reader.currency && beforeOf(a) === beforeOf(b) &&
  shortName(a.row.entry.donor) === shortName(b.row.entry.donor) && equal(a.row.assessment.metrics[a.column.want], b.row.assessment.metrics[b.column.want]);

const Figure = memo(function Figure(props: FigureProps) {
  const { row, column, model, onWorking } = props;
  const metric = row.assessment.metrics[column.want];
  const { dimension, better } = METRIC_DEFINITIONS[column.want];
  const { estimate } = metric;
  return (
    <button
      type="button" className="figure"
      aria-label={`${METRIC_WORDS[column.want].name}, ${shortName(row.entry.donor)}: ${estimate.kind === 'known' ? formatWithUnit(estimate.interval.mid, dimension, model.reader) : 'not known'}. Show the working.`}
      onClick={(e) => onWorking(row, metric, e.currentTarget.getBoundingClientRect())}
    >
      <span className="figure-head">
        <span className={estimate.kind === 'known' ? 'known' : 'unknown'}>{estimate.kind === 'known' ? formatBase(estimate.interval.mid, dimension, model.reader) : 'not known'}</span>
        <OriginMark known={knownBy(metric)} size={10} />
      </span>
      <NeedTrack scale={column.scale} need={column.need} better={better} interval={estimate.kind === 'known' ? estimate.interval : undefined} before={beforeOf(props)} reach={{ up: '40px', down: '16px' }} />
    </button>
  );
}, sameFigure);

/** The look of the figures, set once for all of them. */
const FIGURE_CSS = {
  '& .figure': { display: 'block', width: '100%', height: '100%', textAlign: 'left', cursor: 'pointer', padding: '4px 6px', overflow: 'hidden', position: 'relative', _hover: { bg: 'bg.subtle' } },
  '& .figure-head': { display: 'flex', justifyContent: 'space-between', alignItems: 'center', gap: '4px', position: 'relative', zIndex: 1, whiteSpace: 'nowrap' },
  '& .figure-head > *': { bg: 'bg.panel' },
  '& .known': { fontWeight: 600, paddingRight: '4px' },
  '& .fit-points': { fontFamily: 'heading', fontWeight: 800, fontSize: 'md' },
  '& .fit-span': { fontSize: 'xs', color: 'fg.muted' },
  '& .unknown': { color: 'fg.muted', fontSize: 'xs' },
} as const;

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

interface NameCellProps {
  readonly id: string;
  readonly place: number | undefined;
  readonly plate: number;
  readonly maker: string;
  readonly name: string;
  readonly parts: number;
  readonly open: boolean;
  readonly onToggle: (id: string) => void;
}

const NameCell = memo(function NameCell({ id, place, plate, maker, name, parts, open, onToggle }: NameCellProps) {
  return (
    <Flex gap="2" align="center" pr="1" minW={{ lg: '172px' }}>
      <Text width="16px" textAlign="right" fontFamily="heading" fontWeight="800" fontSize="md" color={place === undefined ? 'fg.subtle' : 'fg'}>{place ?? '–'}</Text>
      <Plate index={plate} size={28} />
      <Button type="button" textAlign="left" cursor="pointer" onClick={() => onToggle(id)} aria-expanded={open} minW="0">
        <Text fontWeight="700" lineHeight="1.2" textDecoration="underline" textDecorationColor="border.emphasized" textUnderlineOffset="3px">{name || 'Unnamed'}</Text>
        <Text fontSize="xs" color="fg.muted" lineHeight="1.25">{maker}{parts > 0 ? `, ${parts} ${parts === 1 ? 'part' : 'parts'} chosen` : ''}</Text>
      </Button>
    </Flex>
  );
});

const nameProps = ({ ranked, entry }: WeighRow) => ({
  id: ranked.id, place: ranked.place, plate: entry.candidate.plate, maker: entry.donor.maker, name: shortName(entry.donor), parts: entry.parts.length,
});

const FitCell = memo(function FitCell({ points, out }: { readonly points: { readonly low: number; readonly mid: number; readonly high: number }; readonly out: boolean }) {
  const { low, mid, high } = points;
  const mark = { position: 'absolute', left: `${low}%`, width: `${Math.max(1, high - low)}%`, borderColor: 'var(--chakra-colors-fg-subtle)' } as const;
  return (
    <div style={{ padding: '4px 6px', minWidth: 92 }}>
      <div style={{ display: 'flex', justifyContent: 'space-between', alignItems: 'baseline' }}>
        <span className="fit-points">{formatNumber(mid)}</span>
        <span className="fit-span">{formatNumber(low)}–{formatNumber(high)}</span>
      </div>
      <div aria-hidden style={{ position: 'relative', height: 8, marginTop: 4, background: 'var(--chakra-colors-bg-subtle)' }}>
        <div style={{ position: 'absolute', inset: 0, right: 'auto', width: `${mid}%`, background: `var(--chakra-colors-fg${out ? '-subtle' : ''})` }} />
        <div style={{ ...mark, top: -3, bottom: -3, borderStyle: 'solid', borderWidth: '1.5px 1.5px 0' }} />
      </div>
    </div>
  );
}, equal);

/** Candidates under each other on common scales, the need line of every want drawn down through all of them. */
export function WeighTable({ model, onWorking }: { readonly model: WeighUpModel; readonly onWorking: OnWorking }) {
  const [open, setOpen] = useState<string>();
  const toggle = useCallback((id: string) => setOpen((now) => (now === id ? undefined : id)), []);
  const firstOut = model.sort === 'fit' ? model.rows.find((r) => r.ranked.place === undefined)?.ranked.id : undefined;
  const span = model.columns.length + 3;
  return (
    <Box as="table" width="100%" borderCollapse="collapse" aria-label="Candidates against the brief" css={{ ...FIGURE_CSS, '& > tbody > tr > td': { padding: 0, verticalAlign: 'middle', height: '54px' } }}>
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
              <td><NameCell {...nameProps(row)} open={open === row.ranked.id} onToggle={toggle} /></td>
              <td><FitCell points={row.score.points} out={row.ranked.place === undefined} /></td>
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
  const toggle = useCallback((id: string) => setOpen((now) => (now === id ? undefined : id)), []);
  return (
    <Box css={FIGURE_CSS}>
      {model.rows.map((row) => (
        <Box key={row.ranked.id} borderTopWidth="1px" borderColor="border" py="2">
          <Flex align="center" gap="2">
            <Box flex="1" minW="0"><NameCell {...nameProps(row)} open={open === row.ranked.id} onToggle={toggle} /></Box>
            <FitCell points={row.score.points} out={row.ranked.place === undefined} />
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
