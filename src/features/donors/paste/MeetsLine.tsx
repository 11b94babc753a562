'use client';
import { Text } from '@chakra-ui/react';
import { useMemo } from 'react';
import { assess, caseOf, settledBy } from '@/core/assessment';
import { briefForPurpose, WHOLE } from '@/core/brief';
import type { Origin } from '@/core/readings';
import { withLikelyClasses } from '@/core/typical';
import { evidenceIn, meetsOf } from '@/store/queries';
import { BRIEF_KEY, newDonor } from '@/store/records';
import { useDossierState } from '@/store/react';
import { meetsWords } from '@/ui/messages';
import { withProposals } from './enter';
import type { PasteSheet } from './use-paste';

/** At most so many figures are asked for in one breath. */
const ASKED = 3;

/** The first thing said of a machine in a text: how many of the brief's musts it is seen to keep, which it breaks, and what to ask for. */
export function MeetsLine({
  sheet,
  origin,
}: {
  readonly sheet: PasteSheet;
  readonly origin: Origin;
}) {
  const brief = useDossierState((s) => s.dossier.briefs[BRIEF_KEY]);
  const trials = useDossierState((s) => s.dossier.trials);
  const donors = useDossierState((s) => s.dossier.donors);
  const { donorClass, classGuessed, lines } = sheet;
  const words = useMemo(() => {
    if (!brief) return undefined;
    // As it will be judged once it is entered.
    const donor = { ...newDonor('read'), donorClass, classGuessed };
    const taken = lines.filter((l) => l.on && l.fault === undefined).map((l) => l.proposal);
    const read = { ...donor, ...withProposals(donor, taken, { origin, note: '' }) };
    const assessed = assess(
      caseOf({
        brief: briefForPurpose(brief, WHOLE),
        donor: withLikelyClasses(read),
        evidence: evidenceIn({ trials, donors }),
      }),
    );
    const meets = meetsOf(assessed);
    const ask = new Set(meets.open.flatMap((m) => settledBy(m, assessed.figures) ?? []));
    return meetsWords(meets, [...ask].slice(0, ASKED));
  }, [brief, trials, donors, donorClass, classGuessed, lines, origin]);
  if (!words) return null;
  return (
    <Text fontWeight="700" mb="2" aria-live="polite">
      {words}
    </Text>
  );
}
