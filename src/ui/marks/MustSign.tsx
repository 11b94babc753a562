'use client';
import { Box, Flex, Text } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import {
  mustSignWords,
  mustWords,
  VERDICT_SIGNS,
  type MustShown,
  type Reader,
} from '@/ui/messages';

/** One must at a glance: how it stands, and how likely where it is not kept; the whole sentence on pointing at it. */
export function MustSign({ must, reader }: { readonly must: MustShown; readonly reader: Reader }) {
  const sign = VERDICT_SIGNS[must.verdict];
  return (
    <Text
      as="span"
      display="inline-block"
      mr="3"
      color={sign.colour}
      fontWeight="600"
      title={mustWords(must, reader)}
    >
      {mustSignWords(must)}
      <Box as="span" srOnly>
        {' '}
        {sign.words}
      </Box>
    </Text>
  );
}

/** All musts in a row; with `open` alone those that are not kept, or that all are. */
export function MustRow({
  musts,
  reader,
  open = false,
}: {
  readonly musts: readonly MustShown[];
  readonly reader: Reader;
  readonly open?: boolean;
}) {
  const shown = open ? musts.filter((m) => m.verdict !== 'pass') : musts;
  if (open && shown.length === 0 && musts.length > 0)
    return (
      <Text as="span" color="pass" fontWeight="600">
        ✓ every must
      </Text>
    );
  return shown.map((must) => <MustSign key={must.key} must={must} reader={reader} />);
}

/** One must on a line of its own: its sign, its sentence, and what stands behind it. */
export function MustLine({
  must,
  reader,
  children,
}: {
  readonly must: MustShown;
  readonly reader: Reader;
  readonly children?: ReactNode;
}) {
  const sign = VERDICT_SIGNS[must.verdict];
  return (
    <Flex gap="2" py="0.5">
      <Text color={sign.colour} fontWeight="800" width="14px" flexShrink={0} title={sign.words}>
        {sign.sign}
      </Text>
      <Box flex="1">
        {mustWords(must, reader)}
        {children}
      </Box>
    </Flex>
  );
}
