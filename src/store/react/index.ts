export { SessionProvider, useDossierState, useDossierStore, useDrafts, usePreferences, useSessionReady } from './store-context';
export { useDraftText, type DraftText, type Parsed } from './use-draft-text';
export { useStanding } from './use-standing';
