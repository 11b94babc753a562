'use client';
import { Box, Heading, Text } from '@chakra-ui/react';
import type { ReactNode } from 'react';

/** A screen's heading; leaves room for the tools on its right. */
export function ScreenHeading({
  title,
  children,
}: {
  readonly title: string;
  readonly children?: ReactNode;
}) {
  return (
    <Box
      mb="4"
      pr={{ base: '0', md: '330px' }}
      pt={{ base: '44px', md: '0' }}
      minH={{ md: '48px' }}
    >
      <Heading as="h1" size="2xl" fontWeight="800" letterSpacing="-0.01em">
        {title}
      </Heading>
      {children && (
        <Text color="fg.muted" mt="0.5">
          {children}
        </Text>
      )}
    </Box>
  );
}
