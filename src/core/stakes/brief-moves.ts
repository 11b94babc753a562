import type { BaseMetricKey } from '../assessment';
import type { BriefFigure, MustKey } from '../brief';
import type { WantKey } from '../preference';

/** What a figure of the brief moves. */
export interface BriefMoves {
  readonly musts?: readonly MustKey[];
  /** Values that are weighed. */
  readonly metrics?: readonly BaseMetricKey[];
  /** Wants of which more or less is asked. */
  readonly needs?: readonly WantKey[];
  /** How much wants count against one another. */
  readonly weights?: true;
  /** What is not weighed: cautions, what the loaded machine does, what keeping it costs. */
  readonly beside?: readonly ('cautions' | 'load' | 'keeping')[];
}

const CARRIED: BriefMoves = {
  musts: ['range', 'cruise', 'payload'],
  metrics: [
    'loadedMass',
    'payloadLeft',
    'powerToMass',
    'cruisePower',
    'consumption',
    'range',
    'suspension',
  ],
  beside: ['load', 'cautions'],
};
const REACH: BriefMoves = {
  musts: ['stance'],
  metrics: ['heelGap', 'kneeAngle'],
  beside: ['cautions'],
};
const AIR: BriefMoves = {
  musts: ['cruise'],
  metrics: ['cruisePower'],
  beside: ['load', 'cautions'],
};
const TO_SPEND: BriefMoves = { musts: ['money'], needs: ['outlay'] };
const OUTLAY: BriefMoves = { musts: ['money'], metrics: ['outlay'], beside: ['keeping'] };
const KEEPING: BriefMoves = { beside: ['keeping'] };

/** What each figure of the brief moves. The tests change every figure and see that these, and no others, follow. */
export const BRIEF_MOVES: Readonly<Record<BriefFigure, BriefMoves>> = {
  'rider.height_mm': { ...REACH, metrics: ['heelGap', 'kneeAngle', 'standingRoom'] },
  'rider.inseam_mm': REACH,
  'rider.sole_mm': REACH,
  'rider.mass_kg': CARRIED,
  'rider.kit_kg': {
    ...CARRIED,
    metrics: CARRIED.metrics?.filter((metric) => metric !== 'suspension') ?? [],
  },
  'rider.lift_kg': { beside: ['cautions'] },
  'trip.length_km': { beside: ['load', 'cautions'] },
  'trip.fuelGap_km': { musts: ['range'], needs: ['range'], beside: ['cautions'] },
  'trip.reserve_percent': { musts: ['range'], metrics: ['range'], beside: ['cautions'] },
  'trip.cruise_kmh': {
    musts: ['cruise', 'range'],
    metrics: ['cruisePower', 'consumption', 'range', 'serviceInterval'],
    needs: ['powerToMass', 'wind'],
    beside: ['load', 'cautions'],
  },
  'trip.luggage_kg': CARRIED,
  'trip.luggage_L': { needs: ['luggageRoom'] },
  'trip.tankBag_kg': { beside: ['cautions'] },
  'trip.tail_kg': { beside: ['cautions'] },
  'trip.pillion_kg': CARRIED,
  'trip.altitude_m': AIR,
  'trip.heat_C': AIR,
  'trip.cold_C': { weights: true, beside: ['cautions'] },
  'trip.wet_percent': { weights: true, beside: ['load', 'keeping'] },
  'trip.latitude_deg': { beside: ['cautions'] },
  'trip.longestDay_km': { beside: ['cautions'] },
  'trip.headwind_kmh': {
    musts: ['cruise', 'range'],
    metrics: ['cruisePower', 'consumption', 'range'],
    beside: ['keeping', 'cautions'],
  },
  'trip.workshopGap_km': { needs: ['serviceInterval'] },
  'trip.serviceStretch_percent': { beside: ['load', 'keeping', 'cautions'] },
  'money.budget': TO_SPEND,
  'money.tripFund': TO_SPEND,
  'money.gear': TO_SPEND,
  'money.onTheRoadCosts': OUTLAY,
  'money.shopRate_perHour': OUTLAY,
  'money.partsExtra_percent': OUTLAY,
  'money.wrongPart_percent': OUTLAY,
  'money.papers': OUTLAY,
  'money.yearsKept': KEEPING,
  'money.yearly_km': KEEPING,
  'money.fuel_perL': KEEPING,
  'money.insurance_perYear': KEEPING,
  'money.tax_perYear': KEEPING,
  'money.service_each': KEEPING,
  'money.wear_per1000km': KEEPING,
  'money.loanInterest_percent': KEEPING,
  'money.loanMonths': KEEPING,
  'money.loanDeposit': KEEPING,
  'musts.readyMass_kg': { musts: ['readyMass'] },
  'musts.clearance_mm': { musts: ['clearance'] },
  'musts.sureness_percent': {
    musts: ['stance', 'readyMass', 'range', 'cruise', 'payload', 'clearance', 'licence', 'money'],
  },
};
