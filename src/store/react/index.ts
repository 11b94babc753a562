export {
  SessionProvider,
  useDossierState,
  useDossierStore,
  useDrafts,
  usePreferences,
  useSessionReady,
} from './store-context';
export { useDraftText, type Parsed } from './use-draft-text';
export { useStanding } from './use-standing';
