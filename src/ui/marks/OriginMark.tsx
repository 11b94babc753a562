'use client';
import type { Known } from '../theme/origin-marks';

export type { Known };

const WORDS: Readonly<Record<Known, string>> = {
  measured: 'measured',
  claimed: 'maker’s claim',
  heard: 'heard',
  estimated: 'estimated',
  computed: 'computed',
  typical: 'typical of its class',
  unknown: 'not known',
};

/** The small drawn mark beside a figure; its shape, not its colour, tells how the figure is known. */
export function OriginMark({
  known,
  small = false,
}: {
  readonly known: Known;
  readonly small?: boolean;
}) {
  return (
    <span
      role="img"
      aria-label={WORDS[known]}
      title={WORDS[known]}
      className={`origin-mark ${known}${small ? ' small' : ''}`}
    />
  );
}

const LEGEND: readonly Known[] = ['measured', 'claimed', 'heard', 'estimated', 'typical'];

/** What the marks stand for. */
export function OriginLegend() {
  return (
    <div
      role="note"
      aria-label="How a figure is known"
      style={{
        display: 'flex',
        flexWrap: 'wrap',
        gap: '2px 12px',
        fontSize: 12,
        color: 'var(--chakra-colors-fg-muted)',
      }}
    >
      {LEGEND.map((known) => (
        <span key={known} style={{ display: 'inline-flex', gap: 4, alignItems: 'center' }}>
          <OriginMark known={known} /> {WORDS[known]}
        </span>
      ))}
    </div>
  );
}
