'use client';
import { Box, Heading } from '@chakra-ui/react';
import type { ReactNode } from 'react';

/** One titled piece of the paper; never torn apart by a page's end. */
export function Block({
  title,
  children,
}: {
  readonly title: string;
  readonly children: ReactNode;
}) {
  return (
    <Box as="section" minW="0" breakInside="avoid">
      <Heading as="h3" fontSize="14px" fontWeight="800" mb="1">
        {title}
      </Heading>
      {children}
    </Box>
  );
}
