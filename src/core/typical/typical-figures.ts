import { DONOR_CLASSES, type DonorClass } from '../donor';
import { between, type Interval } from '../numeric';
import { figureDefinition, type FigureKey } from '../readings';

/** Low, typical, high: about nine in ten machines of the class lie between low and high. */
type Triple = readonly [number, number, number];
/** One of {@link Triple} for each class, in the order of `DONOR_CLASSES`; `undefined` where the class has no such figure. */
type Columns = readonly (Triple | undefined)[];

/**
 * What is typical of each class, base units, on the basis everything is compared on. Own estimates from memory, low confidence; no single
 * machine is meant. Gears are given by what follows from them, since ratios differ.
 */
const TABLE = {
  /** ready to ride, kg */
  mass: [
    [117, 127, 138],
    [133, 141, 150],
    [147, 154, 163],
    [115, 123, 136],
    [158, 169, 182],
    [174, 184, 197],
    [197, 208, 222],
    [203, 215, 228],
    [232, 248, 270],
  ],
  /** kg */
  maxMass: [
    [265, 285, 305],
    [295, 315, 330],
    [300, 320, 335],
    [285, 310, 340],
    [320, 345, 375],
    [350, 370, 400],
    [390, 415, 455],
    [395, 410, 430],
    [430, 460, 490],
  ],
  /** at the crank, kW */
  power: [
    [12, 14, 17],
    [17, 20, 22],
    [17, 20, 22],
    [29, 36, 43],
    [21, 28, 34],
    [27, 30, 34],
    [48, 57, 72],
    [44, 49, 53],
    [70, 88, 110],
  ],
  powerRpm: [
    [7200, 7900, 8600],
    [7800, 8500, 9300],
    [7800, 8500, 9300],
    [8200, 9000, 9800],
    [7800, 8900, 10500],
    [6800, 7700, 8600],
    [7600, 8600, 9500],
    [7800, 8500, 9000],
    [6400, 7700, 9000],
  ],
  /** at the crank, N·m */
  torque: [
    [17, 19, 22],
    [22, 25, 28],
    [22, 25, 28],
    [36, 42, 50],
    [25, 31, 39],
    [36, 40, 45],
    [60, 69, 88],
    [56, 60, 64],
    [94, 116, 150],
  ],
  torqueRpm: [
    [5200, 6000, 6700],
    [6000, 6900, 7800],
    [6000, 6900, 7800],
    [6200, 7300, 8300],
    [6000, 7000, 8200],
    [4800, 5700, 6600],
    [5800, 6500, 7000],
    [5800, 6400, 6900],
    [5000, 6100, 7000],
  ],
  redline: [
    [8500, 9300, 10200],
    [9500, 10400, 11200],
    [9500, 10400, 11200],
    [9800, 10800, 11800],
    [9000, 10300, 12200],
    [8200, 9000, 9800],
    [9000, 9900, 10800],
    [9300, 9900, 10500],
    [8000, 8900, 10200],
  ],
  idleSpeed: [
    [1250, 1400, 1550],
    [1300, 1450, 1600],
    [1300, 1450, 1600],
    [1500, 1750, 2000],
    [1300, 1450, 1600],
    [1250, 1400, 1550],
    [1200, 1350, 1450],
    [1200, 1300, 1400],
    [1100, 1250, 1350],
  ],
  /** km/h for each 1000 rpm in the highest gear */
  speedTop: [
    [12.3, 13.4, 14.6],
    [14.8, 16.0, 17.2],
    [14.8, 16.0, 17.2],
    [16.5, 18.5, 21],
    [17.5, 19.5, 22],
    [19.5, 21.5, 23.5],
    [24, 26, 28.5],
    [23.5, 25.5, 27.5],
    [28, 32, 36],
  ],
  /** the same in first */
  speedFirst: [
    [3.8, 4.3, 4.9],
    [4.5, 5.1, 5.7],
    [4.5, 5.1, 5.7],
    [5.0, 5.8, 6.8],
    [5.3, 6.2, 7.2],
    [6.0, 6.8, 7.8],
    [7.2, 8.2, 9.4],
    [7.6, 8.6, 9.6],
    [9, 10.5, 12.5],
  ],
  seatHeight: [
    [785, 815, 850],
    [860, 880, 905],
    [865, 882, 905],
    [930, 950, 970],
    [785, 812, 840],
    [800, 822, 845],
    [850, 872, 900],
    [815, 828, 845],
    [815, 850, 895],
  ],
  tank: [
    [6.5, 9, 11.5],
    [7.3, 7.9, 9.5],
    [11.5, 13, 16],
    [7, 8.5, 10],
    [10.5, 12.5, 15.5],
    [11.5, 13.5, 15.5],
    [15, 17.5, 20.5],
    [18.5, 20, 22.5],
    [17, 21, 30],
  ],
  /** mixed use, L/100 km */
  consumption: [
    [2.5, 3.1, 3.8],
    [2.8, 3.3, 4.0],
    [2.9, 3.5, 4.2],
    [4.0, 5.2, 6.6],
    [2.9, 3.5, 4.2],
    [3.1, 3.6, 4.4],
    [4.0, 4.6, 5.4],
    [4.2, 4.9, 5.8],
    [4.7, 5.4, 6.4],
  ],
  /** as taped, mm */
  travelFront: [
    [170, 215, 245],
    [225, 245, 265],
    [220, 240, 260],
    [285, 298, 310],
    [135, 165, 195],
    [140, 165, 205],
    [190, 215, 245],
    [135, 150, 165],
    [170, 200, 235],
  ],
  travelRear: [
    [150, 185, 225],
    [210, 235, 265],
    [205, 230, 260],
    [285, 298, 315],
    [135, 165, 195],
    [125, 155, 205],
    [185, 210, 245],
    [140, 155, 170],
    [175, 205, 235],
  ],
  clearance: [
    [245, 278, 305],
    [255, 278, 300],
    [245, 270, 295],
    [300, 330, 360],
    [150, 178, 205],
    [165, 192, 225],
    [210, 238, 270],
    [150, 168, 185],
    [180, 210, 255],
  ],
  wheelbase: [
    [1325, 1355, 1400],
    [1405, 1435, 1465],
    [1410, 1440, 1470],
    [1460, 1482, 1510],
    [1365, 1405, 1450],
    [1400, 1430, 1475],
    [1525, 1570, 1605],
    [1535, 1555, 1580],
    [1500, 1535, 1585],
  ],
  rake: [
    [25.5, 26.7, 28],
    [26.3, 27.3, 28.5],
    [26.3, 27.3, 28.5],
    [26, 27, 28.5],
    [24, 25.8, 27.5],
    [23, 24.5, 27],
    [26, 26.8, 28],
    [25.5, 26.2, 27.3],
    [24.5, 25.8, 27.5],
  ],
  trail: [
    [95, 106, 118],
    [99, 109, 118],
    [99, 109, 118],
    [103, 112, 122],
    [90, 99, 112],
    [95, 104, 114],
    [104, 111, 120],
    [104, 109, 115],
    [100, 109, 122],
  ],
  serviceInterval: [
    [3500, 6000, 10000],
    [5000, 9000, 13000],
    [5000, 9000, 13000],
    [700, 1500, 5000],
    [5000, 8000, 12000],
    [6000, 10000, 16000],
    [9000, 11000, 16500],
    [5500, 8500, 12500],
    [9000, 12000, 16500],
  ],
  serviceHours: [
    undefined,
    undefined,
    undefined,
    [10, 20, 35],
    undefined,
    undefined,
    undefined,
    undefined,
    undefined,
  ],
  alternator: [
    [130, 180, 240],
    [200, 270, 340],
    [200, 280, 340],
    [110, 190, 260],
    [200, 280, 350],
    [220, 300, 380],
    [330, 400, 480],
    [340, 380, 430],
    [420, 500, 620],
  ],
  /** bare, kg */
  springRiderMass: [
    [62, 70, 78],
    [64, 72, 82],
    [64, 72, 82],
    [70, 78, 88],
    [65, 74, 84],
    [66, 75, 86],
    [70, 80, 95],
    [70, 80, 92],
    [72, 84, 98],
  ],
  /** cases and bags that come with it, L: a tool bag as a rule */
  luggageVolume: [
    [0.5, 1, 4],
    [0.5, 1, 4],
    [0.5, 2, 8],
    [0.5, 1, 2],
    [0.5, 2, 8],
    [0.5, 2, 8],
    [0.5, 3, 20],
    [0.5, 15, 70],
    [0.5, 10, 80],
  ],
  /** footpegs and grips over the ground, upright, mm */
  pegHeight: [
    [300, 325, 350],
    [320, 345, 370],
    [315, 340, 365],
    [370, 395, 420],
    [280, 305, 330],
    [280, 305, 330],
    [310, 335, 360],
    [265, 285, 310],
    [280, 305, 335],
  ],
  barHeight: [
    [1085, 1135, 1185],
    [1135, 1185, 1235],
    [1140, 1190, 1240],
    [1205, 1255, 1305],
    [1060, 1110, 1160],
    [1060, 1110, 1160],
    [1185, 1235, 1285],
    [1075, 1120, 1165],
    [1165, 1220, 1275],
  ],
} as const satisfies Partial<Record<FigureKey, Columns>>;

export type TypicalKey = keyof typeof TABLE;
export const TYPICAL_KEYS = Object.keys(TABLE) as readonly TypicalKey[];
export const isTypicalKey = (key: string): key is TypicalKey => Object.hasOwn(TABLE, key);

/** Lines of the table that a rider has put right for this dossier. */
export type OwnTypical = {
  readonly [C in DonorClass]?: { readonly [K in TypicalKey]?: Interval | undefined } | undefined;
};

/** What is typical of a class, the rider's own line first; `undefined` where the class has no such figure. */
export function typicalOf(
  donorClass: DonorClass,
  key: TypicalKey,
  own?: OwnTypical,
): Interval | undefined {
  const mine = own?.[donorClass]?.[key];
  if (mine) return mine;
  const columns: Columns = TABLE[key];
  const triple = columns[DONOR_CLASSES.indexOf(donorClass)];
  return triple && between(triple[0], triple[2], triple[1]);
}

/** Domain of a typical figure, base unit, both ends included: that of the figure itself. Schema and editor read it. */
export const typicalLimits = (key: TypicalKey): { readonly min: number; readonly max: number } =>
  figureDefinition(key).limits;

/** How often a class has which pair of rims, inches front and rear, 0–1. */
export const TYPICAL_RIMS: Readonly<
  Record<
    DonorClass,
    readonly { readonly rims: readonly [number, number]; readonly chance: number }[]
  >
> = {
  'air-trail-single': [{ rims: [21, 18], chance: 1 }],
  'dual-sport-single': [{ rims: [21, 18], chance: 1 }],
  'long-range-dual-sport': [{ rims: [21, 18], chance: 1 }],
  'competition-single': [{ rims: [21, 18], chance: 1 }],
  'road-adventure-single': [{ rims: [19, 17], chance: 1 }],
  'scrambler-single': [{ rims: [19, 17], chance: 1 }],
  'rally-twin': [{ rims: [21, 18], chance: 1 }],
  'road-v-twin': [{ rims: [19, 17], chance: 1 }],
  'large-adventure-twin': [
    { rims: [19, 17], chance: 2 / 3 },
    { rims: [21, 18], chance: 1 / 3 },
  ],
};

/** Gears of a class where nobody has counted them. Own estimate, low confidence. */
export const TYPICAL_GEARS: Readonly<Record<DonorClass, number>> = {
  'air-trail-single': 5,
  'dual-sport-single': 6,
  'long-range-dual-sport': 6,
  'competition-single': 6,
  'road-adventure-single': 6,
  'scrambler-single': 5,
  'rally-twin': 6,
  'road-v-twin': 6,
  'large-adventure-twin': 6,
};
