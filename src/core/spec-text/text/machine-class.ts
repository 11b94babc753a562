import { DONOR_CLASSES, type DonorClass } from '../../donor';
import {
  chancesOf,
  cylinderPoints,
  factPoints,
  figurePoints,
  GUESSED,
  isStrange,
  rimPoints,
  TELLING_FIGURES,
  TOLD,
  type TellingFigure,
} from '../../typical';
import { toBase } from '../../units';
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
/** What one thing that a text says speaks for or against a class, in log points; of facts, only what is taken for sure. */
function pointsOf(donorClass: DonorClass, p: Proposal): number {
  if (p.kind === 'fact') {
    if (!p.ticked) return 0;
    return p.key === 'layout'
      ? cylinderPoints(donorClass, p.value)
      : factPoints(donorClass, p.key, p.value);
  }
  if (p.key === 'wheelFront') return rimPoints(donorClass, p.amount);
  return isTelling(p.key) ? figurePoints(donorClass, p.key, toBase(p.amount, p.unit)) : 0;
}

const isTelling = (key: string): key is TellingFigure =>
  (TELLING_FIGURES as readonly string[]).includes(key);

/** A number in a name is about the displacement, mostly. */
const NAMED_SIZE = /(?<![\d.,])(\d{3,4})(?![\d.,])/u;
const NAME_COUNTS = 0.6;

/** The displacement that a model's name speaks of, cm³; nothing where it names none, or a proposal says it. */
function sizeInName(model: string, proposals: readonly Proposal[]): number | undefined {
  const size = Number(NAMED_SIZE.exec(model)?.[1] ?? Number.NaN);
  const said = proposals.some((p) => p.key === 'displacement');
  return !said && size >= 100 && size <= 1400 ? size : undefined;
}

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
    let sum = said.reduce((total, [, votes]) => total + (votes[donorClass] ?? 0), 0);
    for (const p of proposals) sum += pointsOf(donorClass, p);
    if (size !== undefined) sum += NAME_COUNTS * figurePoints(donorClass, 'displacement', size);
    return sum;
  });
  if (points.every((p) => p === points[0])) return undefined;
  const chances = chancesOf(points);
  const chance = Math.max(...chances);
  const donorClass = DONOR_CLASSES[chances.indexOf(chance)];
  if (!donorClass || chance < 0.35) return undefined;
  // The nearest of nine may still be far: what no class has is a guess.
  const strange = proposals.some(
    (p) =>
      p.kind === 'figure' &&
      isTelling(p.key) &&
      isStrange(donorClass, p.key, toBase(p.amount, p.unit)),
  );
  return { donorClass, chance: strange ? Math.min(chance, GUESSED) : chance };
}
