'use client';
import { Text, Flex } from '@chakra-ui/react';
import {
  type FigureKey,
  type NormalFigure,
  figureDefinition,
  figureUnit,
  knownAs,
} from '@/core/readings';
import { unitEntry } from '@/core/units';
import { OriginMark } from '@/ui/marks/OriginMark';
import {
  type Reader,
  formatFigure,
  formatNumber,
  formatQuoted,
  figureSpan,
  BASIS_WORDS,
  inSentence,
} from '@/ui/messages';

/** What the reading in use comes to, where that differs from what was quoted. */
export function NormalLine({
  figureKey,
  normal,
  reader,
}: {
  readonly figureKey: FigureKey;
  readonly normal: NormalFigure | undefined;
  readonly reader: Reader;
}) {
  if (!normal?.reading) return null;
  const { dimension } = figureDefinition(figureKey);
  if (normal.estimate.kind === 'unknown') {
    return (
      <Text fontSize="xs" color="unsure" pl={{ xl: '126px' }}>
        Not comparable yet: {normal.estimate.missing.map((m) => inSentence(m)).join(', ')} is not
        known.
      </Text>
    );
  }
  const { low, mid, high } = normal.estimate.interval;
  const shown = formatFigure(mid, figureKey, reader);
  const asQuoted =
    low === high &&
    shown ===
      `${formatNumber(normal.reading.amount)} ${unitEntry(normal.reading.unit).symbol}`.trim() &&
    (dimension === 'money' ||
      normal.reading.unit === figureUnit(figureKey, reader.units, reader.currency));
  if (
    asQuoted ||
    (low === high &&
      dimension !== 'money' &&
      shown === formatQuoted(normal.reading.amount, normal.reading.unit))
  )
    return null;
  const span = figureSpan({ low, high }, figureKey, reader);
  return (
    <Flex fontSize="xs" color="fg.muted" pl={{ xl: '126px' }} gap="1.5" align="center">
      <OriginMark known={knownAs(normal) ?? 'unknown'} />
      <Text>
        counts as{' '}
        <Text as="span" color="fg" fontWeight="700">
          {shown}
        </Text>
        {span && ` (${span})`}
        {normal.basis !== 'stated' && ` ${BASIS_WORDS[normal.basis]}`}
      </Text>
    </Flex>
  );
}
