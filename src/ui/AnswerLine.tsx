'use client';
import { Box, Text } from '@chakra-ui/react';
import type { BestAnswer } from './messages';

/** The answer across the whole shortlist: who leads with the best parts for the money, which parts, for how much, and how sure. */
export function AnswerLine({
  answer,
  act,
}: {
  readonly answer: BestAnswer | undefined;
  /** What can be done with it here. */
  readonly act?: React.ReactNode;
}) {
  if (!answer) return null;
  return (
    <Box mb="2" aria-live="polite">
      <Text fontSize="lg" fontWeight="600" lineHeight="1.3">
        {answer.sentence}
      </Text>
      {answer.build && <Text>{answer.build}</Text>}
      {answer.more && (
        <Text fontSize="sm" color="fg.muted">
          {answer.more}
        </Text>
      )}
      {answer.untold && (
        <Text fontSize="sm" color="fg.muted">
          {answer.untold}
        </Text>
      )}
      {answer.look && (
        <Text fontSize="sm" color="fg.muted">
          {answer.look}
        </Text>
      )}
      {answer.progress && (
        <Text color="unsure" fontWeight="600">
          {answer.progress}
        </Text>
      )}
      {act}
    </Box>
  );
}
