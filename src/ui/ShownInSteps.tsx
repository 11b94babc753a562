'use client';
import { Button } from '@chakra-ui/react';
import { useState, type ReactNode } from 'react';
import { formatNumber } from './messages';

/** Rows of a list shown before the rider asks for more, and with every asking. */
export const ROWS_A_STEP = 60;

interface Props<T> {
  readonly items: readonly T[];
  /** What the rows are, in the plural: "parts". */
  readonly noun: string;
  readonly row: (item: T) => ReactNode;
}

/** A list that draws its first rows, and more when asked: a long one must not keep the page from coming up. Nothing is left out unsaid. */
export function ShownInSteps<T>({ items, noun, row }: Props<T>) {
  const [most, setMost] = useState(ROWS_A_STEP);
  const left = items.length - most;
  return (
    <>
      {items.slice(0, most).map(row)}
      {left > 0 && (
        <Button
          size="sm"
          variant="outline"
          borderColor="border.emphasized"
          my="2"
          onClick={() => setMost(most + ROWS_A_STEP)}
        >
          {`Show ${formatNumber(Math.min(left, ROWS_A_STEP))} more of ${formatNumber(items.length)} ${noun}`}
        </Button>
      )}
    </>
  );
}
