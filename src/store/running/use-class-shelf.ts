'use client';
import { useEffect, useState } from 'react';
import { DONOR_CLASSES } from '@/core/donor';
import { byPromise, type ClassOutlook } from '@/core/outlook';
import { outlookOf } from '../queries';
import type { Dossier } from '../records';
import { useDossierState, usePreferences } from '../react';

/** The classes as they promise for the brief; `settling` while the last edit is still being weighed and the figures are those before it. */
interface ClassShelfState {
  readonly outlooks: readonly ClassOutlook[];
  readonly settling: boolean;
}

/** What an outlook hangs on: a note on a verdict throws nothing away. */
type Inputs = Pick<Dossier, 'briefs' | 'donors' | 'trials'>;
interface Made {
  readonly of: Inputs;
  readonly purpose: string;
  readonly outlooks: readonly ClassOutlook[];
}
let last: Made | undefined;

const isFor = (made: Made | undefined, of: Inputs, purpose: string): made is Made =>
  made?.of.briefs === of.briefs &&
  made.of.donors === of.donors &&
  made.of.trials === of.trials &&
  made.purpose === purpose;

/** Weighs the classes one after the other, each in a task of its own, so that typing and sliders never wait for all nine. */
export function useClassShelf(): ClassShelfState {
  const dossier = useDossierState((s) => s.dossier);
  const [{ purpose }] = usePreferences();
  const [made, setMade] = useState(last);
  const fresh = isFor(made, dossier, purpose);
  useEffect(() => {
    const found: ClassOutlook[] = [];
    let timer: ReturnType<typeof setTimeout> | undefined;
    const next = () => {
      if (isFor(last, dossier, purpose)) return setMade(last);
      const donorClass = DONOR_CLASSES[found.length];
      if (donorClass === undefined) {
        last = { of: dossier, purpose, outlooks: byPromise(found) };
        setMade(last);
        return;
      }
      const outlook = outlookOf(dossier, donorClass, purpose);
      if (!outlook) return;
      found.push(outlook);
      timer = setTimeout(next, 0);
    };
    // A slider that is being moved comes first.
    timer = setTimeout(next, 60);
    return () => clearTimeout(timer);
  }, [dossier, purpose]);
  return { outlooks: made?.outlooks ?? [], settling: !fresh };
}
