'use client';
import { Box, chakra, Flex, Heading, Text } from '@chakra-ui/react';
import { ChevronDown, ChevronRight } from 'lucide-react';
import type { ReactNode } from 'react';

const Press = chakra('button');

interface FoldedPanelProps {
  readonly id: string;
  readonly title: string;
  /** What stands in it, in a line; shown while it is folded and while it is open. */
  readonly line: ReactNode;
  readonly open: boolean;
  readonly onToggle: () => void;
  readonly children: () => ReactNode;
}

/** A titled sheet that is folded to a line with what stands in it, and opened by a press. */
export function FoldedPanel({ id, title, line, open, onToggle, children }: FoldedPanelProps) {
  const Sign = open ? ChevronDown : ChevronRight;
  return (
    <Box
      as="section"
      id={id}
      aria-label={title}
      bg="bg.panel"
      borderRadius="plate"
      borderWidth="1px"
      borderColor="border"
    >
      <Heading as="h2" size="md" fontWeight="700">
        <Press
          type="button"
          aria-expanded={open}
          aria-controls={`${id}-body`}
          aria-describedby={`${id}-line`}
          onClick={onToggle}
          display="flex"
          alignItems="center"
          gap="2"
          width="100%"
          textAlign="left"
          px="4"
          pt="3"
          pb="0.5"
          minH="44px"
          cursor="pointer"
        >
          <Sign size={18} aria-hidden />
          {title}
        </Press>
      </Heading>
      <Text id={`${id}-line`} px="4" pb="3" pl="42px" color="fg.muted" lineHeight="1.45">
        {line}
      </Text>
      <Box id={`${id}-body`} px="4" pb={open ? '3' : '0'} hidden={!open}>
        {open && (
          <Box borderTopWidth="1px" borderColor="border.muted" pt="2">
            {children()}
          </Box>
        )}
      </Box>
    </Box>
  );
}

/** Fields beside each other where there is room. */
export function FieldColumns({ children }: { readonly children: ReactNode }) {
  return (
    <Box
      display="grid"
      gridTemplateColumns={{ base: 'minmax(0, 1fr)', '2xl': 'repeat(2, minmax(0, 1fr))' }}
      columnGap="8"
    >
      {children}
    </Box>
  );
}

/** Opens or folds every group at once. */
export function FoldAll({
  some,
  onPress,
}: {
  /** Whether one is folded still. */
  readonly some: boolean;
  readonly onPress: () => void;
}) {
  return (
    <Flex justify="flex-end">
      <Press
        type="button"
        fontSize="sm"
        textDecoration="underline"
        cursor="pointer"
        minH="32px"
        onClick={onPress}
      >
        {some ? 'Open every group' : 'Fold every group'}
      </Press>
    </Flex>
  );
}
