'use client';
import { Box, Flex, Text } from '@chakra-ui/react';
import { TriangleAlert } from 'lucide-react';
import type { Donor } from '@/core/donor';
import { checksOf } from '@/store/queries';
import { useDossierState } from '@/store/react';
import { checkWords, type Reader } from '@/ui/messages';

/** What in the sheet cannot be, or seldom is: what, why, and what to look at. Nothing is blocked. */
export function Checks({ donor, reader }: { readonly donor: Donor; readonly reader: Reader }) {
  const dossier = useDossierState((s) => s.dossier);
  const checks = checksOf(donor, dossier);
  if (checks.length === 0) return null;
  return (
    <Box
      as="section"
      aria-label="Things to check"
      borderLeftWidth="4px"
      borderColor="unsure"
      pl="3"
      py="1"
      mt="3"
    >
      <Flex align="center" gap="2" color="unsure" fontWeight="700">
        <TriangleAlert size={16} />{' '}
        {checks.length === 1 ? 'One thing to check' : `${checks.length} things to check`}
      </Flex>
      <Box as="ul" listStyleType="none">
        {checks.map((check) => {
          const words = checkWords(check, reader);
          return (
            <Text as="li" key={JSON.stringify(check)} mt="1">
              <Text as="span" fontWeight="700">
                {words.what}
              </Text>{' '}
              {words.why}{' '}
              <Text as="span" color="fg.muted">
                {words.look}
              </Text>
            </Text>
          );
        })}
      </Box>
    </Box>
  );
}
