'use client';
import { Box, Input, Text } from '@chakra-ui/react';
import { SELLER_ANSWER_MOST, SELLER_QUESTIONS } from '@/core/inspection';
import { Panel } from '@/ui/fields';
import { SELLER_WORDS } from '@/ui/messages';
import type { CardModel } from './use-card';

/** What the seller is asked, and what was said. */
export function Seller({ model }: { readonly model: CardModel }) {
  const said = model.seen.answers ?? {};
  return (
    <Panel
      title="Ask the seller"
      aside={
        <Text fontSize="sm" color="fg.muted" fontWeight="600">
          {Object.keys(said).length} of {SELLER_QUESTIONS.length} answered
        </Text>
      }
    >
      {SELLER_QUESTIONS.map((question) => (
        <Box key={question} py="2">
          <label htmlFor={`seller-${question}`}>
            <b>{SELLER_WORDS[question].ask}</b>{' '}
            <Text as="span" fontSize="sm" color="fg.muted">
              {SELLER_WORDS[question].listen}
            </Text>
          </label>
          <Input
            key={said[question] ?? ''}
            id={`seller-${question}`}
            size="md"
            mt="1"
            bg="bg.panel"
            borderColor="border.emphasized"
            maxLength={SELLER_ANSWER_MOST}
            defaultValue={said[question] ?? ''}
            onBlur={(e) => {
              const words = e.target.value.trim();
              if (words !== (said[question] ?? '')) model.answerSeller(question, words);
            }}
          />
        </Box>
      ))}
    </Panel>
  );
}
