import type { ReactNode } from 'react';
import type { Ground } from '@/core/brief';

/** Each ground has its own hatching, so that a strip reads without colour. Drawn in a 20 × 20 box, strokes only. */
export const HATCH: Readonly<Record<Ground, ReactNode>> = {
  motorway: <path d="M0 5h20M0 15h20" />,
  openRoad: <path d="M0 10h12" />,
  town: <path d="M4 4h5v5H4zM13 12h4v4h-4z" />,
  gravel: <path d="M4 4h.1M13 7h.1M7 13h.1M16 16h.1" strokeWidth="3" />,
  twoTrack: <path d="M0 6h5M8 6h6M0 14h3M6 14h8" strokeWidth="2.5" />,
  singleTrack: <path d="M0 10q5-8 10 0t10 0" />,
  sandMud: <path d="M0 6q5 4 10 0t10 0M0 15q5 4 10 0t10 0" />,
};
