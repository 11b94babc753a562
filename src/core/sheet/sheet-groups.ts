import type { FactKey } from '../facts';
import { GEAR_RATIOS, type FigureKey } from '../readings';

/** One line of the sheet: a figure, or a fact in words. */
export type SheetKey = FigureKey | FactKey;

export const SHEET_GROUP_KEYS = [
  'essentials',
  'engine',
  'gearing',
  'chassis',
  'suspension',
  'wheels',
  'brakes',
  'electrics',
  'fuel',
  'loads',
  'body',
  'protection',
  'luggage',
  'service',
  'money',
  'support',
] as const;
export type SheetGroupKey = (typeof SHEET_GROUP_KEYS)[number];

/** The whole sheet as riders group it. `essentials` is what a first weigh-up asks for; every key stands once. */
export const SHEET_GROUPS: Readonly<Record<SheetGroupKey, readonly SheetKey[]>> = {
  essentials: [
    'mass',
    'maxMass',
    'power',
    'seatHeight',
    'tank',
    'consumption',
    'travelFront',
    'travelRear',
    'clearance',
    'serviceInterval',
    'price',
  ],
  engine: [
    'layout',
    'displacement',
    'cylinders',
    'cooling',
    'powerRpm',
    'torque',
    'torqueRpm',
    'redline',
    'idleSpeed',
    'unrestrictedPower',
    'compression',
    'fuelling',
    'starter',
  ],
  gearing: [
    'gears',
    'primaryRatio',
    ...GEAR_RATIOS,
    'finalDrive',
    'sprocketFront',
    'sprocketRear',
    'finalRatio',
    'speedFirst',
    'speedTop',
    'chainPitch',
    'chainLinks',
  ],
  chassis: ['wheelbase', 'rake', 'trail', 'underEngine'],
  suspension: [
    'forkType',
    'forkAdjust',
    'forkRate',
    'shockType',
    'shockAdjust',
    'shockRate',
    'linkage',
    'motionRatio',
    'motionRatioEnd',
    'springRiderMass',
    'shockRebuildable',
  ],
  wheels: [
    'wheelFront',
    'wheelRear',
    'tyreFront',
    'tyreRear',
    'wheelType',
    'rimLocks',
    'pressureFront',
    'pressureRear',
  ],
  brakes: ['brakeFront', 'abs', 'absStaysOff', 'tractionControl', 'ridingModes', 'cruiseControl'],
  electrics: ['alternator', 'stockDraw', 'battery', 'socket'],
  fuel: ['fuelGrade', 'statedRange'],
  loads: ['payload', 'axleLimitFront', 'axleLimitRear'],
  body: ['seatWidth', 'seatSettle', 'seatHours', 'pegHeight', 'barHeight', 'screen', 'fairing'],
  protection: ['sumpGuard', 'handGuards', 'crashBars'],
  luggage: ['luggageVolume', 'subframe', 'stockRack', 'rackLimit', 'carrierLimit', 'passenger'],
  service: [
    'serviceHours',
    'serviceMonths',
    'oilInterval',
    'oilHours',
    'oilCapacity',
    'valveInterval',
    'valveHours',
    'oilPrice',
    'inspectionPrice',
    'valvesPrice',
    'suspensionPrice',
  ],
  money: ['usedPrice', 'unlockPrice', 'warranty', 'warrantyPasses'],
  support: ['stillMade', 'madeFrom', 'madeUntil', 'partsSupply', 'aftermarket', 'dealerDistance'],
};

/** Figures a first weigh-up needs; all others may stay not known. */
export const ESSENTIAL_KEYS = SHEET_GROUPS.essentials as readonly FigureKey[];

/** Every line of the sheet in the order of its groups. */
export const SHEET_KEYS: readonly SheetKey[] = SHEET_GROUP_KEYS.flatMap(
  (group) => SHEET_GROUPS[group],
);
