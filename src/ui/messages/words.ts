import type { MetricKey } from '@/core/assessment';
import type { Ground, Licence, MustKey, Skill, StanceBand } from '@/core/brief';
import type { DonorClass } from '@/core/donor';
import type { AffectedFigure, PartKind } from '@/core/part';
import type { Basis, FigureKey, Origin } from '@/core/readings';
import type { UnitSystem } from '@/core/units';

export const FIGURE_WORDS: Readonly<Record<FigureKey, string>> = {
  mass: 'Mass', maxMass: 'Permitted maximum mass', power: 'Power', powerRpm: 'Power at', unrestrictedPower: 'Power before restriction', torque: 'Torque',
  torqueRpm: 'Torque at', redline: 'Redline', gears: 'Gears', seatHeight: 'Seat height', tank: 'Tank', consumption: 'Consumption',
  travelFront: 'Travel, front', travelRear: 'Travel, rear', clearance: 'Ground clearance', wheelFront: 'Wheel size, front', wheelRear: 'Wheel size, rear',
  wheelbase: 'Wheelbase', serviceInterval: 'Service interval', price: 'Price',
};

export const BASIS_WORDS: Readonly<Record<Basis, string>> = {
  dry: 'dry', ready: 'ready to ride, full tank', 'ready-90': 'in running order, 90 % fuel', crank: 'at the crank', wheel: 'at the rear wheel',
  'standard-seat': 'standard seat', 'low-seat': 'low version', 'claimed-travel': 'maker’s figure', 'taped-travel': 'as taped', gentle: 'gentle pace',
  mixed: 'mixed riding', motorway: 'motorway', cycle: 'test cycle', 'own-fills': 'own fills', list: 'list price', 'on-the-road': 'on the road',
  asked: 'asked', paid: 'paid', stated: 'as stated',
};

export const ORIGIN_WORDS: Readonly<Record<Origin, string>> = { measured: 'measured', claimed: 'maker’s claim', heard: 'heard', estimated: 'my estimate' };

export const METRIC_WORDS: Readonly<Record<MetricKey, { readonly name: string; readonly short: string; readonly what: string }>> = {
  heelGap: { name: 'Heel gap astride', short: 'Heel gap', what: 'How far the heels hang above level ground. Below zero the knees bend.' },
  readyMass: { name: 'Ready-to-ride mass', short: 'Ready mass', what: 'Machine with a full tank.' },
  loadedMass: { name: 'Loaded mass', short: 'Loaded', what: 'Machine, rider, kit and luggage.' },
  payloadLeft: { name: 'Payload left', short: 'Payload left', what: 'Permitted maximum less loaded mass.' },
  powerToMass: { name: 'Power to loaded mass', short: 'Power/mass', what: 'Crank power per tonne with everything aboard.' },
  consumption: { name: 'Consumption on your ground', short: 'Fuel use', what: 'Over the ground shares of the brief.' },
  range: { name: 'Range with reserve', short: 'Range', what: 'On the usable tank, reserve kept back.' },
  suspension: { name: 'Suspension travel index', short: 'Suspension', what: 'Travel against what the ground asks; springs are not in it yet.' },
  clearance: { name: 'Ground clearance', short: 'Clearance', what: 'Unladen, as stated.' },
  serviceInterval: { name: 'Service interval', short: 'Service', what: 'Distance between services by the book.' },
  outlay: { name: 'Outlay', short: 'Outlay', what: 'Machine on the road, parts and fitting.' },
};

export const MUST_WORDS: Readonly<Record<MustKey, string>> = {
  stance: 'Feet reach the ground', readyMass: 'Not heavier than', range: 'Covers the longest fuel gap', payload: 'Carries the load',
  clearance: 'Ground clearance at least', licence: 'Licence allows it', money: 'Stays within the money',
};

export const MUST_SHORT: Readonly<Record<MustKey, string>> = {
  stance: 'reach', readyMass: 'mass', range: 'range', payload: 'payload', clearance: 'clearance', licence: 'licence', money: 'money',
};

export const GROUND_WORDS: Readonly<Record<Ground, string>> = {
  motorway: 'Motorway', openRoad: 'Open road', town: 'Town', gravel: 'Graded gravel', twoTrack: 'Two-track', singleTrack: 'Single track', sandMud: 'Sand and mud',
};

export const SKILL_WORDS: Readonly<Record<Skill, string>> = { new: 'New to dirt', improving: 'Improving', seasoned: 'Seasoned', expert: 'Expert' };
export const LICENCE_WORDS: Readonly<Record<Licence, string>> = { A1: 'A1', A2: 'A2', A: 'A (full)' };
export const STANCE_WORDS: Readonly<Record<StanceBand, string>> = { flat: 'both feet flat', balls: 'balls of both feet', tiptoes: 'tiptoes', none: 'one foot or none' };
export const UNIT_SYSTEM_WORDS: Readonly<Record<UnitSystem, string>> = { metric: 'Metric', us: 'US', uk: 'UK' };

export const CLASS_WORDS: Readonly<Record<DonorClass, string>> = {
  'air-trail-single': 'light air-cooled trail single', 'dual-sport-single': 'liquid-cooled dual-sport single', 'long-range-dual-sport': 'dual-sport single, fairing and large tank',
  'competition-single': 'competition-derived single', 'road-adventure-single': 'small road-based adventure single', 'scrambler-single': 'mid-size scrambler single',
  'rally-twin': 'mid-size rally twin', 'road-v-twin': 'older road-based V-twin tourer', 'large-adventure-twin': 'large adventure twin',
};

export const PART_KIND_WORDS: Readonly<Record<PartKind, string>> = {
  suspension: 'Suspension', seat: 'Seat', controls: 'Bars, pegs and levers', protection: 'Protection', luggage: 'Luggage', range: 'Range', gearing: 'Gearing',
  engine: 'Engine and fuelling', wheels: 'Wheels', tyres: 'Tyres', brakes: 'Brakes', wind: 'Wind', electrics: 'Light and power', stand: 'Stand',
};

export const AFFECTED_WORDS: Readonly<Record<AffectedFigure, string>> = {
  seatHeight: 'seat', tank: 'tank', consumption: 'fuel use', power: 'power', travelFront: 'front travel', travelRear: 'rear travel', clearance: 'clearance',
  maxMass: 'permitted mass', serviceInterval: 'service interval', wheelFront: 'front wheel', wheelRear: 'rear wheel',
};

const OTHER_WORDS: Readonly<Record<string, string>> = {
  settle: 'Seat and springs settle', seatHalfWidth: 'Seat half-width at the thigh', inseamEstimated: 'Inseam, estimated from height', usableTankShare: 'Usable share of the tank',
  partsPrice: 'Parts', fittingPrice: 'Fitting by a workshop', 'rider.height_mm': 'Height', 'rider.inseam_mm': 'Inseam', 'rider.mass_kg': 'Rider', 'rider.kit_kg': 'Kit worn',
  'rider.sole_mm': 'Boot sole', 'trip.length_km': 'Trip length', 'trip.cruise_kmh': 'Cruise', 'trip.fuelGap_km': 'Longest fuel gap', 'trip.reserve_percent': 'Reserve, %',
  'trip.luggage_kg': 'Luggage', 'trip.workshopGap_km': 'Longest way between workshops', 'money.budget': 'Budget', 'money.tripFund': 'Trip fund', 'money.gear': 'Riding gear to buy',
  'money.onTheRoadCosts': 'On-the-road costs', 'money.shopRate_perHour': 'Workshop rate per hour', 'musts.readyMass_kg': 'Mass limit', 'musts.clearance_mm': 'Clearance needed',
};

/** Words for anything that can stand in a working or be missing. */
export function nameWords(name: string): string {
  if (name.startsWith('rate:')) return `exchange rate for ${name.slice(5)}`;
  return OTHER_WORDS[name] ?? (FIGURE_WORDS as Record<string, string>)[name] ?? (METRIC_WORDS as Record<string, { name: string }>)[name]?.name ?? name;
}
