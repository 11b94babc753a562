'use client';
import { Box, chakra, Flex, Text } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { ShelfRow } from '../messages';

const Board = chakra('button');

/** Two tracks of one width, with their words: how often all musts hold, and where of 100 the fit lies. */
function Tracks({ row }: { readonly row: ShelfRow }) {
  return (
    <Box
      as="span"
      display="block"
      flexShrink={0}
      width={{ base: '100%', sm: '200px' }}
      pl={{ base: '30px', sm: '0' }}
      fontSize="xs"
      lineHeight="1.3"
    >
      <Box as="span" display="block" height="7px" bg="bg.subtle" aria-hidden>
        <Box
          as="span"
          display="block"
          height="100%"
          style={{ width: `${row.all * 100}%` }}
          bg="fg"
        />
      </Box>
      <span>{row.allWords}</span>
      <Box
        as="span"
        display="block"
        height="7px"
        bg="bg.subtle"
        position="relative"
        mt="2px"
        aria-hidden
      >
        <Box
          as="span"
          display="block"
          position="absolute"
          top="0"
          bottom="0"
          style={{
            left: `${row.fit.low}%`,
            width: `${Math.max(1, row.fit.high - row.fit.low)}%`,
          }}
          bg="accent"
        />
      </Box>
      <Box as="span" display="block">
        fit {row.fitWords} of 100
      </Box>
    </Box>
  );
}

/** The classes of machine as boards of a shelf, each with what it promises; a pressed one opens what stands below it. */
export function ClassShelf({
  rows,
  open,
  settling,
  onOpen,
  children,
}: {
  readonly rows: readonly ShelfRow[];
  readonly open?: string | undefined;
  /** The figures are those before the last edit. */
  readonly settling: boolean;
  readonly onOpen?: ((id: ShelfRow['id'] | undefined) => void) | undefined;
  /** What stands below the open board. */
  readonly children?: ReactNode;
}) {
  return (
    <Box
      as="ol"
      listStyleType="none"
      opacity={settling ? 0.55 : 1}
      transition="opacity 120ms"
      aria-busy={settling}
    >
      {rows.map((row) => (
        <Box as="li" key={row.id} borderTopWidth="1px" borderColor="border">
          <Board
            type="button"
            disabled={!onOpen}
            aria-expanded={onOpen ? open === row.id : undefined}
            onClick={() => onOpen?.(open === row.id ? undefined : row.id)}
            width="100%"
            textAlign="left"
            py="2"
            px="1"
            cursor={onOpen ? 'pointer' : 'default'}
            bg={open === row.id ? 'bg.subtle' : undefined}
            _hover={onOpen ? { bg: 'bg.subtle' } : {}}
          >
            <Flex gap="3" align="center" wrap="wrap">
              <Text
                as="span"
                width="18px"
                fontWeight="800"
                color={row.promise.colour}
                aria-hidden
                flexShrink={0}
              >
                {row.promise.sign}
              </Text>
              <Box flex="1" minW="210px">
                <Text as="span" display="block" fontWeight="700" lineHeight="1.25">
                  {row.name}
                </Text>
                <Text as="span" display="block" fontSize="xs" color="fg.muted">
                  <Text as="span" color={row.promise.colour} fontWeight="700">
                    {row.promise.words}
                  </Text>
                  : {row.binds}
                </Text>
              </Box>
              <Tracks row={row} />
            </Flex>
          </Board>
          {open === row.id && children}
        </Box>
      ))}
    </Box>
  );
}
