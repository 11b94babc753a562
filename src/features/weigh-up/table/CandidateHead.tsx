'use client';
import { chakra, Flex, Text } from '@chakra-ui/react';
import equal from 'fast-deep-equal/es6';
import { memo } from 'react';
import { saidMust, type SaidMust } from '@/core/assessment';
import { shortName } from '@/core/donor';
import { Plate } from '@/ui/marks/Plate';
import { formatNumber, type Reader } from '@/ui/messages';
import type { WeighRow } from '../use-weigh-up';
import { MustSigns } from './MustSigns';

const Button = chakra('button');

export interface CandidateHeadProps {
  readonly id: string;
  readonly place: number | undefined;
  readonly plate: number;
  readonly maker: string;
  readonly name: string;
  readonly parts: number;
  readonly points: { readonly low: number; readonly mid: number; readonly high: number };
  readonly musts: readonly SaidMust[];
  readonly closers: WeighRow['closers'];
  readonly reader: Reader;
  readonly open: boolean;
  readonly onToggle: (id: string) => void;
}

export const headProps = ({ ranked, entry, score, assessment, closers }: WeighRow) => ({
  id: ranked.id,
  place: ranked.place,
  plate: entry.candidate.plate,
  maker: entry.donor.maker,
  name: shortName(entry.donor),
  parts: entry.parts.length,
  points: score.points,
  musts: assessment.musts.map(saidMust),
  closers,
});

/** Fit of 100 as a bar, with what the readings leave open. */
function FitBar({
  points: { low, mid, high },
  out,
}: {
  readonly points: CandidateHeadProps['points'];
  readonly out: boolean;
}) {
  return (
    <div title={`${formatNumber(low)} to ${formatNumber(high)} of 100`}>
      <div
        style={{ display: 'flex', justifyContent: 'space-between', alignItems: 'baseline', gap: 4 }}
      >
        <span className="fit-points">{formatNumber(mid)}</span>
        <span className="fit-span">
          {formatNumber(low)}–{formatNumber(high)}
        </span>
      </div>
      <div
        aria-hidden
        style={{
          position: 'relative',
          height: 8,
          marginTop: 2,
          background: 'var(--chakra-colors-bg-subtle)',
        }}
      >
        <div
          style={{
            position: 'absolute',
            inset: 0,
            right: 'auto',
            width: `${mid}%`,
            background: `var(--chakra-colors-fg${out ? '-subtle' : ''})`,
          }}
        />
        <div
          style={{
            position: 'absolute',
            left: `${low}%`,
            width: `${Math.max(1, high - low)}%`,
            top: -3,
            bottom: -3,
            borderColor: 'var(--chakra-colors-fg-subtle)',
            borderStyle: 'solid',
            borderWidth: '1.5px 1.5px 0',
          }}
        />
      </div>
    </div>
  );
}

/** A candidate at the top of its column: place, plate, name, fit, musts. */
export const CandidateHead = memo(function CandidateHead({
  id,
  place,
  plate,
  maker,
  name,
  parts,
  points,
  musts,
  closers,
  reader,
  open,
  onToggle,
}: CandidateHeadProps) {
  return (
    <Flex direction="column" gap="1" px="1.5" py="1.5" height="100%">
      <Flex align="center" justify="space-between">
        <Plate index={plate} size={28} />
        <Text
          fontFamily="heading"
          fontWeight="800"
          fontSize="lg"
          lineHeight="1"
          color={place === undefined ? 'fg.subtle' : 'fg'}
          title={place === undefined ? 'ruled out by a must' : `place ${place}`}
        >
          {place ?? '–'}
        </Text>
      </Flex>
      <Button
        type="button"
        textAlign="left"
        cursor="pointer"
        onClick={() => onToggle(id)}
        aria-expanded={open}
        minH="44px"
      >
        <Text
          fontWeight="700"
          lineHeight="1.15"
          overflowWrap="anywhere"
          textDecoration="underline"
          textDecorationColor={open ? 'accent' : 'border.emphasized'}
          textDecorationThickness={open ? '3px' : undefined}
          textUnderlineOffset="3px"
        >
          {name || 'Unnamed'}
        </Text>
        <Text fontSize="xs" color="fg.muted" lineHeight="1.2" fontWeight="400">
          {maker}
          {parts > 0 ? `, ${parts} ${parts === 1 ? 'part' : 'parts'} chosen` : ''}
        </Text>
      </Button>
      <FitBar points={points} out={place === undefined} />
      <MustSigns musts={musts} closers={closers} reader={reader} />
    </Flex>
  );
}, equal);
