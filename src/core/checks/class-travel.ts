import type { DonorClass } from '../donor';

/** Travel that a class hardly ever exceeds, mm. Own assumption from what such machines are quoted with. */
export const MOST_TRAVEL: Readonly<Record<DonorClass, number>> = {
  'air-trail-single': 265,
  'dual-sport-single': 310,
  'long-range-dual-sport': 300,
  'competition-single': 330,
  'road-adventure-single': 205,
  'scrambler-single': 245,
  'rally-twin': 275,
  'road-v-twin': 190,
  'large-adventure-twin': 245,
};
