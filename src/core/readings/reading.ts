import type { UnitId } from '../units';
import type { Basis, FigureKey } from './figure-definitions';

/** Who says so, from the firmest to the loosest. */
export const ORIGINS = ['measured', 'claimed', 'heard', 'estimated'] as const;
export type Origin = (typeof ORIGINS)[number];

/** One quoted figure, kept exactly as quoted. */
export interface Reading {
  readonly id: string;
  /** In `unit`, as quoted. */
  readonly amount: number;
  readonly unit: UnitId;
  readonly basis: Basis;
  readonly origin: Origin;
  /** Where it came from, in the rider's words. */
  readonly note: string;
  /** Stated half-width in `unit`; without it the origin's usual spread is taken. */
  readonly spread?: number | undefined;
}

/** All that has been said about one figure of a donor. */
export interface Figure {
  readonly readings: readonly Reading[];
  /** The reading the rider insists on. */
  readonly pinned?: string | undefined;
}

/** The figures of a donor that anything has been said about. */
export type DonorFigures = { readonly [K in FigureKey]?: Figure | undefined };
