'use client';
import { chakra } from '@chakra-ui/react';

const Input = chakra('input');

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
    <Input
      type="range"
      step={1}
      flex="1"
      minW="60px"
      height="28px"
      cursor="pointer"
      css={{ accentColor: 'var(--chakra-colors-accent)' }}
      {...input}
      onChange={(e) => onValue(Number(e.target.value))}
    />
  );
}
