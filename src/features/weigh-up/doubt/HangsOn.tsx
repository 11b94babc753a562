'use client';
import { Box, Text } from '@chakra-ui/react';
import { useDeferredValue, useMemo } from 'react';
import { stakes } from '@/core/stakes';
import { shortName } from '@/core/donor';
import { question, type Standing } from '@/store/queries';
import { askWords, type Reader } from '@/ui/messages';
import type { View } from '../use-weigh-up';

interface HangsOnProps {
  readonly standing: Standing;
  readonly view: View;
  readonly leader: string | undefined;
  readonly reader: Reader;
}

const MOST_SHOWN = 5;

/** The single readings that the leader's fit and musts hang on, and how each is found out. */
export function HangsOn({ standing, view, leader, reader }: HangsOnProps) {
  const late = useDeferredValue(
    useMemo(() => ({ standing, view, leader }), [standing, view, leader]),
  );
  const entry = late.standing.candidates.find((c) => c.candidate.id === late.leader);
  const open = useMemo(
    () =>
      entry
        ? stakes({ ...entry.bare, parts: late.view === 'stock' ? [] : entry.parts }).slice(
            0,
            MOST_SHOWN,
          )
        : [],
    [entry, late],
  );
  if (!entry) return null;
  if (open.length === 0)
    return (
      <Text>
        Nothing about {shortName(entry.donor)} is left to measure that would move its fit.
      </Text>
    );
  return (
    <Box as="ul" listStyleType="none">
      {open.map((stake) => {
        const { figures } = late.view === 'stock' ? entry.stock : entry.built;
        const words = askWords(question(stake, figures), reader);
        return (
          <Text
            as="li"
            key={stake.key}
            py="1"
            borderTopWidth="1px"
            borderColor="border.muted"
            _first={{ borderTopWidth: 0 }}
          >
            <b>{words.name}</b>, {words.thought}: {words.why}. {words.how}
          </Text>
        );
      })}
    </Box>
  );
}
