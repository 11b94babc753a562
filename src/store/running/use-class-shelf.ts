'use client';
import { useEffect, useMemo } from 'react';
import { DONOR_CLASSES } from '@/core/donor';
import { byPromise, type ClassOutlook } from '@/core/outlook';
import { outlookOf } from '../queries';
import type { Dossier } from '../records';
import { useDossierState, usePreferences } from '../react';
import { useInPieces } from './use-in-pieces';

/** The classes as they promise for the brief; `settling` while the last edit is still being weighed and the figures are those before it. */
interface ClassShelfState {
  readonly outlooks: readonly ClassOutlook[];
  readonly settling: boolean;
}

interface Asked {
  readonly dossier: Dossier;
  readonly purpose: string;
}

/** The last shelf that was weighed, for the next screen that shows it. */
let last:
  | { readonly of: Asked; readonly pieces: readonly (ClassOutlook | undefined)[] }
  | undefined;

/** Whether an outlook stays as it is: a note on a verdict throws nothing away. */
const isSame = (a: Asked, b: Asked): boolean =>
  a.dossier.briefs === b.dossier.briefs &&
  a.dossier.donors === b.dossier.donors &&
  a.dossier.trials === b.dossier.trials &&
  a.purpose === b.purpose;

/** Weighs the classes one after the other, so that typing and sliders never wait for all nine. */
export function useClassShelf(): ClassShelfState {
  const dossier = useDossierState((s) => s.dossier);
  const [{ purpose }] = usePreferences();
  const asked = useMemo(() => ({ dossier, purpose }), [dossier, purpose]);
  const { pieces, fresh } = useInPieces(
    asked,
    () => DONOR_CLASSES.length,
    ({ dossier: of, purpose: by }, i) => {
      const donorClass = DONOR_CLASSES[i];
      return donorClass && outlookOf(of, donorClass, by);
    },
    last && isSame(last.of, asked) ? last.pieces : undefined,
  );
  useEffect(() => {
    if (fresh && pieces) last = { of: asked, pieces };
  }, [asked, fresh, pieces]);
  const outlooks = useMemo(
    () => byPromise((pieces ?? last?.pieces ?? []).flatMap((o) => o ?? [])),
    [pieces],
  );
  return { outlooks, settling: !fresh };
}
