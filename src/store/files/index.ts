export { dossierFileSchema, FILE_SIZE_LIMIT, FILE_VERSION, formatDossierFile, fromFile } from './dossier-file';
export { parseDossierFile, type FileFault, type ParsedFile } from './parse-dossier-file';
