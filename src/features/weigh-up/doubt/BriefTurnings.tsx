'use client';
import { Box, Text } from '@chakra-ui/react';
import { useDeferredValue, useMemo } from 'react';
import { briefTurnings, type BriefTurning, type Standing } from '@/store/queries';
import { useDossierState } from '@/store/react';
import { formatNumber, GROUND_WORDS, type Reader } from '@/ui/messages';
import type { View } from '../use-weigh-up';
import type { DoubtViewModel } from './use-doubt';

interface BriefTurningsProps {
  readonly doubt: DoubtViewModel;
  readonly standing: Standing;
  readonly view: View;
  readonly name: (id: string) => string;
  readonly reader: Reader;
}

const words = (turning: BriefTurning, reader: Reader): string => (turning.kind === 'ground'
  ? `${GROUND_WORDS[turning.ground].toLowerCase()} made up ${turning.to} % of the way instead of ${turning.from} %`
  : `the budget were ${formatNumber(turning.to)} ${reader.currency} instead of ${formatNumber(turning.from)}`);

/** What in the brief itself would put the next one ahead: ground shares and the budget. */
export function BriefTurnings({ doubt: { order }, standing, view, name, reader }: BriefTurningsProps) {
  const dossier = useDossierState((s) => s.dossier);
  const [leader, rival] = order;
  const late = useDeferredValue(useMemo(() => ({ standing, dossier, leader, rival, view }), [standing, dossier, leader, rival, view]));
  const turnings = useMemo(() => {
    const [a, b] = [late.leader, late.rival].map((id) => late.standing.candidates.find((c) => c.candidate.id === id));
    return a && b ? briefTurnings(late.dossier, late.standing, a, b, late.view) : [];
  }, [late]);
  if (turnings.length === 0 || rival === undefined) return null;
  return (
    <Box as="ul" listStyleType="none">
      {turnings.map((t) => <Text as="li" key={words(t, reader)} py="1" borderTopWidth="1px" borderColor="border.muted">{name(rival)} would be worth more if {words(t, reader)}.</Text>)}
    </Box>
  );
}
