'use client';
import { type ComponentType, lazy, useEffect } from 'react';
import { notify } from './notice';

/** Stands where a part of a screen could not be fetched: the rest of the screen stays, and the foot of the page says so. */
function NotFetched() {
  useEffect(
    () =>
      notify({
        text: 'A part of this page could not be fetched: there is no network, or the app has changed. What you entered stays.',
        tone: 'lasting',
        act: { word: 'Load the page again', run: () => window.location.reload() },
      }),
    [],
  );
  return null;
}

/** A part of a screen that is fetched when it is first drawn, behind what matters more; to be put into a `Suspense`. */
export const late = <P extends object>(load: () => Promise<ComponentType<P>>) =>
  lazy<ComponentType<P>>(() =>
    load().then(
      (part) => ({ default: part }),
      () => ({ default: NotFetched }),
    ),
  );
