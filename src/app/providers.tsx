'use client';
import { ChakraProvider } from '@chakra-ui/react';
import { ThemeProvider } from 'next-themes';
import { useEffect, type ReactNode } from 'react';
import { config as zodConfig } from 'zod';
import { openExample } from '@/demo';
import { Shell } from '@/features/shell';
import type { DossierStore } from '@/store/dossier-store';
import { isEmptyDossier } from '@/store/records';
import { SessionProvider } from '@/store/react';
import { notify } from '@/ui/notice';
import { EmotionRegistry } from '@/ui/theme/emotion-registry';
import { system } from '@/ui/theme/system';

// Zod's code probe would break the page's policy.
zodConfig({ jitless: true });

/** On the very first visit the server may ask for the example to be opened. */
async function onFirstVisit(store: DossierStore): Promise<void> {
  if (!isEmptyDossier(store.getState().dossier)) return;
  try {
    const answer = (await (await fetch('/api/start')).json()) as { example?: boolean };
    if (answer.example) await openExample(store);
  } catch {
    // No server to ask: start empty.
  }
}

/** Keeps the app for offline use, and offers a new version instead of taking it unasked. */
function useOffline(): void {
  useEffect(() => {
    if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return;
    const offer = (worker: ServiceWorker | null) => {
      if (!worker || !navigator.serviceWorker.controller) return;
      const take = () => {
        navigator.serviceWorker.addEventListener('controllerchange', () => location.reload(), {
          once: true,
        });
        worker.postMessage({ type: 'SKIP_WAITING' });
      };
      notify({
        text: 'A new version of Jugator is ready.',
        tone: 'lasting',
        act: { word: 'Use it now', run: take },
      });
    };
    navigator.serviceWorker.register('/sw.js').then(
      (registration: ServiceWorkerRegistration | undefined) => {
        if (!registration) return;
        offer(registration.waiting);
        registration.addEventListener('updatefound', () => {
          const fresh = registration.installing;
          fresh?.addEventListener('statechange', () => fresh.state === 'installed' && offer(fresh));
        });
      },
      () => undefined,
    );
  }, []);
}

export function Providers({ children }: { readonly children: ReactNode }) {
  useOffline();
  return (
    <EmotionRegistry>
      <ChakraProvider value={system}>
        <ThemeProvider attribute="class" disableTransitionOnChange>
          <SessionProvider onFirstVisit={onFirstVisit}>
            <Shell>{children}</Shell>
          </SessionProvider>
        </ThemeProvider>
      </ChakraProvider>
    </EmotionRegistry>
  );
}
