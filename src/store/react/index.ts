export {
  beginSession,
  SessionProvider,
  useDossierState,
  useDossierStore,
  useDrafts,
  usePreferences,
  usePreferencesStored,
  useSessionReady,
} from './store-context';
export { useDraftText, type Parsed } from './use-draft-text';
export { useStable } from './use-stable';
export { useStanding } from './use-standing';
export { useDossiers, type DossiersModel } from './use-dossiers';
