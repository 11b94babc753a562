import type { Route } from 'next';
import type { ReactNode } from 'react';
import {
  briefLine,
  buildLine,
  donorsLine,
  dossierLine,
  gearingLine,
  setUpLine,
  trialsLine,
  verdictLine,
  weighUpLine,
  type StripFacts,
} from './live-lines';

/** The two halves of the job, and what stands apart from both. */
export const STEP_GROUPS = { choose: 'Choose', own: 'Own', apart: '' } as const;
export type StepGroup = keyof typeof STEP_GROUPS;

interface StepRow {
  readonly path: Route;
  readonly name: string;
  readonly group: StepGroup;
  /** How it stands, in a line. */
  readonly line: (facts: StripFacts) => string;
  /** Drawn in a 28 × 28 box, strokes only. */
  readonly drawing: ReactNode;
}

/** The steps of the job, in the order riders work: one row each. */
const ROWS: readonly StepRow[] = [
  {
    path: '/brief',
    name: 'Brief',
    group: 'choose',
    line: briefLine,
    drawing: <path d="M14 25V4M14 6h9l3 3l-3 3h-9M14 14H6l-3 3l3 3h8M10 25h8" />,
  },
  {
    path: '/donors',
    name: 'Donors',
    group: 'choose',
    line: donorsLine,
    drawing: (
      <path d="M2.500 20a4.500 4.500 0 1 0 9 0a4.500 4.500 0 1 0-9 0M16.500 20a4.500 4.500 0 1 0 9 0a4.500 4.500 0 1 0-9 0M7 20l4-8h8l2 8M11 12l4 8h2M19 12l-1-5h4M8 9h5" />
    ),
  },
  {
    path: '/weigh-up',
    name: 'Weigh-up',
    group: 'choose',
    line: weighUpLine,
    drawing: <path d="M14 4v19M8 24h12M4 8h20M4 8l-2.500 7h6zM24 8l-3 7h6zM14 4l1.500 4h-3z" />,
  },
  {
    path: '/build',
    name: 'Build',
    group: 'choose',
    line: buildLine,
    drawing: (
      <path d="M4 24l10-10M12.500 9.500a5.500 5.500 0 0 1 7-6.500l-3 3l1 3.500l3.500 1l3-3a5.500 5.500 0 0 1-7 7l-1-1M5 5l5 5M3 3l4 1l1 2l-2 2l-2-1zM18 18l6 6" />
    ),
  },
  {
    path: '/trials',
    name: 'Trials',
    group: 'choose',
    line: trialsLine,
    drawing: (
      <path d="M9 25v-6M19 25v-6M6 19h16l1-4H5zM8 15V9a2 2 0 0 1 2-2h3v8M15.500 3.500a2 2 0 1 0 4 0a2 2 0 1 0-4 0M17.500 7l-2 5l4 3" />
    ),
  },
  {
    path: '/verdict',
    name: 'Verdict',
    group: 'choose',
    line: verdictLine,
    drawing: (
      <path d="M4 24h13M6 24v-3h9v3M10.500 3.500l8 8M8 6l8 8M8 6l-2 2M18.500 11.500l-2 2M6 8l7.500 7.500l3-2M10.500 3.500l-2.500 2.500M14.500 12l9.500 9.500" />
    ),
  },
  {
    path: '/set-up',
    name: 'Set-up',
    group: 'own',
    line: setUpLine,
    drawing: (
      <path d="M8 3v5M8 20v5M5 8h6M5 20h6M5.500 10l5 2l-5 2l5 2l-5 2M18 4v20M18 6h5M18 11h3M18 16h5M18 21h3" />
    ),
  },
  {
    path: '/gearing',
    name: 'Gearing',
    group: 'own',
    line: gearingLine,
    drawing: (
      <path d="M14 5.500v-3M14 25.500v-3M5.500 14h-3M25.500 14h-3M8 8L6 6M22 22l-2-2M20 8l2-2M6 22l2-2M5.500 14a8.500 8.500 0 1 0 17 0a8.500 8.500 0 1 0-17 0M10.500 14a3.500 3.500 0 1 0 7 0a3.500 3.500 0 1 0-7 0" />
    ),
  },
  {
    path: '/dossier',
    name: 'Dossier',
    group: 'apart',
    line: dossierLine,
    drawing: <path d="M3 7h8l2 3h12v14H3zM3 7V4h9l2 3M8 15h12M8 19h8" />,
  },
];

export interface Step extends StepRow {
  /** The key that goes there. */
  readonly key: string;
}

const NUMBER_KEYS = '1234567890';

/** Steps with their keys: numbers in the order of the job, and its first letter for what stands apart. */
export function withKeys<S extends { readonly group: StepGroup; readonly name: string }>(
  rows: readonly S[],
): readonly (S & { readonly key: string })[] {
  const numbered = rows.filter((r) => r.group !== 'apart');
  return rows.map((row) => ({
    ...row,
    key:
      row.group === 'apart'
        ? row.name.charAt(0).toLowerCase()
        : (NUMBER_KEYS[numbered.indexOf(row)] ?? ''),
  }));
}

export const STEPS: readonly Step[] = withKeys(ROWS);

/** Whether a path is that of a step or of one of its rooms. */
export const isAt = (step: { readonly path: string }, path: string): boolean =>
  path === step.path || path.startsWith(`${step.path}/`);
