'use client';
import { Box, Text } from '@chakra-ui/react';
import { useDeferredValue, useMemo } from 'react';
import { worthFindingOut, type Standing } from '@/store/queries';
import { listWords, worthKnowingWords } from '@/ui/messages';
import type { View } from '../use-weigh-up';
import { mustsNotKnown } from './not-known';

const MOST_SHOWN = 7;

/** What would better the choice most if it were known, and how it is found out. */
export function WorthFindingOut({
  standing,
  view,
  name,
}: {
  readonly standing: Standing;
  readonly view: View;
  readonly name: (id: string) => string;
}) {
  const late = useDeferredValue(useMemo(() => ({ standing, view }), [standing, view]));
  const worth = useMemo(() => worthFindingOut(late.standing, late.view), [late]);
  const open = [...mustsNotKnown(late.standing, late.view)];
  const first = open.length > 0 && (
    <Text mb="1" color="unsure">
      First what nobody knows and no draw can stand in for:{' '}
      {listWords(open.map(([id, musts]) => `${musts} of ${name(id)}`))}.
    </Text>
  );
  if (worth.length === 0)
    return (
      <>
        {first}
        <Text>
          {open.length > 0
            ? 'Nothing that is half known would better the choice among the others.'
            : 'Nothing that is half known would better the choice; what it hangs on is what you want.'}
        </Text>
      </>
    );
  return (
    <>
      {first}
      <Box as="ol" listStyleType="decimal" pl="5">
        {worth.slice(0, MOST_SHOWN).map((w) => {
          const { what, gain, how } = worthKnowingWords(w, name);
          return (
            <Text as="li" key={what} py="1">
              <b>{what}</b>: {gain}. {how}
            </Text>
          );
        })}
      </Box>
      <Text fontSize="xs" color="fg.muted" mt="1">
        Each alone, by the draws; a machine that breaks a must counts as nothing there.
      </Text>
    </>
  );
}
