import type { Dimension } from '../units';

export interface BriefLimit {
  /** `plain` figures carry no convertible unit (percent). */
  readonly dimension: Dimension | 'plain';
  readonly min: number;
  readonly max: number;
}

/** Domain of validity of every figure in the brief, in the unit its key names. Form, schema and tests read it. */
export const BRIEF_LIMITS = {
  'rider.height_mm': { dimension: 'length', min: 1200, max: 2200 },
  'rider.inseam_mm': { dimension: 'length', min: 500, max: 1100 },
  'rider.mass_kg': { dimension: 'mass', min: 35, max: 200 },
  'rider.kit_kg': { dimension: 'mass', min: 0, max: 40 },
  'rider.sole_mm': { dimension: 'length', min: 0, max: 80 },
  'trip.length_km': { dimension: 'distance', min: 10, max: 100000 },
  'trip.cruise_kmh': { dimension: 'speed', min: 40, max: 160 },
  'trip.fuelGap_km': { dimension: 'distance', min: 20, max: 1200 },
  'trip.reserve_percent': { dimension: 'plain', min: 0, max: 50 },
  'trip.luggage_kg': { dimension: 'mass', min: 0, max: 120 },
  'trip.workshopGap_km': { dimension: 'distance', min: 0, max: 50000 },
  'money.budget': { dimension: 'money', min: 0, max: 1000000 },
  'money.tripFund': { dimension: 'money', min: 0, max: 1000000 },
  'money.gear': { dimension: 'money', min: 0, max: 100000 },
  'money.onTheRoadCosts': { dimension: 'money', min: 0, max: 20000 },
  'money.shopRate_perHour': { dimension: 'money', min: 0, max: 1000 },
  'musts.readyMass_kg': { dimension: 'mass', min: 80, max: 400 },
  'musts.clearance_mm': { dimension: 'length', min: 80, max: 400 },
} as const satisfies Record<string, BriefLimit>;

export type BriefFigure = keyof typeof BRIEF_LIMITS;
