'use client';
import { Text } from '@chakra-ui/react';

/** The first line of a screen, which answers. */
export function Lead({ children }: { readonly children: string }) {
  return (
    <Text fontSize="lg" fontWeight="600" lineHeight="1.3" mb="3" maxW="90ch" aria-live="polite">
      {children}
    </Text>
  );
}
