import type { Dimension } from '../units';

export interface BriefLimit {
  /** `plain` figures carry no convertible unit; `sign` says what they count. */
  readonly dimension: Dimension | 'plain';
  readonly sign?: string;
  /** May be left empty. */
  readonly optional?: true;
  readonly min: number;
  readonly max: number;
}

/** Domain of validity of every figure in the brief, in the unit its key names. Form, schema and tests read it. */
export const BRIEF_LIMITS = {
  'rider.height_mm': { dimension: 'length', min: 1200, max: 2200 },
  'rider.inseam_mm': { dimension: 'length', min: 500, max: 1100, optional: true },
  'rider.mass_kg': { dimension: 'mass', min: 35, max: 200 },
  'rider.kit_kg': { dimension: 'mass', min: 0, max: 40 },
  'rider.lift_kg': { dimension: 'mass', min: 10, max: 200, optional: true },
  'rider.sole_mm': { dimension: 'length', min: 0, max: 80 },
  'trip.length_km': { dimension: 'distance', min: 10, max: 100000 },
  'trip.cruise_kmh': { dimension: 'speed', min: 40, max: 160 },
  'trip.fuelGap_km': { dimension: 'distance', min: 20, max: 1200 },
  'trip.reserve_percent': { dimension: 'plain', sign: '%', min: 0, max: 50 },
  'trip.luggage_kg': { dimension: 'mass', min: 0, max: 120 },
  'trip.luggage_L': { dimension: 'plain', sign: 'L', min: 0, max: 300, optional: true },
  'trip.cold_C': { dimension: 'plain', sign: '°C', min: -40, max: 30, optional: true },
  'trip.wet_percent': { dimension: 'plain', sign: '%', min: 0, max: 100, optional: true },
  'trip.latitude_deg': { dimension: 'plain', sign: '°', min: -75, max: 75, optional: true },
  'trip.longestDay_km': { dimension: 'distance', min: 20, max: 2000, optional: true },
  'trip.workshopGap_km': { dimension: 'distance', min: 0, max: 50000 },
  'trip.pillion_kg': { dimension: 'mass', min: 0, max: 180, optional: true },
  'trip.tankBag_kg': { dimension: 'mass', min: 0, max: 30, optional: true },
  'trip.tail_kg': { dimension: 'mass', min: 0, max: 60, optional: true },
  'trip.altitude_m': { dimension: 'plain', sign: 'm', min: 0, max: 6000, optional: true },
  'trip.heat_C': { dimension: 'plain', sign: '°C', min: -30, max: 55, optional: true },
  'trip.headwind_kmh': { dimension: 'speed', min: 0, max: 80, optional: true },
  'trip.serviceStretch_percent': {
    dimension: 'plain',
    sign: '%',
    min: 50,
    max: 200,
    optional: true,
  },
  'money.budget': { dimension: 'money', min: 0, max: 1000000 },
  'money.tripFund': { dimension: 'money', min: 0, max: 1000000 },
  'money.gear': { dimension: 'money', min: 0, max: 100000 },
  'money.onTheRoadCosts': { dimension: 'money', min: 0, max: 20000, optional: true },
  'money.shopRate_perHour': { dimension: 'money', min: 0, max: 30000 },
  'money.yearsKept': { dimension: 'plain', sign: 'years', min: 1, max: 25, optional: true },
  'money.yearly_km': { dimension: 'distance', min: 100, max: 80000, optional: true },
  'money.fuel_perL': { dimension: 'money', min: 0, max: 1000, optional: true },
  'money.insurance_perYear': { dimension: 'money', min: 0, max: 100000, optional: true },
  'money.tax_perYear': { dimension: 'money', min: 0, max: 100000, optional: true },
  'money.service_each': { dimension: 'money', min: 0, max: 100000, optional: true },
  'money.wear_per1000km': { dimension: 'money', min: 0, max: 100000, optional: true },
  'money.loanInterest_percent': { dimension: 'plain', sign: '%', min: 0, max: 60, optional: true },
  'money.loanMonths': { dimension: 'plain', sign: 'months', min: 1, max: 120, optional: true },
  'money.loanDeposit': { dimension: 'money', min: 0, max: 1000000, optional: true },
  'money.partsExtra_percent': { dimension: 'plain', sign: '%', min: 0, max: 80, optional: true },
  'money.wrongPart_percent': { dimension: 'plain', sign: '%', min: 0, max: 50, optional: true },
  'money.papers': { dimension: 'money', min: 0, max: 100000, optional: true },
  'musts.readyMass_kg': { dimension: 'mass', min: 80, max: 400 },
  'musts.clearance_mm': { dimension: 'length', min: 80, max: 400 },
  'musts.sureness_percent': { dimension: 'plain', sign: '%', min: 50, max: 95, optional: true },
} as const satisfies Record<string, BriefLimit>;

export type BriefFigure = keyof typeof BRIEF_LIMITS;
export const BRIEF_FIGURES = Object.keys(BRIEF_LIMITS) as readonly BriefFigure[];
export const briefLimit = (key: BriefFigure): BriefLimit => BRIEF_LIMITS[key];

/** How many of one currency a unit of another may be worth. */
export const RATE_LIMITS = { min: 0.000001, max: 100000 } as const;

/** Letters in the name of a purpose. */
export const PURPOSE_NAME_LIMITS = { min: 1, max: 60 } as const;
