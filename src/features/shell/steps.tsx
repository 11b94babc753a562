import type { Route } from 'next';

export interface Step {
  readonly path: Route;
  readonly name: string;
  readonly key: string;
  /** Drawn in a 28 × 28 box, strokes only. */
  readonly drawing: React.ReactNode;
}

/** The steps of the job, in the order riders work. */
export const STEPS: readonly Step[] = [
  {
    path: '/brief',
    name: 'Brief',
    key: '1',
    drawing: <path d="M14 25V4M14 6h9l3 3l-3 3h-9M14 14H6l-3 3l3 3h8M10 25h8" />,
  },
  {
    path: '/donors',
    name: 'Donors',
    key: '2',
    drawing: (
      <path d="M2.500 20a4.500 4.500 0 1 0 9 0a4.500 4.500 0 1 0-9 0M16.500 20a4.500 4.500 0 1 0 9 0a4.500 4.500 0 1 0-9 0M7 20l4-8h8l2 8M11 12l4 8h2M19 12l-1-5h4M8 9h5" />
    ),
  },
  {
    path: '/weigh-up',
    name: 'Weigh-up',
    key: '3',
    drawing: <path d="M14 4v19M8 24h12M4 8h20M4 8l-2.500 7h6zM24 8l-3 7h6zM14 4l1.500 4h-3z" />,
  },
  {
    path: '/parts',
    name: 'Parts',
    key: '4',
    drawing: (
      <path d="M14 3l9.500 5.500v11L14 25l-9.500-5.500v-11zM14 9.500a4.500 4.500 0 1 1 0 9a4.500 4.500 0 0 1 0-9M14 12.500v3M12.500 14h3" />
    ),
  },
  {
    path: '/build',
    name: 'Build',
    key: '5',
    drawing: (
      <path d="M4 24l10-10M12.500 9.500a5.500 5.500 0 0 1 7-6.500l-3 3l1 3.500l3.500 1l3-3a5.500 5.500 0 0 1-7 7l-1-1M5 5l5 5M3 3l4 1l1 2l-2 2l-2-1zM18 18l6 6" />
    ),
  },
  {
    path: '/verdict',
    name: 'Verdict',
    key: '6',
    drawing: (
      <path d="M4 24h13M6 24v-3h9v3M10.500 3.500l8 8M8 6l8 8M8 6l-2 2M18.500 11.500l-2 2M6 8l7.500 7.500l3-2M10.500 3.500l-2.500 2.500M14.500 12l9.500 9.500" />
    ),
  },
  {
    path: '/dossier',
    name: 'Dossier',
    key: '7',
    drawing: <path d="M3 7h8l2 3h12v14H3zM3 7V4h9l2 3M8 15h12M8 19h8" />,
  },
];
