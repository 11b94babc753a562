import type { FactKey } from '../facts';
import type { Basis, FigureKey } from '../readings';
import type { UnitId } from '../units';

/** Why a proposal should be looked at before it is taken. */
export type Doubt =
  /** A bare gallon or mpg: US and imperial are a fifth apart. */
  | { readonly code: 'gallon-unclear' }
  /** The words do not say how the figure was taken; the usual way is assumed. */
  | { readonly code: 'basis-unsaid'; readonly taken: Basis }
  /** The same figure stands beside it in another unit, and the two do not agree. */
  | {
      readonly code: 'pair-disagrees';
      readonly other: { readonly amount: number; readonly unit: UnitId };
    }
  /** Recognised by its unit alone. */
  | { readonly code: 'label-unsaid' }
  /** No unit was written; the one that gives a possible figure is assumed. */
  | { readonly code: 'unit-unsaid' }
  /** The mark may be for thousands or for decimals, and both are possible. */
  | { readonly code: 'mark-unclear'; readonly other: number }
  /** The text says something else for the same figure and basis elsewhere. */
  | { readonly code: 'said-otherwise' };

interface Found {
  /** The words it came from, and where they stand in the text. */
  readonly words: string;
  readonly from: number;
  readonly to: number;
  readonly doubts: readonly Doubt[];
}

export interface FigureProposal extends Found {
  readonly kind: 'figure';
  readonly key: FigureKey;
  readonly amount: number;
  readonly unit: UnitId;
  readonly basis: Basis;
  /** Half the width of a range, in `unit`. */
  readonly spread?: number;
}

export interface FactProposal extends Found {
  readonly kind: 'fact';
  readonly key: FactKey;
  readonly value: string;
}

export type Proposal = FigureProposal | FactProposal;

/** Doubts that change a figure by more than its usual spread: the rider has to look first. */
export const isGrave = (doubt: Doubt, key: string): boolean =>
  doubt.code === 'gallon-unclear' ||
  doubt.code === 'pair-disagrees' ||
  doubt.code === 'mark-unclear' ||
  doubt.code === 'said-otherwise' ||
  (doubt.code === 'basis-unsaid' && key === 'mass');
