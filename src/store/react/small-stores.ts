import type { Keep } from '../dossiers';

/** What a browser that refuses its small stores is given instead: as long as the page lives. */
function inMemory(): Keep {
  const kept = new Map<string, string>();
  return {
    getItem: (key) => kept.get(key) ?? null,
    setItem: (key, value) => void kept.set(key, value),
  };
}

const instead = { local: inMemory(), session: inMemory() };

/** The browser's small store, of the browser or of the tab. Where site data is blocked, to touch it throws. */
function smallStore(kind: 'local' | 'session'): Keep {
  try {
    const store = kind === 'local' ? window.localStorage : window.sessionStorage;
    return store ?? instead[kind];
  } catch {
    return instead[kind];
  }
}

/** Kept for the browser. */
export const localStore = (): Keep => smallStore('local');
/** Kept for this tab. */
export const sessionStore = (): Keep => smallStore('session');
