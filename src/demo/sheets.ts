import type { WeakPoint } from '@/core/donor';
import type { DonorFacts, FactKey } from '@/core/facts';
import type { FigureKey, Origin } from '@/core/readings';
import type { Quote } from './quoted';

const sheet = 'maker’s sheet';
const manual = 'owner’s manual';

/** The rest of a sheet: figures beyond the essentials, facts in words, known weak points. */
export interface DemoSheet {
  readonly figures: { readonly [K in FigureKey]?: Quote };
  readonly facts: { readonly [K in FactKey]?: string };
  readonly weakPoints?: readonly Omit<WeakPoint, 'id'>[];
}

const weak = (what: string, cost: number | undefined, mend: boolean, origin: Origin = 'heard', note = ''): Omit<WeakPoint, 'id'> =>
  ({ what, mend, origin, note, ...(cost === undefined ? {} : { cost: { amount: cost, currency: 'EUR' } }) });

/** By donor; every figure and name is made up. */
export const DEMO_SHEETS: Readonly<Record<string, DemoSheet>> = {
  'wren-230': {
    figures: {
      displacement: [223, 'cc', 'claimed', sheet], compression: [9.5, 'ratio', 'claimed', sheet], rake: [27.5, 'deg', 'claimed', sheet], trail: [109, 'mm', 'claimed', sheet], sprocketFront: [13, 'teeth', 'measured', 'counted'],
      sprocketRear: [49, 'teeth', 'measured', 'counted'], springRiderMass: [72, 'kg', 'heard', 'dealer'], alternator: [190, 'W', 'claimed', manual], oilInterval: [4000, 'mi', 'claimed', manual], oilCapacity: [1.1, 'L', 'claimed', manual], valveInterval: [8000, 'mi', 'claimed', manual], madeFrom: [2021, 'year', 'claimed', sheet],
    },
    facts: { layout: 'single', cooling: 'air', fuelling: 'injection', starter: 'electric', finalDrive: 'chain', chainPitch: '520', forkType: 'conventional', forkAdjust: 'none', shockAdjust: 'preload', linkage: 'linkage', wheelType: 'spoked-tubes', tyreFront: '80/100-21 51P', tyreRear: '120/80-18 62P', abs: 'none', underEngine: 'rails', subframe: 'welded', sumpGuard: 'none', handGuards: 'none', passenger: 'no', stillMade: 'yes', partsSupply: 'good', aftermarket: 'deep' },
    weakPoints: [weak('Subframe is welded on and bends under hard luggage', 180, false)],
  },
  'sorrel-300': {
    figures: {
      displacement: [292, 'cc', 'claimed', sheet], compression: [10.7, 'ratio', 'claimed', sheet], idleSpeed: [1450, 'rpm', 'claimed', manual], primaryRatio: [2.871, 'ratio', 'claimed', manual], ratio1: [3.083, 'ratio', 'claimed', manual], ratio2: [2.067, 'ratio', 'claimed', manual], ratio3: [1.556, 'ratio', 'claimed', manual],
      ratio4: [1.261, 'ratio', 'claimed', manual], ratio5: [1.04, 'ratio', 'claimed', manual], ratio6: [0.889, 'ratio', 'claimed', manual], sprocketFront: [14, 'teeth', 'measured', 'counted'], sprocketRear: [40, 'teeth', 'measured', 'counted'], chainLinks: [106, 'links', 'claimed', manual], rake: [27.6, 'deg', 'claimed', sheet], trail: [110, 'mm', 'claimed', sheet],
      springRiderMass: [75, 'kg', 'heard', 'club'], pegHeight: [335, 'mm', 'measured', 'tape, on its stand'], barHeight: [1160, 'mm', 'measured', 'tape, on its stand'], alternator: [360, 'W', 'claimed', manual], stockDraw: [190, 'W', 'estimated', 'lamps and pump added up'], battery: [7.4, 'Ah', 'claimed', manual], oilInterval: [12000, 'km', 'claimed', manual], oilCapacity: [1.8, 'L', 'claimed', manual], valveInterval: [24000, 'km', 'claimed', manual], pressureFront: [1.5, 'bar', 'claimed', manual], pressureRear: [1.5, 'bar', 'claimed', manual], warranty: [24, 'months', 'claimed', 'dealer'], dealerDistance: [34, 'km', 'measured', 'map'], madeFrom: [2019, 'year', 'claimed', sheet],
    },
    facts: { layout: 'single', cooling: 'liquid', fuelling: 'injection', starter: 'electric', fuelGrade: 'regular', finalDrive: 'chain', chainPitch: '520', forkType: 'upside-down', forkAdjust: 'none', shockType: 'single', shockAdjust: 'preload', linkage: 'linkage', shockRebuildable: 'no', wheelType: 'spoked-tubes', tyreFront: '80/100-21 51P', tyreRear: '120/80-18 62P', brakeFront: 'single-disc', abs: 'rear-off', absStaysOff: 'no', tractionControl: 'none', cruiseControl: 'no', seatWidth: 'light', screen: 'none', fairing: 'none', sumpGuard: 'plastic', handGuards: 'none', crashBars: 'none', underEngine: 'rails', subframe: 'welded', stockRack: 'none', passenger: 'yes', warrantyPasses: 'yes', stillMade: 'yes', partsSupply: 'good', aftermarket: 'deep' },
    weakPoints: [weak('The shock cannot be rebuilt', undefined, false), weak('Stock engine guard is for looks only', 125, false)],
  },
  'sorrel-300-longway': {
    figures: { displacement: [292, 'cc', 'claimed', sheet], springRiderMass: [80, 'kg', 'heard', 'dealer'], alternator: [360, 'W', 'claimed', manual], oilInterval: [12000, 'km', 'claimed', manual], valveInterval: [24000, 'km', 'claimed', manual], statedRange: [370, 'km', 'claimed', sheet] },
    facts: { layout: 'single', cooling: 'liquid', forkAdjust: 'none', shockAdjust: 'preload', wheelType: 'spoked-tubes', abs: 'both-off', absStaysOff: 'no', screen: 'tall', fairing: 'half', sumpGuard: 'plastic', underEngine: 'rails', subframe: 'welded', stockRack: 'small', stillMade: 'yes', partsSupply: 'good', aftermarket: 'some' },
  },
  'thorn-450-e': {
    figures: { displacement: [449, 'cc', 'claimed', sheet], compression: [12.6, 'ratio', 'claimed', sheet], serviceHours: [15, 'h', 'claimed', manual], oilHours: [15, 'h', 'claimed', manual], valveHours: [60, 'h', 'claimed', manual], oilCapacity: [1.2, 'L', 'claimed', manual], forkRate: [4.6, 'N/mm', 'claimed', manual], shockRate: [68, 'N/mm', 'claimed', manual], motionRatio: [0.37, 'ratio', 'claimed', manual], springRiderMass: [80, 'kg', 'claimed', manual] },
    facts: { layout: 'single', cooling: 'liquid', starter: 'electric', fuelGrade: 'mid', forkType: 'upside-down', forkAdjust: 'full', shockAdjust: 'full', linkage: 'linkage', shockRebuildable: 'yes', wheelType: 'spoked-tubes', abs: 'none', handGuards: 'plastic', sumpGuard: 'plastic', underEngine: 'rails', subframe: 'bolted', passenger: 'no', stillMade: 'yes', partsSupply: 'ordinary', aftermarket: 'deep' },
    weakPoints: [weak('Plastic drive gear of the water pump: change it every 100 hours', 45, true, 'heard', 'club riders'), weak('No room for luggage: the subframe is rated for a number plate', undefined, false)],
  },
  'pika-340-x': {
    figures: { displacement: [338, 'cc', 'claimed', sheet], alternator: [310, 'W', 'claimed', manual], valveInterval: [15000, 'mi', 'claimed', manual], payload: [178, 'kg', 'claimed', sheet], rackLimit: [6, 'kg', 'claimed', 'sticker'], warranty: [2, 'years', 'claimed', 'importer'] },
    facts: { layout: 'single', cooling: 'liquid', forkType: 'upside-down', forkAdjust: 'none', shockAdjust: 'preload', linkage: 'direct', wheelType: 'cast', tyreFront: '100/90-19 57H', tyreRear: '130/80-17 65H', abs: 'fixed', tractionControl: 'switchable', screen: 'small', fairing: 'half', sumpGuard: 'plastic', handGuards: 'plastic', underEngine: 'no-rails', subframe: 'welded', stockRack: 'small', passenger: 'yes', stillMade: 'yes', partsSupply: 'ordinary', aftermarket: 'some' },
  },
  'drover-430': {
    figures: { displacement: [430, 'cc', 'claimed', sheet], oilInterval: [10000, 'km', 'claimed', manual], valveInterval: [20000, 'km', 'claimed', manual], alternator: [350, 'W', 'claimed', manual], stockDraw: [170, 'W', 'estimated', 'lamps and pump added up'], usedPrice: [4900, 'EUR', 'heard', 'adverts of this autumn'], springRiderMass: [85, 'kg', 'heard', 'dealer'], pegHeight: [325, 'mm', 'measured', 'tape at the dealer’s'], barHeight: [1120, 'mm', 'measured', 'tape at the dealer’s'] },
    facts: { layout: 'single', cooling: 'air-oil', forkType: 'conventional', forkAdjust: 'none', shockType: 'twin', shockAdjust: 'preload', wheelType: 'spoked-tubes', tyreFront: '90/90-21 54S', tyreRear: '120/80-17 61S', abs: 'rear-off', absStaysOff: 'no', tractionControl: 'none', screen: 'none', underEngine: 'rails', subframe: 'bolted', stockRack: 'full', passenger: 'yes', stillMade: 'yes', partsSupply: 'good', aftermarket: 'some' },
  },
  'dunelark-720': {
    figures: {
      displacement: [718, 'cc', 'claimed', sheet], cylinders: [2, 'cylinders', 'claimed', sheet], idleSpeed: [1400, 'rpm', 'claimed', manual], primaryRatio: [1.9, 'ratio', 'claimed', manual], ratio1: [2.75, 'ratio', 'claimed', manual], ratio2: [1.9, 'ratio', 'claimed', manual], ratio3: [1.45, 'ratio', 'claimed', manual], ratio4: [1.15, 'ratio', 'claimed', manual],
      ratio5: [0.97, 'ratio', 'claimed', manual], ratio6: [0.85, 'ratio', 'claimed', manual], sprocketFront: [16, 'teeth', 'claimed', manual], sprocketRear: [45, 'teeth', 'claimed', manual], rake: [27, 'deg', 'claimed', sheet], trail: [105, 'mm', 'claimed', sheet], forkRate: [4.8, 'N/mm', 'claimed', manual], shockRate: [95, 'N/mm', 'claimed', manual], motionRatio: [0.42, 'ratio', 'estimated', 'from the linkage drawing'], pegHeight: [340, 'mm', 'heard', 'dealer'], barHeight: [1215, 'mm', 'heard', 'dealer'], alternator: [450, 'W', 'claimed', manual], valveInterval: [26000, 'mi', 'claimed', manual], statedRange: [350, 'km', 'claimed', sheet],
    },
    facts: { layout: 'parallel-twin', cooling: 'liquid', forkType: 'upside-down', forkAdjust: 'full', shockAdjust: 'full', linkage: 'linkage', shockRebuildable: 'yes', wheelType: 'spoked-tubeless', tyreFront: '90/90-21 54V', tyreRear: '150/70 R 18 70V', abs: 'both-off', absStaysOff: 'no', tractionControl: 'switchable', ridingModes: 'yes', cruiseControl: 'no', screen: 'tall', fairing: 'half', sumpGuard: 'alloy', handGuards: 'plastic', underEngine: 'no-rails', subframe: 'bolted', passenger: 'yes', stillMade: 'yes', partsSupply: 'good', aftermarket: 'deep' },
  },
  'postmark-640-v': {
    figures: { displacement: [647, 'cc', 'claimed', 'brochure'], alternator: [400, 'W', 'heard', 'owners'], madeUntil: [2012, 'year', 'heard', 'owners'] },
    facts: { layout: 'v-twin', cooling: 'liquid', fuelling: 'carburettor', forkAdjust: 'preload', shockAdjust: 'preload', wheelType: 'cast', abs: 'none', screen: 'tall', fairing: 'full', underEngine: 'no-rails', subframe: 'welded', stockRack: 'full', passenger: 'yes', stillMade: 'no', partsSupply: 'thin', aftermarket: 'thin' },
    weakPoints: [weak('Regulator runs hot and fails: fit a better one before a long way', 140, true, 'heard', 'owners'), weak('Wheel bearings notchy after 50 000 km', 90, false)],
  },
  'bastion-1160': {
    figures: { displacement: [1158, 'cc', 'claimed', sheet], alternator: [700, 'W', 'claimed', manual], valveInterval: [20000, 'km', 'claimed', manual] },
    facts: { layout: 'v-twin', cooling: 'liquid', finalDrive: 'shaft', forkAdjust: 'full', shockAdjust: 'full', wheelType: 'spoked-tubeless', tyreFront: '120/70 R 19 60V', tyreRear: '170/60 R 17 72V', abs: 'rear-off', tractionControl: 'switchable', ridingModes: 'yes', cruiseControl: 'yes', screen: 'adjustable', fairing: 'half', sumpGuard: 'plastic', handGuards: 'plastic', underEngine: 'no-rails', subframe: 'bolted', passenger: 'yes', stillMade: 'yes', partsSupply: 'good', aftermarket: 'deep' },
  },
};

/** Facts as readings of the maker's sheet, with steady ids. */
export const factsOf = (donorId: string, facts: DemoSheet['facts']): DonorFacts =>
  Object.fromEntries(Object.entries(facts).map(([key, value]) => [key, { readings: [{ id: `${donorId}-${key}`, value, origin: 'claimed', note: sheet }] }]));
