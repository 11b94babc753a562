'use client';
import { Box, Text } from '@chakra-ui/react';
import type { DoubtViewModel } from '@/store/running';
import { briefTurningWords, type Reader } from '@/ui/messages';

interface BriefTurningsProps {
  readonly doubt: DoubtViewModel;
  readonly name: (id: string) => string;
  readonly reader: Reader;
}

/** What in the brief itself would put the next one ahead: ground shares and the budget. */
export function BriefTurnings({
  doubt: { order, briefTurnings },
  name,
  reader,
}: BriefTurningsProps) {
  const [, rival] = order;
  if (briefTurnings.length === 0 || rival === undefined) return null;
  return (
    <Box as="ul" listStyleType="none">
      {briefTurnings.map((t) => {
        const words = briefTurningWords(t, name(rival), reader);
        return (
          <Text as="li" key={words} py="1" borderTopWidth="1px" borderColor="border.muted">
            {words}
          </Text>
        );
      })}
    </Box>
  );
}
