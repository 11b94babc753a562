'use client';
import { Box, Text } from '@chakra-ui/react';
import { nearestTurnings } from '@/core/doubt';
import type { DoubtViewModel } from '@/store/running';
import { turningWords, type Reader } from '@/ui/messages';

interface TurningsProps {
  readonly doubt: DoubtViewModel;
  readonly name: (id: string) => string;
  readonly reader: Reader;
}

const MOST_SHOWN = 8;

/** The smallest single changes that would swap the leader and a rival, the nearest first. */
export function Turnings({ doubt: { turnings, order, result }, name, reader }: TurningsProps) {
  const [leader] = order;
  if (!result || leader === undefined) return <Text color="fg.muted">Drawing …</Text>;
  const near = [
    ...new Set(nearestTurnings(turnings).map((t) => turningWords(t, leader, name, reader))),
  ].slice(0, MOST_SHOWN);
  if (near.length === 0) return <Text>No single figure or weight would turn it.</Text>;
  return (
    <Box as="ul" listStyleType="none">
      {near.map((words) => (
        <Text
          as="li"
          key={words}
          py="1"
          borderTopWidth="1px"
          borderColor="border.muted"
          _first={{ borderTopWidth: 0 }}
        >
          {words}
        </Text>
      ))}
    </Box>
  );
}
