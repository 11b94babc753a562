import type { Adjuster, SetupEnd } from './set-up';

/** What is felt, and what to try first, second and third: common practice, no source. One change at a time. */
export interface SymptomStep {
  readonly end: SetupEnd;
  readonly what: Adjuster;
  /** In: more damping, preload or pressure. */
  readonly way: 'in' | 'out';
}

export const SYMPTOMS = [
  'harsh-small',
  'bottoms',
  'packs-down',
  'kicks',
  'dives',
  'pushes-wide',
  'shakes',
  'wallows',
  'deflects',
] as const;
export type Symptom = (typeof SYMPTOMS)[number];

const step = (end: SetupEnd, what: Adjuster, way: 'in' | 'out'): SymptomStep => ({
  end,
  what,
  way,
});

/** By symptom, in the order of trying. */
export const TRY_FIRST: Readonly<Record<Symptom, readonly SymptomStep[]>> = {
  'harsh-small': [
    step('front', 'pressure', 'out'),
    step('front', 'compression', 'out'),
    step('rear', 'compression', 'out'),
  ],
  bottoms: [
    step('rear', 'preload', 'in'),
    step('rear', 'compression', 'in'),
    step('rear', 'spring', 'in'),
  ],
  'packs-down': [step('rear', 'rebound', 'out'), step('front', 'rebound', 'out')],
  kicks: [step('rear', 'rebound', 'in'), step('rear', 'preload', 'out')],
  dives: [
    step('front', 'compression', 'in'),
    step('front', 'preload', 'in'),
    step('front', 'spring', 'in'),
  ],
  'pushes-wide': [step('rear', 'preload', 'in'), step('front', 'compression', 'out')],
  shakes: [
    step('rear', 'preload', 'out'),
    step('front', 'preload', 'in'),
    step('front', 'rebound', 'in'),
  ],
  wallows: [
    step('rear', 'preload', 'in'),
    step('rear', 'rebound', 'in'),
    step('rear', 'spring', 'in'),
  ],
  deflects: [
    step('front', 'compression', 'out'),
    step('front', 'pressure', 'out'),
    step('front', 'rebound', 'out'),
  ],
};
