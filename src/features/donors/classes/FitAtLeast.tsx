'use client';
import { Box, Flex, Text } from '@chakra-ui/react';
import { useDeferredValue, useMemo, useState } from 'react';
import type { DonorClass } from '@/core/donor';
import type { LookFor } from '@/core/outlook';
import { liftsIn } from '@/store/queries';
import { useDossierState, usePreferences } from '@/store/react';
import { RangeInput } from '@/ui/fields';
import { formatNumber, liftWords, type Reader } from '@/ui/messages';

/** Beyond the musts: which one figure brings a machine of the class to a fit. */
export function FitAtLeast({
  donorClass,
  found,
  reader,
}: {
  readonly donorClass: DonorClass;
  readonly found: LookFor;
  readonly reader: Reader;
}) {
  const dossier = useDossierState((s) => s.dossier);
  const [{ purpose }] = usePreferences();
  const [wanted, setWanted] = useState(70);
  const atLeast = useDeferredValue(wanted);
  const lifts = useMemo(
    () => liftsIn(dossier, donorClass, purpose, found, atLeast),
    [dossier, donorClass, purpose, found, atLeast],
  );
  return (
    <Box mt="3">
      <Flex align="center" gap="3" maxW="460px">
        <Text whiteSpace="nowrap">A fit of at least</Text>
        <RangeInput
          min={30}
          max={95}
          value={wanted}
          aria-label="A fit of at least"
          onValue={setWanted}
        />
        <Text fontWeight="700" width="34px" textAlign="right">
          {formatNumber(wanted)}
        </Text>
      </Flex>
      {lifts && (
        <Text mt="1" maxW="78ch" aria-live="polite">
          {liftWords(lifts, atLeast, reader)}
        </Text>
      )}
    </Box>
  );
}
