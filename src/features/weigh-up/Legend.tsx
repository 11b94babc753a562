'use client';
import { memo } from 'react';
import { Flex } from '@chakra-ui/react';
import { OriginMark, Known } from '@/ui/marks/OriginMark';

const LEGEND: readonly (readonly [Known, string])[] = [
  ['measured', 'measured'],
  ['claimed', 'maker’s claim'],
  ['heard', 'heard'],
  ['estimated', 'estimated'],
  ['computed', 'computed from several'],
  ['typical', 'rests on what is typical of its class'],
  ['unknown', 'not known'],
];
/** How figures are known, by shape. */
export const Legend = memo(function Legend() {
  return (
    <Flex wrap="wrap" columnGap="4" rowGap="1" mt="1" fontSize="xs" color="fg.muted">
      {LEGEND.map(([known, words]) => (
        <Flex key={known} gap="1" align="center">
          <OriginMark known={known} /> {words}
        </Flex>
      ))}
    </Flex>
  );
});
