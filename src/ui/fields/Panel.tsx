'use client';
import { Box, Flex, Heading } from '@chakra-ui/react';
import type { CSSProperties, ReactNode } from 'react';

/** Styles of what is drawn only near the view; until then it takes this much height, px, and afterwards what it last had. */
export const whenNear = (height: number): CSSProperties => ({
  contentVisibility: 'auto',
  containIntrinsicBlockSize: `auto ${height}px`,
});

/** A titled sheet on the ground of the page. */
export function Panel({
  title,
  aside,
  below,
  children,
}: {
  readonly title: string;
  readonly aside?: ReactNode;
  /** Of a panel far down a screen: its usual height in px. It is laid out and painted only near what is in view. */
  readonly below?: number;
  readonly children: ReactNode;
}) {
  return (
    <Box
      as="section"
      {...(below !== undefined && { style: whenNear(below) })}
      bg="bg.panel"
      borderRadius="plate"
      borderWidth="1px"
      borderColor="border"
      px="4"
      pt="3"
      pb="3"
    >
      <Flex justify="space-between" align="baseline" gap="3" mb="1">
        <Heading as="h2" size="md" fontWeight="700" minW="0">
          {title}
        </Heading>
        {aside}
      </Flex>
      {children}
    </Box>
  );
}
