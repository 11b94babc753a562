'use client';
import { ChakraProvider } from '@chakra-ui/react';
import { ThemeProvider } from 'next-themes';
import type { ReactNode } from 'react';
import { config as zodConfig } from 'zod/mini';
import { exampleDossier, putExample } from '@/demo';
import { Shell, useOffline } from '@/features/shell';
import type { DossierStore } from '@/store/dossier-store';
import { isEmptyDossier } from '@/store/records';
import { beginSession, SessionProvider } from '@/store/react';
import { EmotionRegistry } from '@/ui/theme/emotion-registry';
import { system } from '@/ui/theme/system';

// Zod's code probe would break the page's policy.
zodConfig({ jitless: true });

/** On the very first visit the server may ask for the example to be opened; it is fetched while the database is read. */
async function onFirstVisit(store: DossierStore, read: Promise<void>): Promise<void> {
  try {
    const answer = (await (await fetch('/api/start')).json()) as { example?: boolean };
    if (!answer.example) return;
    const example = await exampleDossier();
    await read;
    if (isEmptyDossier(store.getState().dossier)) putExample(store, example);
  } catch {
    // No server to ask: start empty.
  }
}

const session = typeof window === 'undefined' ? undefined : beginSession(onFirstVisit);

export function Providers({ children }: { readonly children: ReactNode }) {
  useOffline();
  return (
    <EmotionRegistry>
      <ChakraProvider value={system}>
        <ThemeProvider attribute="class" disableTransitionOnChange>
          <SessionProvider begun={session}>
            <Shell>{children}</Shell>
          </SessionProvider>
        </ThemeProvider>
      </ChakraProvider>
    </EmotionRegistry>
  );
}
