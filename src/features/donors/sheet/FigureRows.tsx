'use client';
import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import type { Donor } from '@/core/donor';
import {
  readingInUse,
  rivalReadings,
  type Figure,
  type FigureKey,
  type NormalFigure,
  type Reading,
} from '@/core/readings';
import type { Reader } from '@/ui/messages';
import { quotedText } from '@/ui/stored';
import { NormalLine } from './NormalLine';
import { ReadingRow } from './ReadingRow';
import { SeenRows } from './SeenRows';
import { TypicalLine } from './TypicalLine';

interface RowsProps {
  /** The donor's own record. */
  readonly donor: Donor;
  /** With all it inherits. */
  readonly resolved: Donor;
  readonly name: string;
  readonly figureKey: FigureKey;
  /** What the model or variant it stands on says, where its own record says nothing. */
  readonly inherited: Figure | undefined;
  readonly normal: NormalFigure | undefined;
  readonly reader: Reader;
}

/** One figure of a donor: each reading as quoted, and what it comes to on the basis everything is compared on. */
export function FigureRows({
  donor,
  resolved,
  name,
  figureKey,
  inherited,
  normal,
  reader,
}: RowsProps) {
  const figure = donor.figures[figureKey];
  const [adding, setAdding] = useState(false);
  const [freshId, setFreshId] = useState(() => crypto.randomUUID());
  const readings: readonly (Reading | undefined)[] = figure
    ? [
        ...figure.readings,
        ...(adding && !figure.readings.some((r) => r.id === freshId) ? [undefined] : []),
      ]
    : [undefined];
  const inUse = readingInUse(figure);
  const rivals = new Set(rivalReadings(figureKey, figure).map((r) => r.id));
  const taken = figure ? undefined : readingInUse(inherited);
  return (
    <Box borderTopWidth="1px" borderColor="border.muted" py="1.5">
      {readings.map((reading, i) => (
        <ReadingRow
          key={reading?.id ?? freshId}
          donor={donor}
          donorName={name}
          placeholder={taken ? `takes over ${quotedText(taken)}` : 'not known'}
          rival={reading !== undefined && rivals.has(reading.id)}
          figureKey={figureKey}
          figure={figure}
          reading={reading}
          reader={reader}
          first={i === 0}
          newId={freshId}
          inUse={readings.length > 1 && reading !== undefined && reading.id === inUse?.id}
          onAdd={
            figure && !adding
              ? () => {
                  setFreshId(crypto.randomUUID());
                  setAdding(true);
                }
              : undefined
          }
          onDone={() => setAdding(false)}
        />
      ))}
      <SeenRows donorId={donor.id} name={name} line={figureKey} />
      <NormalLine figureKey={figureKey} normal={normal} reader={reader} />
      {!normal?.reading && <TypicalLine donor={resolved} line={figureKey} reader={reader} />}
    </Box>
  );
}
