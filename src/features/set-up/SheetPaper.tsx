'use client';
import { Box, Heading, Text } from '@chakra-ui/react';
import { SETUP_ENDS } from '@/core/set-up';
import {
  ADJUSTER_WORDS,
  CHANGE_VERDICT_WORDS,
  END_WORDS,
  formatTo,
  LOAD_WORDS,
  preloadWords,
  springWords,
} from '@/ui/messages';
import type { SetUpModel } from './use-set-up';

/** The sheet on paper, for the shed. */
export function SheetPaper({ model }: { readonly model: SetUpModel }) {
  const { sheet, ends, name, reader } = model;
  if (!sheet || !ends) return null;
  const length = (mm: number) => formatTo(mm, 'length', reader.units === 'us' ? 2 : 0, reader);
  return (
    <Box display="none" _print={{ display: 'block' }} fontSize="12px">
      <Heading as="h2" size="lg">
        {name}: {sheet.name}, {sheet.on}
      </Heading>
      <Text>Rider sag taken with: {LOAD_WORDS[sheet.load]}</Text>
      {SETUP_ENDS.map((end) => {
        const { sag, advice, setup } = ends[end];
        return (
          <Box key={end} mt="3">
            <Text fontWeight="700">{END_WORDS[end]}</Text>
            <Text>
              free sag {sag.free ? length(sag.free.mm) : 'not taken'}, rider sag{' '}
              {sag.rider ? length(sag.rider.mm) : 'not taken'}; preload{' '}
              {setup.turns === undefined ? 'not noted' : `${setup.turns} turns`}, compression{' '}
              {setup.compression ?? 'not noted'}, rebound {setup.rebound ?? 'not noted'} clicks out;
              tyre{' '}
              {setup.pressure_bar === undefined
                ? 'not noted'
                : formatTo(setup.pressure_bar, 'pressure', 2, reader)}
            </Text>
            {advice && (
              <Text>
                {preloadWords(advice, reader)} {springWords(advice)}
              </Text>
            )}
          </Box>
        );
      })}
      {sheet.changes.map((c) => (
        <Text key={c.id}>
          {c.on} {END_WORDS[c.end].toLowerCase()} {ADJUSTER_WORDS[c.what]} {c.from} → {c.to}:{' '}
          {c.verdict ? CHANGE_VERDICT_WORDS[c.verdict] : 'not ridden yet'}
        </Text>
      ))}
      {sheet.note && <Text mt="2">{sheet.note}</Text>}
    </Box>
  );
}
