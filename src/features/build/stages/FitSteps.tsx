'use client';
import { Box, Flex, Text } from '@chakra-ui/react';
import type { MustResult } from '@/core/assessment';
import type { StageStep } from '@/core/build';
import { buildTotal } from '@/core/money';
import { MustRow } from '@/ui/marks/MustSign';
import { formatNumber, STAGE_WORDS, type Reader } from '@/ui/messages';

interface FitStepsProps {
  readonly stock: number;
  readonly machine: number | undefined;
  readonly steps: readonly StageStep[];
  readonly reader: Reader;
}

/** Fit after each stage, as steps from the machine as it stands, with what is spent by then and the musts that are not kept yet. */
export function FitSteps({ stock, machine, steps, reader }: FitStepsProps) {
  const rows = [
    {
      key: 'stock',
      words: 'As it stands',
      points: stock,
      spent: machine,
      musts: undefined as readonly MustResult[] | undefined,
      before: stock,
    },
    ...steps.map((s, i) => ({
      key: s.stage,
      words: STAGE_WORDS[s.stage],
      points: s.score.points.mid,
      before: i === 0 ? stock : (steps[i - 1]?.score.points.mid ?? stock),
      spent:
        machine === undefined || s.after.cost.noRate.length > 0
          ? undefined
          : machine + buildTotal(s.after.cost),
      musts: s.after.musts,
    })),
  ];
  const low = Math.max(0, Math.min(...rows.map((r) => r.points)) - 12);
  const x = (points: number) => `${((points - low) / (100 - low)) * 100}%`;
  return (
    <Box as="ol" listStyleType="none">
      {rows.map((row) => (
        <Flex
          as="li"
          key={row.key}
          align="center"
          gap="3"
          py="1"
          wrap={{ base: 'wrap', xl: 'nowrap' }}
        >
          <Text width="170px" flexShrink={0}>
            {row.words}
          </Text>
          <Box flex="1" minW="120px" height="20px" position="relative" bg="bg.subtle" aria-hidden>
            <Box
              position="absolute"
              top="0"
              bottom="0"
              left="0"
              style={{ width: x(Math.min(row.points, row.before)) }}
              bg="fg.subtle"
            />
            <Box
              position="absolute"
              top="0"
              bottom="0"
              style={{
                left: x(Math.min(row.points, row.before)),
                width: `calc(${x(Math.max(row.points, row.before))} - ${x(Math.min(row.points, row.before))})`,
              }}
              bg={row.points >= row.before ? 'accent' : 'fail'}
            />
          </Box>
          <Text width={{ base: 'auto', md: '112px' }} flexShrink={0} textAlign="right">
            <b>{formatNumber(row.points, 1)}</b>
            {row.points !== row.before && (
              <Text as="span" color="fg.muted">
                {' '}
                ({row.points > row.before ? '+' : '−'}
                {formatNumber(Math.abs(row.points - row.before), 1)})
              </Text>
            )}
          </Text>
          <Text
            width={{ base: 'auto', md: '130px' }}
            flexShrink={0}
            textAlign={{ base: 'left', xl: 'right' }}
          >
            {row.spent === undefined
              ? 'not known'
              : `${formatNumber(row.spent)} ${reader.currency}`}
          </Text>
          <Box width={{ base: 'auto', md: '150px' }} flexShrink={0} fontSize="sm">
            {row.musts && <MustRow musts={row.musts} reader={reader} open />}
          </Box>
        </Flex>
      ))}
    </Box>
  );
}
