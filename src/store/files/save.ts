import type { Dossier } from '../records';
import { downloadFile } from '../tables/download';
import { formatDossierFile } from './dossier-file';

const saveText = (text: string, name: string, at: string): void =>
  downloadFile(new Blob([text], { type: 'application/json' }), `${name}-${at.slice(0, 10)}.json`);

/** Hands the rider a dossier file, dated. */
export function saveDossier(dossier: Dossier, name: string): void {
  const at = new Date().toISOString();
  saveText(formatDossierFile(dossier, at), name, at);
}

/** Hands the rider something as it is stored, for whoever can mend it. */
export const saveRaw = (what: unknown, name: string): void =>
  saveText(`${JSON.stringify(what, undefined, 2)}\n`, name, new Date().toISOString());
