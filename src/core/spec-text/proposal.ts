import type { FactKey } from '../facts';
import type { Basis, FigureKey, Origin } from '../readings';
import type { UnitId } from '../units';
import type { Taker } from './vocabulary/vocabulary';

/** Why a proposal should be looked at before it is taken. */
export type Doubt =
  /** A bare gallon or mpg: US and imperial are a fifth apart. */
  | { readonly code: 'gallon-unclear' }
  /** A dollar, a crown or a bare sum: the text does not say whose. */
  | { readonly code: 'currency-unclear' }
  /** The words do not say how the figure was taken; the usual way is assumed. */
  | { readonly code: 'basis-unsaid'; readonly taken: Basis }
  /** The same figure stands beside it in another unit, and the two do not agree. */
  | {
      readonly code: 'pair-disagrees';
      readonly other: { readonly amount: number; readonly unit: UnitId };
    }
  /** Recognised by its unit alone. */
  | { readonly code: 'label-unsaid' }
  /** No name was found for it: numbers in such words mostly mean this. */
  | { readonly code: 'by-likeness' }
  /** No unit was written; the one that gives a possible figure is assumed. */
  | { readonly code: 'unit-unsaid' }
  /** The mark may be for thousands or for decimals, and both are possible. */
  | { readonly code: 'mark-unclear'; readonly other: number }
  /** The text says something else for the same figure and basis elsewhere. */
  | { readonly code: 'said-otherwise' }
  /** The words fit another figure, or none, nearly as well. */
  | { readonly code: 'close-call'; readonly rival: FigureKey | undefined }
  /** "about", "someone said". */
  | { readonly code: 'hedged'; readonly words: string }
  /** The text says that something was lowered, cut or fitted: it may not be as the maker built it. */
  | { readonly code: 'may-be-changed'; readonly words: string }
  /** A number beside it might be it as well, and nothing says what that one is. */
  | { readonly code: 'another-beside'; readonly words: string }
  /** Another figure of the same machine cannot be true beside it. */
  | { readonly code: 'at-odds'; readonly words: string }
  /** "under 180 kg": how much at most or at least. */
  | { readonly code: 'bound'; readonly words: string }
  /** "55 kW (target)", "to be confirmed". */
  | { readonly code: 'tentative'; readonly words: string }
  /** "62 Nm" in a column of power. */
  | { readonly code: 'foreign-unit'; readonly words: string }
  /** "seat height, laden": taken with its rider on. */
  | { readonly code: 'laden'; readonly words: string }
  /** The words say that the tax comes on top of the sum. */
  | { readonly code: 'without-tax'; readonly words: string }
  /** The text speaks of several machines by name. */
  | { readonly code: 'which-machine' }
  /** Far from what any class of machine has. */
  | { readonly code: 'far-from-usual' }
  /** Spoked rims, and no word of tubes. */
  | { readonly code: 'tubes-unsaid' }
  /** The text as a whole reads like no motorcycle's. */
  | { readonly code: 'text-unlike' };

interface Found {
  /** The words it came from, and where they stand in the text. */
  readonly words: string;
  readonly from: number;
  readonly to: number;
  readonly doubts: readonly Doubt[];
  /** Sure enough to be taken without a look. */
  readonly ticked: boolean;
}

export interface FigureProposal extends Found {
  readonly kind: 'figure';
  readonly key: FigureKey;
  readonly amount: number;
  readonly unit: UnitId;
  readonly basis: Basis;
  /** Half the width of a range, in `unit`. */
  readonly spread?: number;
  /** Who speaks, where the words tell: measured, claimed, heard. */
  readonly origin?: Origin;
  /** Named by its unit alone, so it is not ticked; but nothing else in its text can be meant. */
  readonly onlyOne?: true;
}

export interface FactProposal extends Found {
  readonly kind: 'fact';
  readonly key: FactKey;
  readonly value: string;
}

export type Proposal = FigureProposal | FactProposal;

/** A quantity that was found and not proposed, and why. */
export interface PassedOver {
  readonly words: string;
  readonly from: number;
  readonly to: number;
  readonly why:
    | { readonly code: 'other-machine' }
    | { readonly code: 'changed' }
    /** A sum in money that Jugator does not reckon in. */
    | { readonly code: 'currency-unknown' }
    | { readonly code: 'belongs-to'; readonly taker: Taker }
    | { readonly code: 'no-label' };
  /** What it would be if it were taken. */
  readonly as: FigureProposal | undefined;
}

/** "about" is soft; a guess, a question, what others say or what the cheapest costs is not. */
const HEARSAY =
  /from$|start|(?:^| )(?:ab|dès|à partir de|a partire da|da|desde|vanaf|från|fra|od)$|guess|should|ought|think|reckon|maybe|perhaps|said|apparently|supposedly|doubt|believe|memory|glaube|vielleicht|crois|peut|creo|credo|forse|rumou?r|reportedly|people say|told|read somewhere|heard|allegedly|remember|mistaken|\?/iu;

/** Doubts that change a figure by more than its usual spread: the rider has to look first. */
export const isGrave = (doubt: Doubt, key: string): boolean =>
  !(doubt.code === 'hedged' && !HEARSAY.test(doubt.words)) &&
  !(doubt.code === 'basis-unsaid' && key !== 'mass');
