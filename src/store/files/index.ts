export { FILE_SIZE_LIMIT, formatDossierFile } from './dossier-file';
export { findDifferences, takenOver, type Choice, type Difference } from './differences';
export { parseDossierFile, type FileFault } from './parse-dossier-file';
export { shortlistOnly } from './share';
export { readText } from './read-text';
export { saveDossier, saveRaw } from './save';
