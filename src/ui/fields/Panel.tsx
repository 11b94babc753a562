'use client';
import { Box, Flex, Heading } from '@chakra-ui/react';
import type { ReactNode } from 'react';

/** A titled sheet on the ground of the page. */
export function Panel({
  title,
  aside,
  children,
}: {
  readonly title: string;
  readonly aside?: ReactNode;
  readonly children: ReactNode;
}) {
  return (
    <Box
      as="section"
      bg="bg.panel"
      borderRadius="plate"
      borderWidth="1px"
      borderColor="border"
      px="4"
      pt="3"
      pb="3"
    >
      <Flex justify="space-between" align="baseline" gap="3" mb="1">
        <Heading as="h2" size="md" fontWeight="700">
          {title}
        </Heading>
        {aside}
      </Flex>
      {children}
    </Box>
  );
}
