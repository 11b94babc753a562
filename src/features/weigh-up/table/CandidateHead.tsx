'use client';
import equal from 'fast-deep-equal/es6';
import { memo } from 'react';
import { saidMust, type SaidMust } from '@/core/assessment';
import { shortName } from '@/core/donor';
import { Plate } from '@/ui/marks/Plate';
import { formatNumber, type Reader } from '@/ui/messages';
import type { WeighRow } from '../use-weigh-up';
import { MustSigns } from './MustSigns';

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
    <div className="candidate">
      <div style={{ display: 'flex', alignItems: 'center', justifyContent: 'space-between' }}>
        <Plate index={plate} size={28} />
        <span
          className={place === undefined ? 'place none' : 'place'}
          title={place === undefined ? 'ruled out by a must' : `place ${place}`}
        >
          {place ?? '–'}
        </span>
      </div>
      <button
        type="button"
        className="candidate-button"
        onClick={() => onToggle(id)}
        aria-expanded={open}
      >
        <span className="candidate-name">{name || 'Unnamed'}</span>
        <span className="candidate-maker">
          {maker}
          {parts > 0 ? `, ${parts} ${parts === 1 ? 'part' : 'parts'} chosen` : ''}
        </span>
      </button>
      <FitBar points={points} out={place === undefined} />
      <MustSigns musts={musts} closers={closers} reader={reader} />
    </div>
  );
}, equal);
