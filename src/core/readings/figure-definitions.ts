import type { Dimension } from '../units';

/** How a figure was taken. `stated` where the trade has only one way. */
export const BASES = [
  'dry', 'ready', 'ready-90', 'crank', 'wheel', 'standard-seat', 'low-seat', 'claimed-travel', 'taped-travel',
  'gentle', 'mixed', 'motorway', 'cycle', 'own-fills', 'list', 'on-the-road', 'asked', 'paid', 'stated',
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
}

/** The core figures of a donor. Money limits are in the quoted currency. */
export const FIGURE_DEFINITIONS = {
  mass: { dimension: 'mass', bases: ['ready', 'ready-90', 'dry'], limits: { min: 60, max: 450 }, places: 0 },
  maxMass: { dimension: 'mass', bases: ['stated'], limits: { min: 150, max: 700 }, places: 0 },
  power: { dimension: 'power', bases: ['crank', 'wheel'], limits: { min: 3, max: 180 }, places: 1 },
  powerRpm: { dimension: 'rotation', bases: ['stated'], limits: { min: 2500, max: 16000 }, places: 0 },
  unrestrictedPower: { dimension: 'power', bases: ['crank', 'wheel'], limits: { min: 3, max: 180 }, places: 1 },
  torque: { dimension: 'torque', bases: ['crank', 'wheel'], limits: { min: 5, max: 220 }, places: 1 },
  torqueRpm: { dimension: 'rotation', bases: ['stated'], limits: { min: 1500, max: 15000 }, places: 0 },
  redline: { dimension: 'rotation', bases: ['stated'], limits: { min: 4000, max: 18000 }, places: 0 },
  gears: { dimension: 'count', bases: ['stated'], limits: { min: 1, max: 8 }, places: 0 },
  seatHeight: { dimension: 'length', bases: ['standard-seat', 'low-seat'], limits: { min: 600, max: 1100 }, places: 0 },
  tank: { dimension: 'volume', bases: ['stated'], limits: { min: 3, max: 45 }, places: 1 },
  consumption: { dimension: 'consumption', bases: ['mixed', 'gentle', 'motorway', 'cycle', 'own-fills'], limits: { min: 1.5, max: 15 }, places: 1 },
  travelFront: { dimension: 'length', bases: ['claimed-travel', 'taped-travel'], limits: { min: 50, max: 380 }, places: 0 },
  travelRear: { dimension: 'length', bases: ['claimed-travel', 'taped-travel'], limits: { min: 40, max: 380 }, places: 0 },
  clearance: { dimension: 'length', bases: ['stated'], limits: { min: 80, max: 420 }, places: 0 },
  wheelFront: { dimension: 'length', bases: ['stated'], limits: { min: 250, max: 600 }, places: 0 },
  wheelRear: { dimension: 'length', bases: ['stated'], limits: { min: 250, max: 600 }, places: 0 },
  wheelbase: { dimension: 'length', bases: ['stated'], limits: { min: 1100, max: 1900 }, places: 0 },
  serviceInterval: { dimension: 'distance', bases: ['stated'], limits: { min: 200, max: 50000 }, places: 0 },
  price: { dimension: 'money', bases: ['list', 'on-the-road', 'asked', 'paid'], limits: { min: 1, max: 500000 }, places: 0 },
} as const satisfies Record<string, FigureDefinition>;

export type FigureKey = keyof typeof FIGURE_DEFINITIONS;
export const FIGURE_KEYS = Object.keys(FIGURE_DEFINITIONS) as readonly FigureKey[];
export const figureDefinition = (key: FigureKey): FigureDefinition => FIGURE_DEFINITIONS[key];
