'use client';
import { Box, Button, Flex, Text } from '@chakra-ui/react';
import { Printer } from 'lucide-react';
import { Link } from '@/ui/Link';
import { useState } from 'react';
import type { DonorClass } from '@/core/donor';
import { useClassShelf } from '@/store/running';
import { useDossierState, usePreferences } from '@/store/react';
import { moneyOf } from '@/store/queries';
import { BRIEF_KEY } from '@/store/records';
import { shelfRows, shelfWords } from '@/ui/messages';
import { ClassShelf } from '@/ui/pictures/ClassShelf';
import { ScreenHeading } from '@/ui/ScreenHeading';
import { DonorRooms } from '../DonorRooms';
import { LookForPanel } from './LookForPanel';

/** The classes of machine weighed for the brief before any is known, and what to look for in one. */
export function ClassesScreen() {
  const brief = useDossierState((s) => s.dossier.briefs[BRIEF_KEY]);
  const currency = useDossierState((s) => moneyOf(s.dossier).currency);
  const [{ units }] = usePreferences();
  const { outlooks, settling } = useClassShelf();
  const [open, setOpen] = useState<DonorClass>();
  if (!brief)
    return (
      <Box>
        <ScreenHeading title="Classes">
          Classes are weighed for a brief, and there is none yet.
        </ScreenHeading>
        <Button asChild bg="accent" color="accent.ink">
          <Link href="/brief/guide">To the brief</Link>
        </Button>
      </Box>
    );
  const reader = { units, currency } as const;
  const unpriced = outlooks.filter((o) => o.unpriced).length;
  return (
    <Box>
      <ScreenHeading title="Classes">
        Each kind of machine weighed for this brief by what is typical of it, before any machine is
        known.
      </ScreenHeading>
      <DonorRooms />
      <Text fontSize="md" fontWeight="600" maxW="78ch" mb="3" aria-live="polite" minH="3em">
        {outlooks.length === 0 ? 'Weighing the classes…' : shelfWords(outlooks)}
      </Text>
      <Flex justify="flex-end" mb="1" _print={{ display: 'none' }}>
        <Text flex="1" fontSize="xs" color="fg.muted" pr="4">
          Dark bar: how often all musts hold. Coloured bar: where of 100 the fit lies for nine in
          ten machines. Press a class to see what to look for.
        </Text>
        {open && (
          <Button
            size="xs"
            variant="outline"
            borderColor="border.emphasized"
            onClick={() => window.print()}
          >
            <Printer size={14} /> Print
          </Button>
        )}
      </Flex>
      <ClassShelf rows={shelfRows(outlooks)} open={open} settling={settling} onOpen={setOpen}>
        {open && <LookForPanel donorClass={open} reader={reader} />}
      </ClassShelf>
      <Text fontSize="xs" color="fg.muted" mt="3" maxW="78ch">
        Typical figures are Jugator’s own estimates, low confidence; no single machine is meant.
        {unpriced > 0
          ? ` ${unpriced === outlooks.length ? 'No class has' : `${unpriced} classes have`} a price here, so money is left out of what is said of them: a donor or an advert of the class brings one, or type it where you see what to look for.`
          : ''}
      </Text>
    </Box>
  );
}
