'use client';
import { chakra, Text } from '@chakra-ui/react';
import { useId, useState, type ReactNode } from 'react';

const Press = chakra('button');

/** A word of the trade: what it is and how it is measured, and what is usual. */
export interface TermWords {
  readonly term: string;
  readonly what: string;
  readonly usual: string;
}

interface Term {
  /** A small press that stands behind the label. */
  readonly press: ReactNode;
  /** The two lines that it opens, to stand below. */
  readonly note: ReactNode;
}

/** What a label's word means, opened and folded by a press behind it; nothing where the word needs no telling. */
export function useTerm(words: TermWords | undefined): Term {
  const [open, setOpen] = useState(false);
  const id = useId();
  if (!words) return { press: null, note: null };
  return {
    press: (
      <Press
        type="button"
        aria-label={`What ${words.term.toLowerCase()} means`}
        aria-expanded={open}
        aria-controls={id}
        cursor="pointer"
        display="inline-grid"
        placeItems="center"
        boxSize="24px"
        my="-3px"
        ml="0.5"
        borderRadius="full"
        fontSize="xs"
        fontWeight="700"
        color="accent"
        _hover={{ bg: 'accent.soft' }}
        onClick={() => setOpen(!open)}
      >
        ?
      </Press>
    ),
    note: (
      <Text
        id={id}
        hidden={!open}
        fontSize="xs"
        borderLeftWidth="3px"
        borderColor="accent"
        pl="2"
        my="1"
        maxW="60ch"
      >
        {words.what} Usual: {words.usual.charAt(0).toLowerCase()}
        {words.usual.slice(1)}
      </Text>
    ),
  };
}
