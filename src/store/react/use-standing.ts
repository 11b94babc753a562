'use client';
import { standing, type Standing } from '../queries';
import { useDossierState, usePreferences } from './store-context';

/** Where the shortlist stands now, for the purpose that is looked at; shared by every screen. */
export function useStanding(): Standing | undefined {
  const [{ purpose }] = usePreferences();
  return standing(
    useDossierState((s) => s.dossier),
    purpose,
  );
}
