'use client';
import { Box, Flex, Text } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { useTerm, type TermWords } from './use-term';

export interface FieldRowProps {
  readonly id: string;
  readonly label: string;
  readonly hint?: ReactNode;
  readonly fault?: string | undefined;
  /** What the label's word means. */
  readonly term?: TermWords | undefined;
  readonly children: ReactNode;
}

/** Label, control and, below, the reason when what was typed is refused. */
export function FieldRow({ id, label, hint, fault, term, children }: FieldRowProps) {
  const { press, note } = useTerm(term);
  return (
    <Box py="1.5">
      <Flex align="center" justify="space-between" gap="3" minH="36px">
        <Box minW="0">
          <label htmlFor={id}>{label}</label>
          {press}
          {hint && (
            <Text fontSize="xs" color="fg.muted" id={`${id}-hint`}>
              {hint}
            </Text>
          )}
        </Box>
        {children}
      </Flex>
      {note}
      {fault && (
        <Text id={`${id}-fault`} role="alert" fontSize="xs" color="fail" fontWeight="600" mt="0.5">
          {fault}
        </Text>
      )}
    </Box>
  );
}
