'use client';
import { useEffect } from 'react';
import { notify } from '@/ui/notice';

/** How often a tab that stays open asks whether there is a new version, ms. */
const ASK_AGAIN_MS = 60 * 60 * 1000;

/** This tab has asked for the new version itself. */
let taking = false;

function offer(worker: ServiceWorker | null): void {
  if (!worker || !navigator.serviceWorker.controller) return;
  notify({
    text: 'A new version of Jugator is ready.',
    tone: 'lasting',
    act: {
      word: 'Use it now',
      run: () => {
        taking = true;
        worker.postMessage({ type: 'SKIP_WAITING' });
      },
    },
  });
}

/** A fresh worker is offered once it is ready; one that could not fetch all its files is said. */
function follow(registration: ServiceWorkerRegistration): void {
  const fresh = registration.installing;
  fresh?.addEventListener('statechange', () => {
    if (fresh.state === 'installed') offer(fresh);
    if (fresh.state === 'redundant' && !navigator.serviceWorker.controller)
      notify({
        text: 'No copy for offline use could be made: a file did not arrive. Without a network Jugator will not open here.',
        tone: 'lasting',
        act: { word: 'Try again', run: () => void register() },
      });
  });
}

async function register(): Promise<ServiceWorkerRegistration | undefined> {
  const registration = (await navigator.serviceWorker.register('/sw.js')) as
    | ServiceWorkerRegistration
    | undefined;
  if (!registration) return undefined;
  offer(registration.waiting);
  follow(registration);
  registration.addEventListener('updatefound', () => follow(registration));
  return registration;
}

/** Keeps the app for offline use, and offers a new version instead of taking it unasked; a tab that stays open hears of it, too. */
export function useOffline(): void {
  useEffect(() => {
    if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return undefined;
    let registration: ServiceWorkerRegistration | undefined;
    let askedAt = Date.now();
    const ask = () => {
      askedAt = Date.now();
      registration?.update().catch(() => undefined);
    };
    const onSight = () => {
      if (document.visibilityState === 'visible' && Date.now() - askedAt > ASK_AGAIN_MS) ask();
    };
    const hadOne = navigator.serviceWorker.controller !== null;
    const onChange = () => {
      if (taking) location.reload();
      else if (hadOne)
        notify({
          text: 'Another tab has taken a newer Jugator. Load this tab anew when it suits you.',
          tone: 'lasting',
          act: { word: 'Load anew', run: () => location.reload() },
        });
    };
    register().then(
      (made) => {
        registration = made;
      },
      () => undefined,
    );
    const timer = setInterval(ask, ASK_AGAIN_MS);
    document.addEventListener('visibilitychange', onSight);
    navigator.serviceWorker.addEventListener('controllerchange', onChange);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', onSight);
      navigator.serviceWorker.removeEventListener('controllerchange', onChange);
    };
  }, []);
}
