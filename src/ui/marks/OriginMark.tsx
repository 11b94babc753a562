'use client';
import type { Origin } from '@/core/readings';

/** How a figure is known, by shape: measured, claimed, heard, estimated, computed, or only what is typical of its class. */
export type Known = Origin | 'computed' | 'typical' | 'unknown';

const WORDS: Readonly<Record<Known, string>> = {
  measured: 'measured',
  claimed: 'maker’s claim',
  heard: 'heard',
  estimated: 'estimated',
  computed: 'computed',
  typical: 'typical of its class',
  unknown: 'not known',
};

const DRAWN: Readonly<Record<Known, React.ReactNode>> = {
  measured: <path d="M1 4.500h10M1 2v8M11 2v8M4.300 4.500v3M7.700 4.500v3" />,
  claimed: <path d="M2 1.500h8v9H2zM4 4.500h4M4 7h4" />,
  heard: <path d="M1.500 2h9v6H6L3.500 10.500V8h-2z" />,
  estimated: (
    <path
      d="M1 7.500c1.700-4 3.300-4 5 0s3.300 4 5-.5M1 4.200c1.700-4 3.300-4 5 0s3.300 4 5-.5"
      transform="translate(0 .4)"
    />
  ),
  computed: <path d="M2 3.800h8M2 8h8" />,
  typical: <path d="M1 9.500h2.200V6.500h2V3h1.600v3.500h2v3H11" />,
  unknown: (
    <path
      d="M6 1.200a4.800 4.800 0 1 1 0 9.600a4.800 4.800 0 0 1 0-9.600"
      strokeDasharray="1.6 1.6"
    />
  ),
};

/** The small drawn mark beside a figure; its shape, not its colour, tells how the figure is known. */
export function OriginMark({
  known,
  size = 12,
}: {
  readonly known: Known;
  readonly size?: number;
}) {
  return (
    <svg
      viewBox="0 0 12 12"
      width={size}
      height={size}
      fill="none"
      stroke="currentColor"
      strokeWidth="1.3"
      role="img"
      aria-label={WORDS[known]}
      style={{ flexShrink: 0, display: 'inline-block', color: 'var(--chakra-colors-fg-subtle)' }}
    >
      <title>{WORDS[known]}</title>
      {DRAWN[known]}
    </svg>
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
