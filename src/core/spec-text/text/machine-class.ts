import { DONOR_CLASSES, type DonorClass } from '../../donor';
import { isTypicalKey, TYPICAL_RIMS, typicalChances, typicalOf } from '../../typical';
import { convert, type UnitId } from '../../units';
import type { Proposal } from '../proposal';
import { plainWord } from '../vocabulary/lexicon';

/** Which class of machine a text tells of, and how sure that is. */
export interface ClassRead {
  readonly donorClass: DonorClass;
  /** 0–1, among the classes. */
  readonly chance: number;
}

/** Words that speak for classes, in log points. Own estimates. */
const WORDS: readonly (readonly [RegExp, Partial<Record<DonorClass, number>>])[] = [
  [
    /\b(?:air[- ]cooled|luftgekuhlt|refroidi par air|por aire|ad aria)\b/,
    { 'air-trail-single': 1.6, 'scrambler-single': 0.5, 'road-v-twin': 0.4 },
  ],
  [
    /\b(?:dual[- ]sport|trail bike|green[- ]lan\w+)\b/,
    { 'dual-sport-single': 1.2, 'air-trail-single': 0.8, 'long-range-dual-sport': 0.6 },
  ],
  [/\b(?:enduro|race|competition|hours on the engine|motocross)\b/, { 'competition-single': 1.4 }],
  [/\b(?:rally|tower|fairing)\b/, { 'long-range-dual-sport': 0.7, 'rally-twin': 0.7 }],
  [/\b(?:scrambler|street scrambler)\b/, { 'scrambler-single': 2.5 }],
  [
    /\b(?:adventure|adv|reiseenduro|touring)\b/,
    {
      'road-adventure-single': 0.5,
      'rally-twin': 0.4,
      'large-adventure-twin': 0.6,
      'road-v-twin': 0.3,
    },
  ],
  [
    /\b(?:v[- ]twin|bicylindre en v|bicilindrico en v)\b/,
    { 'road-v-twin': 3, 'large-adventure-twin': 1 },
  ],
  [/\b(?:boxer|shaft|kardan|cardan)\b/, { 'large-adventure-twin': 2.5, 'road-v-twin': 0.5 }],
  [
    /\b(?:parallel[- ]twin|twin|zweizylinder|bicylindre|bicilindrico)\b/,
    { 'rally-twin': 1.8, 'large-adventure-twin': 1.2, 'road-v-twin': 0.3 },
  ],
  [
    /\b(?:single|einzylinder|monocylindre|monocilindrico|thumper)\b/,
    { 'rally-twin': -3, 'road-v-twin': -3, 'large-adventure-twin': -3 },
  ],
];
/** Classes of more than one cylinder; the others have one. */
const OF_TWINS: ReadonlySet<DonorClass> = new Set([
  'rally-twin',
  'road-v-twin',
  'large-adventure-twin',
]);
/** Log points against a class whose machines have another number of cylinders than the text says. */
const OTHER_CYLINDERS = -12;

/** A sheet that says "single" is of no class of twins, whatever its figures, and the other way round. */
function cylindersOf(donorClass: DonorClass, proposals: readonly Proposal[]): number {
  const layout = proposals.find((p) => p.kind === 'fact' && p.key === 'layout' && p.ticked);
  if (layout?.kind !== 'fact') return 0;
  return (layout.value === 'single') === OF_TWINS.has(donorClass) ? OTHER_CYLINDERS : 0;
}

/** How much the spread of a class is widened, since the table is an estimate. */
const WIDER = 1.5;
const WORTH: readonly string[] = [
  'mass',
  'power',
  'torque',
  'seatHeight',
  'tank',
  'travelFront',
  'clearance',
  'wheelbase',
  'serviceInterval',
];

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

/** What the rims of a sheet, and what it says of screen, guards and plate, say for or against a class. */
function equipmentOf(donorClass: DonorClass, p: Proposal): number {
  if (p.kind === 'figure')
    return p.key === 'wheelFront'
      ? rimShare(donorClass, p.amount) > 0
        ? Math.log(rimShare(donorClass, p.amount))
        : OTHER_RIM
      : 0;
  const chances = p.ticked ? typicalChances(donorClass, p.key) : undefined;
  const share = chances?.[p.value];
  if (chances === undefined || share === undefined) return 0;
  const even = 100 / Object.keys(chances).length;
  return FACT_COUNTS * Math.log(Math.max(LEAST_SHARE, share) / even);
}

/** Share of a class that has this rim in front, 0–1. */
const rimShare = (donorClass: DonorClass, inches: number): number =>
  TYPICAL_RIMS[donorClass]
    .filter(({ rims: [front] }) => front === inches)
    .reduce((sum, { chance }) => sum + chance, 0);

/** A number in a name is about the displacement, mostly. */
const NAMED_SIZE = /(?<![\d.,])(\d{3,4})(?![\d.,])/u;
const NAME_COUNTS = 0.6;

/** The displacement that a model's name speaks of, cm³; nothing where it names none, or a proposal says it. */
function sizeInName(model: string, proposals: readonly Proposal[]): number | undefined {
  const size = Number(NAMED_SIZE.exec(model)?.[1] ?? Number.NaN);
  const said = proposals.some((p) => p.key === 'displacement');
  return !said && size >= 100 && size <= 1400 ? size : undefined;
}

/** A figure so far from its class, in log points, and the class is no more than a guess: about 2.6 standard deviations of the table, which one in a hundred is. */
const STRANGE = 1.5;
const GUESSED = 0.6;
/** From this chance on the words and figures of a text tell its class; below, it is guessed. Own choice. */
const TOLD = 0.8;

/** Whether a class is no more than a guess, and the rider should check it. */
export const isClassGuessed = (read: ClassRead | undefined): boolean =>
  read === undefined || read.chance < TOLD;

/**
 * The class that the words and figures of a text fit best; `undefined` where they tell too little.
 *
 * @param model the machine's name, of which a number counts as its displacement where none is told
 */
export function classOfText(
  text: string,
  proposals: readonly Proposal[],
  model = '',
): ClassRead | undefined {
  const plainly = plainWord(text);
  const size = sizeInName(model, proposals);
  const said = WORDS.filter(([pattern]) => pattern.test(plainly));
  const points = DONOR_CLASSES.map((donorClass) => {
    let sum = cylindersOf(donorClass, proposals);
    sum += said.reduce((total, [, votes]) => total + (votes[donorClass] ?? 0), 0);
    for (const p of proposals)
      sum +=
        equipmentOf(donorClass, p) +
        (p.kind === 'figure' ? fitOf(donorClass, p.key, p.amount, p.unit) : 0);
    if (size !== undefined) sum += NAME_COUNTS * fitOf(donorClass, 'displacement', size, 'cc');
    return sum;
  });
  if (points.every((p) => p === points[0])) return undefined;
  const most = Math.max(...points);
  const weights = points.map((p) => Math.exp(p - most));
  const total = weights.reduce((a, b) => a + b, 0);
  const best = points.indexOf(most);
  const donorClass = DONOR_CLASSES[best];
  const chance = (weights[best] ?? 0) / total;
  if (!donorClass || chance < 0.35) return undefined;
  // The nearest of nine may still be far: what no class has is a guess.
  const strange = proposals.some(
    (p) => p.kind === 'figure' && awayOf(donorClass, p.key, p.amount, p.unit) > STRANGE,
  );
  return { donorClass, chance: strange ? Math.min(chance, GUESSED) : chance };
}

const BASE: Readonly<Record<string, UnitId>> = {
  mass: 'kg',
  power: 'kW',
  torque: 'Nm',
  seatHeight: 'mm',
  tank: 'L',
  travelFront: 'mm',
  clearance: 'mm',
  wheelbase: 'mm',
  serviceInterval: 'km',
};

/** Beyond a limit one strange figure says hardly more against a class, but the nearer class stays the nearer. */
const softened = (points: number, limit: number): number =>
  points <= limit ? points : limit + Math.log(points / limit);

/** How far a displacement lies from those of a class, in log points. */
function displacementAway(donorClass: DonorClass, cc: number): number {
  const [low, high] = DISPLACEMENT[donorClass];
  return cc >= low && cc <= high ? 0 : Math.abs(Math.log(cc / (cc < low ? low : high))) * 8;
}

/** How a figure lies to its class: its distance from what is typical, and the doubt about that, both over the same unit. */
function scaled(donorClass: DonorClass, key: string, amount: number, unit: UnitId) {
  const base = BASE[key];
  if (!WORTH.includes(key) || !isTypicalKey(key) || !base) return undefined;
  const typical = typicalOf(donorClass, key);
  if (!typical) return undefined;
  const sigma = (Math.max(typical.high - typical.mid, typical.mid - typical.low) / 1.64) * WIDER;
  const z = (convert(amount, unit, base) - typical.mid) / Math.max(sigma, typical.mid * 0.02);
  return { away: 0.5 * z * z, spread: sigma / typical.mid };
}

/** How far a figure lies from its class, in log points: 0 at what is typical of it. */
const awayOf = (donorClass: DonorClass, key: string, amount: number, unit: UnitId): number =>
  key === 'displacement'
    ? displacementAway(donorClass, convert(amount, unit, 'cc'))
    : (scaled(donorClass, key, amount, unit)?.away ?? 0);

function fitOf(donorClass: DonorClass, key: string, amount: number, unit: UnitId): number {
  if (key === 'displacement') {
    const away = displacementAway(donorClass, convert(amount, unit, 'cc'));
    return away === 0 ? 1 : -softened(away, 4);
  }
  const at = scaled(donorClass, key, amount, unit);
  return at ? -softened(at.away, 6) - Math.log(at.spread) * 0.3 : 0;
}
