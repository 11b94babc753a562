import type { MetricKey } from '@/core/assessment';
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
import type { FactKey } from '@/core/facts';
import type { SheetGroupKey } from '@/core/sheet';
import type { AffectedFigure, PartKind } from '@/core/part';
import type { Basis, FigureKey, KnownAs, Origin } from '@/core/readings';
import type { UnitSystem } from '@/core/units';

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

export const FACT_WORDS: Readonly<Record<FactKey, string>> = {
  layout: 'Engine layout',
  cooling: 'Cooling',
  fuelling: 'Fuelling',
  starter: 'Starter',
  fuelGrade: 'Fuel grade',
  finalDrive: 'Final drive',
  chainPitch: 'Chain pitch',
  forkType: 'Fork',
  forkAdjust: 'Fork adjusters',
  shockType: 'Shock',
  shockAdjust: 'Shock adjusters',
  linkage: 'Rear linkage',
  shockRebuildable: 'Shock can be rebuilt',
  wheelType: 'Rims',
  rimLocks: 'Rim locks',
  tyreFront: 'Tyre, front',
  tyreRear: 'Tyre, rear',
  brakeFront: 'Front brake',
  abs: 'ABS',
  absStaysOff: 'ABS stays off after the key',
  tractionControl: 'Traction control',
  ridingModes: 'Riding modes',
  cruiseControl: 'Cruise control',
  socket: 'Power socket',
  seatWidth: 'Seat width',
  screen: 'Screen',
  fairing: 'Fairing',
  sumpGuard: 'Engine guard',
  handGuards: 'Hand guards',
  crashBars: 'Crash bars',
  underEngine: 'Under the engine',
  subframe: 'Subframe',
  stockRack: 'Stock rack',
  passenger: 'Passenger permitted',
  warrantyPasses: 'Warranty passes on',
  stillMade: 'Still made',
  partsSupply: 'Parts supply',
  aftermarket: 'Aftermarket',
};

const YES_NO = { yes: 'yes', no: 'no' };
const ADJUSTERS = {
  none: 'no adjusters',
  preload: 'preload only',
  'preload-rebound': 'preload and rebound',
  full: 'preload, compression, rebound',
};

/** Words for each option of a fact. Tyres are shown as designated. */
export const OPTION_WORDS: Readonly<Record<FactKey, Readonly<Record<string, string>>>> = {
  layout: {
    single: 'single',
    'parallel-twin': 'parallel twin',
    'v-twin': 'V-twin',
    'boxer-twin': 'boxer twin',
    triple: 'triple',
    four: 'four',
  },
  cooling: { air: 'air', 'air-oil': 'air and oil', liquid: 'liquid' },
  fuelling: { injection: 'fuel injection', carburettor: 'carburettor' },
  starter: { electric: 'electric', kick: 'kick', both: 'electric and kick' },
  fuelGrade: {
    regular: 'regular (RON 91, AKI 87)',
    mid: 'RON 95, AKI 91',
    premium: 'premium (RON 98, AKI 93)',
  },
  finalDrive: { chain: 'chain', shaft: 'shaft', belt: 'belt' },
  chainPitch: { 428: '428', 520: '520', 525: '525', 530: '530' },
  forkType: { conventional: 'conventional', 'upside-down': 'upside-down', other: 'another kind' },
  forkAdjust: ADJUSTERS,
  shockType: { single: 'single shock', twin: 'two shocks' },
  shockAdjust: ADJUSTERS,
  linkage: { linkage: 'linkage', direct: 'no linkage' },
  shockRebuildable: YES_NO,
  wheelType: {
    'spoked-tubes': 'spoked, tubes',
    'spoked-tubeless': 'spoked, tubeless',
    cast: 'cast, tubeless',
  },
  rimLocks: YES_NO,
  tyreFront: {},
  tyreRear: {},
  brakeFront: { 'single-disc': 'one disc', 'twin-disc': 'two discs', drum: 'drum' },
  abs: {
    none: 'none',
    fixed: 'cannot be switched off',
    'rear-off': 'rear can be switched off',
    'both-off': 'both can be switched off',
  },
  absStaysOff: YES_NO,
  tractionControl: {
    none: 'none',
    fixed: 'cannot be switched off',
    switchable: 'can be switched off',
  },
  ridingModes: YES_NO,
  cruiseControl: YES_NO,
  socket: { none: 'none', 'twelve-volt': '12 V', usb: 'USB' },
  seatWidth: {
    light: 'narrow, soft',
    enduro: 'narrow, firm',
    middle: 'middling',
    wide: 'wide, firm',
  },
  screen: { none: 'none', small: 'small', tall: 'tall', adjustable: 'adjustable' },
  fairing: { none: 'none', half: 'half', full: 'full' },
  sumpGuard: { none: 'none', plastic: 'plastic', alloy: 'alloy' },
  handGuards: { none: 'none', plastic: 'plastic', spine: 'with alloy spine' },
  crashBars: { none: 'none', partial: 'partial', full: 'full' },
  underEngine: { rails: 'frame rails', 'no-rails': 'no frame rails' },
  subframe: { bolted: 'bolted on', welded: 'welded on', none: 'none to speak of' },
  stockRack: { none: 'none', small: 'small', full: 'full' },
  passenger: YES_NO,
  warrantyPasses: YES_NO,
  stillMade: YES_NO,
  partsSupply: { good: 'good', ordinary: 'ordinary', thin: 'thin', none: 'none' },
  aftermarket: { deep: 'deep', some: 'some', thin: 'thin' },
};

export const GROUP_WORDS: Readonly<Record<SheetGroupKey, string>> = {
  essentials: 'Enough for a first weigh-up',
  engine: 'Engine',
  gearing: 'Gearing',
  chassis: 'Chassis',
  suspension: 'Suspension',
  wheels: 'Wheels and tyres',
  brakes: 'Brakes and aids',
  electrics: 'Electrics',
  fuel: 'Fuel',
  loads: 'Loads',
  body: 'Body and wind',
  protection: 'Protection',
  luggage: 'Luggage and subframe',
  service: 'Service',
  money: 'Money',
  support: 'Support',
};

/** What knowing the figures of a group adds. */
export const GROUP_ADDS: Readonly<Record<SheetGroupKey, string>> = {
  essentials: 'reach, load, power, range, travel, service and money: the ranking itself',
  engine: 'cross-checks of power and torque, and the pull at low engine speed',
  gearing: 'engine speed at the cruise, crawl in first, gaps between gears',
  chassis: 'steadiness, turning, and whether the engine may touch down',
  suspension: 'sag, spring advice, and whether it can be set up for you',
  wheels: 'tyre loads, puncture repair, ground the rims stand up to',
  brakes: 'what can be switched off on dirt',
  electrics: 'watts left for heated kit and lights',
  fuel: 'a check of the range, and which pumps will do',
  loads: 'whether the load is legal on each axle',
  body: 'standing room and wind at the cruise',
  protection: 'what a drop breaks, and which guards need not be bought',
  luggage: 'where the load goes, and whether a passenger may',
  service: 'oil and valve checks that fall due on the trip',
  money: 'resale, and what a used one should cost',
  support: 'parts and help far from home',
};

export const METRIC_WORDS: Readonly<
  Record<MetricKey, { readonly name: string; readonly short: string; readonly what: string }>
> = {
  heelGap: {
    name: 'Heel gap astride',
    short: 'Heel gap',
    what: 'How far the heels hang above level ground. Below zero the knees bend.',
  },
  kneeAngle: {
    name: 'Knee room on the pegs',
    short: 'Knees',
    what: 'How far your knees open with boots on the pegs; under 65° cramps on a long day.',
  },
  standingRoom: {
    name: 'Standing room',
    short: 'Standing',
    what: 'Grips over pegs against what suits your height. Below zero you stoop; a riser of about that much helps.',
  },
  readyMass: { name: 'Ready-to-ride mass', short: 'Ready mass', what: 'Machine with a full tank.' },
  loadedMass: { name: 'Loaded mass', short: 'Loaded', what: 'Machine, rider, kit and luggage.' },
  payloadLeft: {
    name: 'Payload left',
    short: 'Payload left',
    what: 'Permitted maximum less loaded mass.',
  },
  powerToMass: {
    name: 'Power to loaded mass',
    short: 'Power/mass',
    what: 'Crank power per tonne with everything aboard.',
  },
  consumption: {
    name: 'Consumption on your ground',
    short: 'Fuel use',
    what: 'Over the ground shares of the brief.',
  },
  range: {
    name: 'Range with reserve',
    short: 'Range',
    what: 'On the usable tank, reserve kept back.',
  },
  suspension: {
    name: 'Suspension match',
    short: 'Suspension',
    what: 'The weaker end: travel against the ground, springs against you and your load, what can be adjusted.',
  },
  wheels: {
    name: 'Wheels for this ground',
    short: 'Wheels',
    what: 'Rim sizes, spokes and tubes against the ground shares.',
  },
  protection: {
    name: 'Protection',
    short: 'Protection',
    what: 'Engine guard, hand guards, bars and what lies under the engine.',
  },
  wind: {
    name: 'Shelter from the wind',
    short: 'Wind',
    what: 'Screen and fairing. Buffeting depends on you and your helmet: ride it.',
  },
  support: {
    name: 'Support',
    short: 'Support',
    what: 'Parts, aftermarket, dealer, still made: help far from home.',
  },
  clearance: { name: 'Ground clearance', short: 'Clearance', what: 'Unladen, as stated.' },
  serviceInterval: {
    name: 'Service interval',
    short: 'Service',
    what: 'Distance between services by the book.',
  },
  aids: {
    name: 'Electronic aids',
    short: 'Aids',
    what: 'ABS, traction control, modes and cruise control against what you believe in; counts only if you say so.',
  },
  heart: {
    name: 'The heart',
    short: 'Heart',
    what: 'Looks, sound, joy, pride: your own mark from trials, never guessed; counts only as much as you let it.',
  },
  luggageRoom: {
    name: 'Luggage room',
    short: 'Luggage',
    what: 'Litres in its cases and bags against what the trip needs.',
  },
  outlay: {
    name: 'Outlay',
    short: 'Outlay',
    what: 'Machine on the road, repairs, parts and fitting.',
  },
  cruisePower: {
    name: 'Power left at the cruise',
    short: 'Cruise power left',
    what: 'What is left of peak power at your cruise, loaded, on the level, without wind.',
  },
  cruiseRevs: {
    name: 'Engine speed at the cruise',
    short: 'Cruise revs',
    what: 'Share of the redline in top gear; from about 85 % an engine works hard (common practice).',
  },
  comfort: {
    name: 'Comfort of a road day',
    short: 'Comfort',
    what: 'Revs, reserve, shelter and knee room at your cruise; vibration and buffeting only a ride can tell.',
  },
  rollOn: {
    name: 'From 80 to 110 km/h (50 to 68 mph) in top',
    short: 'Roll-on',
    what: 'Overtaking without changing down, loaded.',
  },
  zeroToHundred: {
    name: 'From 0 to 100 km/h (62 mph)',
    short: '0–100',
    what: 'Loaded, by an ordinary rider.',
  },
  topSpeed: {
    name: 'Top speed loaded',
    short: 'Top speed',
    what: 'On the level; nothing to plan a cruise by.',
  },
  climb: {
    name: 'Steepest climb in first',
    short: 'Climb',
    what: 'What the engine holds on the loosest ground of your brief; grip may end earlier.',
  },
  crawl: {
    name: 'Crawl in first at idle',
    short: 'Crawl',
    what: 'How slowly it goes without the clutch.',
  },
  liftBack: {
    name: 'Lifting it, back to the machine',
    short: 'Lift, legs',
    what: 'What your legs push to start it up, hands on bar and rail.',
  },
  clearanceLoaded: {
    name: 'Clearance under load',
    short: 'Clear., loaded',
    what: 'What is left under the engine with you and your load aboard.',
  },
  trailLoaded: {
    name: 'Trail under load',
    short: 'Trail, loaded',
    what: 'Less is quicker and twitchier; it changes when one end sags or is lowered.',
  },
  tyreLife: {
    name: 'Rear tyre lasts',
    short: 'Rear tyre',
    what: 'On your ground with your load.',
  },
  chainLife: {
    name: 'Chain lasts',
    short: 'Chain',
    what: 'On your ground, oiled as the book says.',
  },
  lift: {
    name: 'Effort to pick it up',
    short: 'Pick up',
    what: 'At the bar, fuel full, luggage off. A comparison, not a limit.',
  },
  tripServices: {
    name: 'Services on the trip',
    short: 'Services',
    what: 'That fall due on the way, by the book.',
  },
  wattsLeft: {
    name: 'Watts left at the cruise',
    short: 'Watts left',
    what: 'For heated kit and lights; far fewer at idle.',
  },
  wattsSlow: {
    name: 'Watts left at slow pace',
    short: 'Watts, slow',
    what: 'The same in town and on rough ground, where the alternator turns slowly.',
  },
  powerThere: {
    name: 'Power at the highest point',
    short: 'Power there',
    what: 'Share of rated power in the thin or hot air of your brief.',
  },
  sagFront: {
    name: 'Predicted rider sag, front',
    short: 'Sag, front',
    what: 'Share of travel with you and your load. Usual for touring on dirt: 25 to 33 %.',
  },
  sagRear: {
    name: 'Predicted rider sag, rear',
    short: 'Sag, rear',
    what: 'Share of travel with you and your load. Usual for touring on dirt: 25 to 33 %.',
  },
  servicesYear: {
    name: 'Services a year',
    short: 'Services/year',
    what: 'At the distance you ride in a year.',
  },
  oilToCarry: {
    name: 'Oil to carry',
    short: 'Oil',
    what: 'For the changes that fall due on the trip, starting with fresh oil.',
  },
  resale: {
    name: 'Worth when you sell it',
    short: 'Resale',
    what: 'After the years kept, by usual yearly losses. Markets differ.',
  },
  yearlyCost: {
    name: 'Cost a year',
    short: 'Cost a year',
    what: 'Loss of worth, fuel, wear, services, insurance and tax.',
  },
  costPerKm: {
    name: 'Cost for each distance',
    short: 'Cost/distance',
    what: 'The same over the distance ridden.',
  },
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

/** Words for the option of a fact. */
export const optionWords = (fact: string, option: string): string =>
  (OPTION_WORDS as Readonly<Record<string, Readonly<Record<string, string>>>>)[fact]?.[option] ??
  option;

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
