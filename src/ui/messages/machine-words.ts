import type { DonorClass } from '@/core/donor';
import type { AffectedFigure, PartKind } from '@/core/part';

export const CLASS_WORDS: Readonly<Record<DonorClass, string>> = {
  'air-trail-single': 'light air-cooled trail single',
  'dual-sport-single': 'liquid-cooled dual-sport single',
  'long-range-dual-sport': 'dual-sport single, fairing and large tank',
  'competition-single': 'competition-derived single',
  'road-adventure-single': 'small road-based adventure single',
  'scrambler-single': 'mid-size scrambler single',
  'rally-twin': 'mid-size rally twin',
  'road-v-twin': 'older road-based V-twin tourer',
  'large-adventure-twin': 'large adventure twin',
};

/** Classes where there is room for a word or two. */
export const CLASS_SHORT: Readonly<Record<DonorClass, string>> = {
  'air-trail-single': 'air trail',
  'dual-sport-single': 'dual-sport',
  'long-range-dual-sport': 'long-range',
  'competition-single': 'competition',
  'road-adventure-single': 'small road',
  'scrambler-single': 'scrambler',
  'rally-twin': 'rally twin',
  'road-v-twin': 'V-twin tourer',
  'large-adventure-twin': 'large twin',
};

export const PART_KIND_WORDS: Readonly<Record<PartKind, string>> = {
  suspension: 'Suspension',
  seat: 'Seat',
  controls: 'Bars, pegs and levers',
  protection: 'Protection',
  luggage: 'Luggage',
  range: 'Range',
  gearing: 'Gearing',
  engine: 'Engine and fuelling',
  wheels: 'Wheels',
  tyres: 'Tyres',
  brakes: 'Brakes',
  wind: 'Wind',
  electrics: 'Light and power',
  stand: 'Stand',
};

export const AFFECTED_WORDS: Readonly<Record<AffectedFigure, string>> = {
  seatHeight: 'seat',
  tank: 'tank',
  consumption: 'fuel use',
  power: 'power',
  travelFront: 'front travel',
  travelRear: 'rear travel',
  clearance: 'clearance',
  maxMass: 'permitted mass',
  serviceInterval: 'service interval',
  wheelFront: 'front wheel',
  wheelRear: 'rear wheel',
  barHeight: 'bars',
  pegHeight: 'pegs',
  sprocketFront: 'countershaft',
  sprocketRear: 'rear sprocket',
  stockDraw: 'electrical draw',
  alternator: 'alternator',
  rake: 'rake',
  trail: 'trail',
  luggageVolume: 'luggage',
  rackLimit: 'what the rack bears',
  carrierLimit: 'what side carriers bear',
};
