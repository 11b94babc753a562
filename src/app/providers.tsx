'use client';
import { ChakraProvider } from '@chakra-ui/react';
import { ThemeProvider } from 'next-themes';
import type { ReactNode } from 'react';
import { config as zodConfig } from 'zod/mini';
import { openExample } from '@/demo';
import { Shell, useOffline } from '@/features/shell';
import type { DossierStore } from '@/store/dossier-store';
import { isEmptyDossier } from '@/store/records';
import { SessionProvider } from '@/store/react';
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
