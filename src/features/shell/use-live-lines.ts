'use client';
import { standing } from '@/store/queries';
import { useDossierState, usePreferences } from '@/store/react';
import { BRIEF_KEY } from '@/store/records';
import { useBestParts } from '@/store/running';
import type { StripFacts } from './live-lines';
import { STEPS, type Step } from './steps';

/** A line that cannot be made leaves the strip as it is: the screen itself says what is wrong. */
function lineOf(step: Step, facts: StripFacts): string {
  try {
    return step.line(facts);
  } catch {
    return '…';
  }
}

/** One live line for each step of the strip, by path. */
export function useLiveLines(): Readonly<Record<string, string>> {
  const dossier = useDossierState((s) => s.dossier);
  const storage = useDossierState((s) => s.storage);
  const keeping = useDossierState((s) => s.keeping);
  const [{ units, purpose }] = usePreferences();
  const reader = { units, currency: dossier.briefs[BRIEF_KEY]?.money.currency ?? 'EUR' } as const;
  let now: StripFacts['standing'];
  try {
    now = standing(dossier, purpose);
  } catch {
    now = undefined;
  }
  const planned = useBestParts(now, false);
  const best = planned?.planned === planned?.of ? planned?.standing : undefined;
  const facts: StripFacts = { dossier, standing: now, best, storage, keeping, reader };
  return Object.fromEntries(STEPS.map((step) => [step.path, lineOf(step, facts)]));
}
