import { openedBy, readDossiers } from '../dossiers';
import { localStore, sessionStore } from './small-stores';

/** Where a tab keeps which dossier it has open. */
export const DOSSIER_OF_TAB = 'jugator-dossier';

/** What this tab has open. The browser may refuse its small stores; then it is the first. */
export function dossierOfTab(): string {
  try {
    return openedBy(
      readDossiers(localStore()),
      sessionStore().getItem(DOSSIER_OF_TAB) ?? undefined,
    );
  } catch {
    return '';
  }
}
