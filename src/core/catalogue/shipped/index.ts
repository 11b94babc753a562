import type { Part } from '../../part';
import { CARRYING } from './carrying';
import { DRIVE } from './drive';
import { PROTECTION } from './protection';
import { SEATING } from './seating';
import { SUSPENSION } from './suspension';
import { WHEELS } from './wheels';
import { WIND_AND_ELECTRICS } from './wind-and-electrics';

/** Invented parts over every kind. Prices, masses and effects are made up but of the usual size. */
export const SHIPPED_PARTS: readonly Part[] = [
  ...SUSPENSION,
  ...SEATING,
  ...PROTECTION,
  ...CARRYING,
  ...DRIVE,
  ...WHEELS,
  ...WIND_AND_ELECTRICS,
];
