import type { FigureKey } from './figure-definitions';

/** Ratios of a gearbox as a sheet has them, first gear first. */
export const GEAR_RATIOS = [
  'ratio1',
  'ratio2',
  'ratio3',
  'ratio4',
  'ratio5',
  'ratio6',
] as const satisfies readonly FigureKey[];
