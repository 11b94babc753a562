import type { DonorClass } from '../donor';
import type { FactKey } from '../facts';
import type { FigureKey } from '../readings';
import { typicalChances } from './typical-facts';
import { isTypicalKey, TYPICAL_RIMS, typicalOf } from './typical-figures';

/** Classes of more than one cylinder; the others have one. */
const OF_TWINS: ReadonlySet<DonorClass> = new Set([
  'rally-twin',
  'road-v-twin',
  'large-adventure-twin',
]);
/** Log points against a class whose machines have another number of cylinders. */
const OTHER_CYLINDERS = -12;

/** A single is of no class of twins, whatever its figures, and the other way round; log points. */
export const cylinderPoints = (donorClass: DonorClass, layout: string): number =>
  (layout === 'single') === OF_TWINS.has(donorClass) ? OTHER_CYLINDERS : 0;

/** How much the spread of a class is widened, since the table is an estimate. */
const WIDER = 1.5;
/** Figures that tell classes apart. */
export const TELLING_FIGURES = [
  'mass',
  'power',
  'torque',
  'seatHeight',
  'tank',
  'travelFront',
  'clearance',
  'wheelbase',
  'serviceInterval',
  'displacement',
] as const satisfies readonly FigureKey[];
export type TellingFigure = (typeof TELLING_FIGURES)[number];

/** Displacement of a class in cm³: least and most usual. Own estimates, from memory. */
const DISPLACEMENT: Readonly<Record<DonorClass, readonly [number, number]>> = {
  'air-trail-single': [120, 260],
  'dual-sport-single': [230, 320],
  'long-range-dual-sport': [230, 330],
  'competition-single': [240, 520],
  'road-adventure-single': [240, 480],
  'scrambler-single': [320, 480],
  'rally-twin': [450, 900],
  'road-v-twin': [600, 1000],
  'large-adventure-twin': [780, 1350],
};

/** How many of a class have what the sheet says, against as many of each answer: in log points, counted by half, as facts of one machine go together. Own assumption. */
const FACT_COUNTS = 0.5;
/** Per cent: the table is an estimate, and none is never quite none. */
const LEAST_SHARE = 3;
/** Log points against a class of the other rims: machines are fitted with others. Own assumption. */
const OTHER_RIM = -1.2;

/** What a rim in front says for or against a class, log points. @param inches of its diameter */
export function rimPoints(donorClass: DonorClass, inches: number): number {
  const share = TYPICAL_RIMS[donorClass]
    .filter(({ rims: [front] }) => front === inches)
    .reduce((sum, { chance }) => sum + chance, 0);
  return share > 0 ? Math.log(share) : OTHER_RIM;
}

/** What a fact says for or against a class, log points; nothing of facts whose answers are not typical of one. */
export function factPoints(donorClass: DonorClass, fact: FactKey, value: string): number {
  const chances = typicalChances(donorClass, fact);
  const share = chances?.[value];
  if (chances === undefined || share === undefined) return 0;
  const even = 100 / Object.keys(chances).length;
  return FACT_COUNTS * Math.log(Math.max(LEAST_SHARE, share) / even);
}

/** Beyond a limit one strange figure says hardly more against a class, but the nearer class stays the nearer. */
const softened = (points: number, limit: number): number =>
  points <= limit ? points : limit + Math.log(points / limit);

/** How far a displacement lies from those of a class, in log points. */
function displacementAway(donorClass: DonorClass, cc: number): number {
  const [low, high] = DISPLACEMENT[donorClass];
  return cc >= low && cc <= high ? 0 : Math.abs(Math.log(cc / (cc < low ? low : high))) * 8;
}

/** How a figure lies to its class: its distance from what is typical, and the doubt about that, both over the same unit. */
function scaled(donorClass: DonorClass, key: TellingFigure, amount: number) {
  const typical = isTypicalKey(key) ? typicalOf(donorClass, key) : undefined;
  if (!typical) return undefined;
  const sigma = (Math.max(typical.high - typical.mid, typical.mid - typical.low) / 1.64) * WIDER;
  const z = (amount - typical.mid) / Math.max(sigma, typical.mid * 0.02);
  return { away: 0.5 * z * z, spread: sigma / typical.mid };
}

/** How far a figure lies from its class, in log points: 0 at what is typical of it. @param amount base unit */
export const figureAway = (donorClass: DonorClass, key: TellingFigure, amount: number): number =>
  key === 'displacement'
    ? displacementAway(donorClass, amount)
    : (scaled(donorClass, key, amount)?.away ?? 0);

/** What a figure says for or against a class, log points. @param amount base unit */
export function figurePoints(donorClass: DonorClass, key: TellingFigure, amount: number): number {
  if (key === 'displacement') {
    const away = displacementAway(donorClass, amount);
    return away === 0 ? 1 : -softened(away, 4);
  }
  const at = scaled(donorClass, key, amount);
  return at ? -softened(at.away, 6) - Math.log(at.spread) * 0.3 : 0;
}

/** A figure so far from its class, in log points, and the class is no more than a guess: about 1.7 standard deviations of the widened spread, 2.6 of the table's, which one in a hundred is. */
const STRANGE = 1.5;

/** Whether no machine of this class is likely to have such a figure. @param amount base unit */
export const isStrange = (donorClass: DonorClass, key: TellingFigure, amount: number): boolean =>
  figureAway(donorClass, key, amount) > STRANGE;

/** A class that has a strange figure is no surer than this. */
export const GUESSED = 0.6;
/** From this chance on words and figures tell a class; below, it is guessed. Own choice. */
export const TOLD = 0.8;

/** Log points as chances that add to 1. */
export function chancesOf(points: readonly number[]): readonly number[] {
  const most = Math.max(...points);
  const weights = points.map((p) => Math.exp(p - most));
  const total = weights.reduce((a, b) => a + b, 0);
  return weights.map((w) => w / total);
}
