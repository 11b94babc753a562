import type { Dimension, UnitId } from '../units';

/** How a figure was taken. `stated` where the trade has only one way. */
export const BASES = [
  'dry',
  'ready',
  'ready-90',
  'crank',
  'wheel',
  'standard-seat',
  'low-seat',
  'claimed-travel',
  'taped-travel',
  'gentle',
  'mixed',
  'motorway',
  'cycle',
  'own-fills',
  'list',
  'on-the-road',
  'asked',
  'paid',
  'stated',
] as const;
export type Basis = (typeof BASES)[number];

export interface FigureDefinition {
  readonly dimension: Dimension;
  /** Bases a reading may carry; the first is what a maker's sheet usually means. */
  readonly bases: readonly [Basis, ...Basis[]];
  /** Domain of validity in the base unit, both ends included. Schema, editor and tests read it. */
  readonly limits: { readonly min: number; readonly max: number };
  /** Printed places after the decimal mark in metric units. */
  readonly places: number;
  /** The unit the trade uses everywhere, whatever the rider reads in. */
  readonly unit?: UnitId;
  /** A count, a size or an agreed sum: a measured or claimed one is taken as it stands. */
  readonly exact?: true;
}

const stated = <D extends Dimension>(
  dimension: D,
  min: number,
  max: number,
  places = 0,
  more: Partial<Pick<FigureDefinition, 'unit' | 'exact'>> = {},
) => ({ dimension, bases: ['stated'], limits: { min, max }, places, ...more }) as const;
const ratio = (min: number, max: number) => stated('ratio', min, max, 3, { exact: true });
const exact = { exact: true } as const;

/** What a workshop asks for one kind of service, work and materials. */
const servicePrice = stated('money', 1, 200_000, 0, exact);

/** Every figure of a donor's sheet. Money limits are in the quoted currency. */
export const FIGURE_DEFINITIONS = {
  mass: {
    dimension: 'mass',
    bases: ['ready', 'ready-90', 'dry'],
    limits: { min: 60, max: 450 },
    places: 0,
  },
  maxMass: stated('mass', 150, 700, 0, exact),
  power: { dimension: 'power', bases: ['crank', 'wheel'], limits: { min: 3, max: 180 }, places: 1 },
  powerRpm: stated('rotation', 2500, 16000, 0, exact),
  unrestrictedPower: {
    dimension: 'power',
    bases: ['crank', 'wheel'],
    limits: { min: 3, max: 180 },
    places: 1,
  },
  torque: {
    dimension: 'torque',
    bases: ['crank', 'wheel'],
    limits: { min: 5, max: 220 },
    places: 1,
  },
  torqueRpm: stated('rotation', 1500, 15000, 0, exact),
  redline: stated('rotation', 4000, 18000, 0, exact),
  gears: stated('count', 1, 8, 0, exact),
  seatHeight: {
    dimension: 'length',
    bases: ['standard-seat', 'low-seat'],
    limits: { min: 600, max: 1100 },
    places: 0,
  },
  tank: stated('volume', 3, 45, 1),
  consumption: {
    dimension: 'consumption',
    bases: ['mixed', 'gentle', 'motorway', 'cycle', 'own-fills'],
    limits: { min: 1.5, max: 15 },
    places: 1,
  },
  travelFront: {
    dimension: 'length',
    bases: ['claimed-travel', 'taped-travel'],
    limits: { min: 50, max: 380 },
    places: 0,
  },
  travelRear: {
    dimension: 'length',
    bases: ['claimed-travel', 'taped-travel'],
    limits: { min: 40, max: 380 },
    places: 0,
  },
  clearance: stated('length', 80, 420),
  wheelFront: stated('length', 250, 600, 0, { unit: 'in', exact: true }),
  wheelRear: stated('length', 250, 600, 0, { unit: 'in', exact: true }),
  wheelbase: stated('length', 1100, 1900),
  serviceInterval: stated('distance', 200, 50000, 0, exact),
  price: {
    dimension: 'money',
    bases: ['list', 'on-the-road', 'asked', 'paid'],
    limits: { min: 1, max: 500000 },
    places: 0,
    exact: true,
  },

  displacement: stated('displacement', 50, 2500, 0, exact),
  cylinders: stated('count', 1, 6, 0, { unit: 'cylinders', exact: true }),
  compression: ratio(6, 16),
  idleSpeed: stated('rotation', 700, 2500, 0, exact),
  primaryRatio: ratio(1, 4.5),
  ratio1: ratio(1.2, 4.5),
  ratio2: ratio(0.9, 3.5),
  ratio3: ratio(0.8, 2.8),
  ratio4: ratio(0.7, 2.2),
  ratio5: ratio(0.6, 1.8),
  ratio6: ratio(0.5, 1.6),
  sprocketFront: stated('count', 9, 22, 0, { unit: 'teeth', exact: true }),
  sprocketRear: stated('count', 26, 70, 0, { unit: 'teeth', exact: true }),
  finalRatio: ratio(1, 6),
  /** Speed for each 1000 rpm on the stock sprockets, as watched on the road. */
  speedFirst: stated('speed', 1, 30, 1),
  speedTop: stated('speed', 5, 80, 1),
  chainLinks: stated('count', 80, 150, 0, { unit: 'links', exact: true }),
  rake: stated('angle', 18, 36, 1),
  trail: stated('length', 50, 180),
  forkRate: stated('springRate', 2, 20, 1),
  shockRate: stated('springRate', 20, 250),
  motionRatio: ratio(0.2, 1),
  /** The same where the wheel is all the way up; absent: the linkage is taken as even. */
  motionRatioEnd: ratio(0.2, 1),
  springRiderMass: stated('mass', 45, 130),
  pressureFront: stated('pressure', 0.5, 4, 1),
  pressureRear: stated('pressure', 0.5, 4, 1),
  alternator: stated('electric', 60, 1500),
  stockDraw: stated('electric', 30, 600),
  battery: stated('charge', 1, 40, 1),
  statedRange: stated('distance', 60, 900),
  payload: stated('mass', 60, 320, 0, exact),
  axleLimitFront: stated('mass', 60, 300, 0, exact),
  axleLimitRear: stated('mass', 80, 450, 0, exact),
  luggageVolume: stated('volume', 0.5, 200, 0, { unit: 'L' }),
  rackLimit: stated('mass', 1, 60, 0, exact),
  /** Both side carriers together, with what hangs on them. */
  carrierLimit: stated('mass', 10, 100, 0, exact),
  /** How long the seat is borne before a rest. */
  seatHours: stated('duration', 0.2, 14, 1),
  /** How far seat and springs go down under this rider. */
  seatSettle: stated('length', 0, 160),
  pegHeight: stated('length', 150, 550),
  barHeight: stated('length', 700, 1500),
  serviceHours: stated('duration', 5, 1000, 0, exact),
  serviceMonths: stated('calendar', 1, 60, 0, exact),
  valveInterval: stated('distance', 500, 80000, 0, exact),
  valveHours: stated('duration', 5, 2000, 0, exact),
  oilInterval: stated('distance', 200, 30000, 0, exact),
  oilHours: stated('duration', 5, 600, 0, exact),
  oilCapacity: stated('volume', 0.4, 6, 1),
  usedPrice: {
    dimension: 'money',
    bases: ['asked', 'paid'],
    limits: { min: 1, max: 500000 },
    places: 0,
    exact: true,
  },
  unlockPrice: stated('money', 1, 10000, 0, exact),
  oilPrice: servicePrice,
  inspectionPrice: servicePrice,
  valvesPrice: servicePrice,
  suspensionPrice: servicePrice,
  warranty: stated('calendar', 1, 120, 0, exact),
  madeFrom: stated('year', 1970, 2040, 0, exact),
  madeUntil: stated('year', 1970, 2040, 0, exact),
  dealerDistance: stated('distance', 1, 3000),
} as const satisfies Record<string, FigureDefinition>;

export type FigureKey = keyof typeof FIGURE_DEFINITIONS;
export const FIGURE_KEYS = Object.keys(FIGURE_DEFINITIONS) as readonly FigureKey[];
export const figureDefinition = (key: FigureKey): FigureDefinition => FIGURE_DEFINITIONS[key];
export const isFigureKey = (text: string): text is FigureKey =>
  Object.hasOwn(FIGURE_DEFINITIONS, text);
