'use client';
import { standing, type Standing } from '../queries';
import { useDossierState } from './store-context';

/** Where the shortlist stands now; shared by every screen. */
export const useStanding = (): Standing | undefined => standing(useDossierState((s) => s.dossier));
