'use client';
import { Box, Flex, Text } from '@chakra-ui/react';
import { cautionWords, formatNumber, gapWords, METRIC_WORDS, type Reader } from '../messages';

type Gap = Parameters<typeof gapWords>[0] & {
  readonly closer?:
    | { readonly cautions: readonly Parameters<typeof cautionWords>[0][] }
    | undefined;
};

interface GapLadderProps {
  readonly gaps: readonly Gap[];
  readonly reader: Reader;
  /** How many rungs are drawn. */
  readonly most?: number;
  /** For paper: in the size of the text around it. */
  readonly small?: boolean;
}

/** What stands between a candidate and the brief, largest first, and what each gap costs to close. */
export function GapLadder({ gaps, reader, most, small = false }: GapLadderProps) {
  if (gaps.length === 0)
    return <Text py="2">Every want of the brief reaches its need. Nothing has to be bought.</Text>;
  const largest = Math.max(...gaps.map((g) => g.loss));
  const sum = gaps.reduce((total, g) => total + g.loss, 0);
  const shown = gaps.slice(0, most);
  return (
    <Box>
      <Text color="fg.muted" fontSize={small ? 'inherit' : 'sm'}>
        {gaps.length === 1 ? 'One gap' : `${gaps.length} gaps`}, together {formatNumber(sum, 1)}{' '}
        points below the needs{shown.length < gaps.length ? `; the largest ${shown.length}` : ''}.
      </Text>
      <Box
        as="ol"
        listStyleType="none"
        mt="2"
        borderLeftWidth="3px"
        borderColor="border.emphasized"
      >
        {shown.map((gap) => (
          <Rung key={gap.want} gap={gap} largest={largest} reader={reader} small={small} />
        ))}
      </Box>
    </Box>
  );
}

function Rung({
  gap,
  largest,
  reader,
  small,
}: {
  readonly gap: Gap;
  readonly largest: number;
  readonly reader: Reader;
  readonly small: boolean;
}) {
  const size = small ? 'inherit' : 'sm';
  const { have, short, closing } = gapWords(gap, reader);
  return (
    <Box as="li" pl="3" py={small ? '1' : '2'} position="relative" breakInside="avoid">
      <Box
        position="absolute"
        left="-3px"
        top={small ? '11px' : '17px'}
        width="12px"
        height="3px"
        bg="border.emphasized"
      />
      <Flex justify="space-between" gap="3" align="baseline">
        <Text fontWeight="700">{METRIC_WORDS[gap.want].name}</Text>
        <Text whiteSpace="nowrap" color="fail" fontWeight="700">
          {formatNumber(gap.loss, 1)} points
        </Text>
      </Flex>
      <Box
        height={small ? '6px' : '8px'}
        bg="bg.subtle"
        my={small ? '0.5' : '1'}
        css={{ printColorAdjust: 'exact' }}
      >
        <Box
          height="100%"
          bg="fail"
          style={{ width: `${Math.max(2, (gap.loss / largest) * 100)}%` }}
        />
      </Box>
      <Text fontSize={size}>
        {have}
        {short && (
          <>
            : <b>{short}</b>
          </>
        )}
      </Text>
      <Text fontSize={size} color="fg.muted">
        {closing}
      </Text>
      {gap.closer?.cautions.map((caution) => {
        const { what, todo, grave } = cautionWords(caution, reader);
        return (
          <Text key={caution.code} fontSize="sm">
            <Text as="span" fontWeight="700" color={grave ? 'fail' : 'unsure'}>
              {what}
            </Text>{' '}
            {todo}
          </Text>
        );
      })}
    </Box>
  );
}
