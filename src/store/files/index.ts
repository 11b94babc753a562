export { FILE_SIZE_LIMIT, formatDossierFile } from './dossier-file';
export { parseDossierFile, type FileFault } from './parse-dossier-file';
