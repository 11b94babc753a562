import type {
  Ground,
  Licence,
  MustKey,
  SchoolKey,
  SeatWidth,
  Skill,
  StanceBand,
} from '@/core/brief';
import type { DonorClass } from '@/core/donor';
import type { WantGroup } from '@/core/preference';
import type { AffectedFigure, PartKind } from '@/core/part';
import type { Basis, FigureKey, KnownAs, Origin } from '@/core/readings';
import type { UnitSystem } from '@/core/units';
import { METRIC_WORDS } from './metric-words';
import { FACT_WORDS } from './fact-words';

export const FIGURE_WORDS: Readonly<Record<FigureKey, string>> = {
  mass: 'Mass',
  maxMass: 'Permitted maximum mass',
  power: 'Power',
  powerRpm: 'Power at',
  unrestrictedPower: 'Power before restriction',
  torque: 'Torque',
  torqueRpm: 'Torque at',
  redline: 'Redline',
  gears: 'Gears',
  seatHeight: 'Seat height',
  tank: 'Tank',
  consumption: 'Consumption',
  travelFront: 'Travel, front',
  travelRear: 'Travel, rear',
  clearance: 'Ground clearance',
  wheelFront: 'Wheel size, front',
  wheelRear: 'Wheel size, rear',
  wheelbase: 'Wheelbase',
  serviceInterval: 'Service interval',
  price: 'Price',
  displacement: 'Displacement',
  cylinders: 'Cylinders',
  compression: 'Compression',
  idleSpeed: 'Idle',
  luggageVolume: 'Luggage that comes with it',
  primaryRatio: 'Primary ratio',
  finalRatio: 'Final ratio, shaft or belt',
  ratio1: 'First gear',
  ratio2: 'Second gear',
  ratio3: 'Third gear',
  ratio4: 'Fourth gear',
  ratio5: 'Fifth gear',
  ratio6: 'Sixth gear',
  sprocketFront: 'Countershaft sprocket',
  sprocketRear: 'Rear sprocket',
  speedFirst: 'Speed per thousand revs in first',
  speedTop: 'Speed per thousand revs in top gear',
  chainLinks: 'Chain length',
  rake: 'Rake',
  trail: 'Trail',
  forkRate: 'Fork spring, each leg',
  shockRate: 'Shock spring',
  motionRatio: 'Shock motion ratio',
  motionRatioEnd: 'Shock motion ratio at full travel',
  springRiderMass: 'Springs suit a rider of',
  pressureFront: 'Pressure, front',
  pressureRear: 'Pressure, rear',
  alternator: 'Alternator',
  stockDraw: 'Stock electrical draw',
  battery: 'Battery',
  statedRange: 'Range as stated',
  payload: 'Payload as stated',
  axleLimitFront: 'Axle limit, front',
  axleLimitRear: 'Axle limit, rear',
  rackLimit: 'Rack limit',
  carrierLimit: 'Limit of both side carriers',
  seatHours: 'Seat is borne for',
  seatSettle: 'Seat goes down under you',
  pegHeight: 'Footpeg height',
  barHeight: 'Handlebar height',
  serviceHours: 'Service, by hours',
  serviceMonths: 'Service, by time',
  valveInterval: 'Valve check',
  valveHours: 'Valve check, by hours',
  oilInterval: 'Oil change',
  oilHours: 'Oil change, by hours',
  oilCapacity: 'Oil capacity',
  usedPrice: 'Price used',
  unlockPrice: 'Price of unlocking',
  oilPrice: 'Price of an oil change',
  inspectionPrice: 'Price of an inspection',
  valvesPrice: 'Price of a valve service',
  suspensionPrice: 'Price of fork and shock service',
  warranty: 'Warranty',
  madeFrom: 'Made from',
  madeUntil: 'Made until',
  dealerDistance: 'Dealer distance',
};

export const BASIS_WORDS: Readonly<Record<Basis, string>> = {
  dry: 'dry',
  ready: 'ready to ride, full tank',
  'ready-90': 'in running order, 90 % fuel',
  crank: 'at the crank',
  wheel: 'at the rear wheel',
  'standard-seat': 'standard seat',
  'low-seat': 'low version',
  'claimed-travel': 'maker’s figure',
  'taped-travel': 'as taped',
  gentle: 'gentle pace',
  mixed: 'mixed riding',
  motorway: 'motorway',
  cycle: 'test cycle',
  'own-fills': 'own fills',
  list: 'list price',
  'on-the-road': 'on the road',
  asked: 'asked',
  paid: 'paid',
  stated: 'as stated',
};

export const ORIGIN_WORDS: Readonly<Record<Origin, string>> = {
  measured: 'measured',
  claimed: 'maker’s claim',
  heard: 'heard',
  estimated: 'my estimate',
};

/** How a figure is known that is not as it was read, too. */
export const KNOWN_WORDS: Readonly<Record<KnownAs, string>> = {
  ...ORIGIN_WORDS,
  computed: 'computed',
  typical: 'typical of its class',
};

export const MUST_WORDS: Readonly<Record<MustKey, string>> = {
  stance: 'Feet reach the ground',
  readyMass: 'Not heavier than',
  range: 'Covers the longest fuel gap',
  cruise: 'Holds the cruise',
  payload: 'Carries the load',
  clearance: 'Ground clearance at least',
  licence: 'Licence allows it',
  money: 'Stays within the money',
};

export const MUST_SHORT: Readonly<Record<MustKey, string>> = {
  stance: 'reach',
  readyMass: 'mass',
  range: 'range',
  cruise: 'cruise',
  payload: 'payload',
  clearance: 'clearance',
  licence: 'licence',
  money: 'money',
};

export const GROUND_WORDS: Readonly<Record<Ground, string>> = {
  motorway: 'Motorway',
  openRoad: 'Open road',
  town: 'Town',
  gravel: 'Graded gravel',
  twoTrack: 'Two-track',
  singleTrack: 'Single track',
  sandMud: 'Sand and mud',
};

export const SKILL_WORDS: Readonly<Record<Skill, string>> = {
  new: 'New to dirt',
  improving: 'Improving',
  seasoned: 'Seasoned',
  expert: 'Expert',
};

export const LICENCE_WORDS: Readonly<Record<Licence, string>> = {
  A1: 'A1',
  A2: 'A2',
  A: 'A (full)',
};

export const STANCE_WORDS: Readonly<Record<StanceBand, string>> = {
  flat: 'both feet flat',
  balls: 'balls of both feet',
  tiptoes: 'tiptoes',
  none: 'one foot or none',
};

export const UNIT_SYSTEM_WORDS: Readonly<Record<UnitSystem, string>> = {
  metric: 'Metric',
  us: 'US',
  uk: 'UK',
};

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

const OTHER_WORDS: Readonly<Record<string, string>> = {
  repairCost: 'Repairs before use',
  dragArea: 'Drag area, m²',
  rollingCoefficient: 'Rolling resistance coefficient',
  grip: 'Grip of the rear tyre on that ground, μ',
  massHeight: 'Height of the loaded centre of mass',
  meanSpeed: 'Mean moving speed',
  agreeingPeaks: 'Peaks of power and torque that agree',
  climb: 'Thrust in first',
  topSpeed: 'A speed it can hold',
  rollOn: 'Thrust to spare at 80 km/h (50 mph)',
  zeroToHundred: 'Thrust to reach 100 km/h (62 mph)',
  settle: 'Seat and springs settle',
  seatHalfWidth: 'Seat half-width at the thigh',
  inseamEstimated: 'Inseam, estimated from height',
  usableTankShare: 'Usable share of the tank',
  partsPrice: 'Parts',
  fittingPrice: 'Fitting by a workshop',
  'rider.height_mm': 'Height',
  'rider.inseam_mm': 'Inseam',
  'rider.mass_kg': 'Rider mass',
  'rider.kit_kg': 'Kit worn',
  'rider.sole_mm': 'Boot sole',
  'trip.length_km': 'Trip length',
  'trip.cruise_kmh': 'Cruise',
  'trip.fuelGap_km': 'Longest fuel gap',
  'trip.reserve_percent': 'Reserve, %',
  'trip.luggage_kg': 'Luggage',
  'rider.lift_kg': 'Can lift',
  ownNeeds: 'Needs as felt',
  'trip.luggage_L': 'Luggage takes up',
  'trip.cold_C': 'Coldest air',
  'trip.wet_percent': 'Wet days',
  'trip.latitude_deg': 'Latitude',
  'trip.longestDay_km': 'Longest day',
  'trip.workshopGap_km': 'Longest way between workshops',
  'money.currency': 'Currency',
  'money.rates': 'Exchange rates',
  'money.budget': 'Budget',
  'money.tripFund': 'Trip fund',
  'money.gear': 'Riding gear to buy',
  'trip.pillion_kg': 'Passenger with kit',
  'trip.tankBag_kg': 'Of it in a tank bag',
  'trip.tail_kg': 'Of it behind the seat',
  'trip.altitude_m': 'Highest point',
  'trip.heat_C': 'Hottest air',
  'trip.headwind_kmh': 'Headwind at the cruise',
  'trip.serviceStretch_percent': 'Service interval ridden',
  'money.yearsKept': 'Years kept',
  'money.yearly_km': 'Distance a year',
  'money.fuel_perL': 'Fuel, per litre',
  'money.insurance_perYear': 'Insurance a year',
  'money.tax_perYear': 'Tax a year',
  'money.service_each': 'One full service, workshop',
  'money.loanInterest_percent': 'Loan, interest a year',
  'money.loanMonths': 'Loan, paid back in',
  'money.loanDeposit': 'Loan, paid at once',
  'money.partsExtra_percent': 'Shipping, tax, consumables',
  'money.wrongPart_percent': 'Wrong-part allowance',
  'money.papers': 'Inspection and papers',
  'money.wear_per1000km': 'Tyres, chain, pads per 1000 km',
  ownOffset: 'Own offset from sits',
  heartMark: 'Your mark',
  standingMark: 'As it felt to you, standing',
  'keeping.fuel': 'Fuel a year',
  'keeping.tyres': 'Tyres a year',
  'keeping.chain': 'Chain a year',
  'keeping.pads': 'Brake pads a year',
  'keeping.servicing': 'Services a year: oil, inspection, valves, fork and shock',
  'keeping.insurance': 'Insurance a year',
  'keeping.tax': 'Tax a year',
  'keeping.depreciation': 'Loss of value a year',
  'keeping.interest': 'Interest a year',
  'keeping.monthly': 'Loan, each month',
  looseFuel: 'Fuel in cans, poured in on the way',
  hipBehindPeg: 'Hips behind the pegs',
  luggageNeeded: 'Room the trip needs',
  carried: 'Carried as if it were rider',
  rimStrength: 'Rims take rocks',
  plug: 'Mended by a plug',
  tyreChoice: 'Choice of tyres in these sizes',
  springsSuit: 'Rider the springs suit',
  'front.travel': 'Front: travel',
  'front.springs': 'Front: springs',
  'front.adjusters': 'Front: adjusters',
  'front.index': 'Front together',
  'rear.travel': 'Rear: travel',
  'rear.springs': 'Rear: springs',
  'rear.adjusters': 'Rear: adjusters',
  'rear.index': 'Rear together',
  'money.onTheRoadCosts': 'On-the-road costs',
  'money.shopRate_perHour': 'Workshop rate per hour',
  'musts.readyMass_kg': 'Mass limit',
  'musts.sureness_percent': 'How sure a must has to be',
  'musts.clearance_mm': 'Clearance needed',
};

/** Words for anything that can stand in a working or be missing. */
export function nameWords(name: string): string {
  if (name.startsWith('rate:')) return `exchange rate for ${name.slice(5)}`;
  return (
    OTHER_WORDS[name] ??
    (FACT_WORDS as Record<string, string>)[name] ??
    (FIGURE_WORDS as Record<string, string>)[name] ??
    (METRIC_WORDS as Record<string, { name: string }>)[name]?.name ??
    name
  );
}

/** Groups of the weigh-up's lines. */
export const WANT_GROUP_WORDS: Readonly<Record<WantGroup | 'load' | 'keeping', string>> = {
  handling: 'Holding it up',
  pull: 'Pull and wind',
  ground: 'The ground',
  distance: 'Going far',
  money: 'Money now',
  heart: 'The heart',
  load: 'Under load; not weighed',
  keeping: 'Keeping it; not weighed',
};

export const SCHOOL_WORDS: Readonly<
  Record<SchoolKey, { readonly name: string; readonly options: Readonly<Record<string, string>> }>
> = {
  size: {
    name: 'Size',
    options: { 'light-first': 'light first', middle: 'the middle', 'road-first': 'road first' },
  },
  engine: { name: 'Engine', options: { 'low-torque': 'low, wide torque', revs: 'revs and power' } },
  aids: {
    name: 'Electronic aids',
    options: { simple: 'one ABS button', full: 'all there is' },
  },
  springs: {
    name: 'Springs',
    options: { 'soft-is-fine': 'soft is fine', 'to-the-rider': 'sprung to the rider' },
  },
};

export const SEAT_WIDTH_WORDS: Readonly<Record<SeatWidth, string>> = {
  light: 'narrow, soft',
  enduro: 'narrow, firm',
  middle: 'middling',
  wide: 'wide, firm',
};
