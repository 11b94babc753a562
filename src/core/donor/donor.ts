import type { DonorFigures } from '../readings';

/** The kinds of stock machine that riders weigh up against each other. */
export const DONOR_CLASSES = [
  'air-trail-single', 'dual-sport-single', 'long-range-dual-sport', 'competition-single', 'road-adventure-single',
  'scrambler-single', 'rally-twin', 'road-v-twin', 'large-adventure-twin',
] as const;
export type DonorClass = (typeof DONOR_CLASSES)[number];

/** A stock model considered as a base. */
export interface Donor {
  readonly id: string;
  readonly maker: string;
  readonly model: string;
  /** Version, market or year, in the rider's words. */
  readonly version: string;
  readonly donorClass: DonorClass;
  readonly figures: DonorFigures;
  readonly note: string;
}
