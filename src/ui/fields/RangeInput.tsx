'use client';
import type { CSSProperties } from 'react';

const LOOK: CSSProperties = {
  flex: 1,
  minWidth: 60,
  height: 28,
  cursor: 'pointer',
  accentColor: 'var(--chakra-colors-accent)',
};

export interface RangeInputProps {
  readonly id?: string;
  readonly 'aria-label'?: string;
  readonly min: number;
  readonly max: number;
  readonly value: number;
  readonly disabled?: boolean;
  readonly onValue: (value: number) => void;
}

/** A slider of the browser's own: it moves many times a second, so it must cost nothing to draw. */
export function RangeInput({ onValue, ...input }: RangeInputProps) {
  return (
    <input
      type="range"
      step={1}
      style={LOOK}
      {...input}
      onChange={(e) => onValue(Number(e.target.value))}
    />
  );
}
