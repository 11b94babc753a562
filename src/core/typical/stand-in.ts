import { DONOR_CLASSES, kindOfMachine, type Donor, type DonorClass } from '../donor';
import {
  certain,
  clamp,
  derive,
  source,
  splitNormal,
  unknown,
  type Interval,
  type Known,
} from '../numeric';
import { figureDefinition, isFigureKey, normalFigure, type FigureKey } from '../readings';
import { classInRows, oneOfItsClass, type OfClass } from './of-its-class';
import {
  isTypicalKey,
  TYPICAL_GEARS,
  TYPICAL_RIMS,
  typicalOf,
  type OwnTypical,
  type TypicalKey,
} from './typical-figures';

/** Whose figures they are. */
export type Untold = OfClass & Pick<Donor, 'figures'>;

/** Share of the doubt about a typical figure that all machines of its class have in common: the table itself may lie off. Own assumption. */
const SHARED_BY_CLASS = 0.3;
/** Mass, power and torque of one class rise together: correlation of any two. */
const RISING = ['mass', 'power', 'torque'] as const;
const CORRELATION = 0.5;
/** Standard normal score of 0.95, and the farthest score that a machine out of its class is taken at. */
const Z95 = 1.6448536269514722;
const FARTHEST = 2.5;

/**
 * What stands in for a figure that nobody has given: a source whose span is that of its class. Machines of one model share it, since what
 * is not known is the model's. `undefined` where nothing is typical.
 */
export function standIn(
  donor: Untold,
  key: TypicalKey | FigureKey,
  own?: OwnTypical,
): Known | undefined {
  const machine = kindOfMachine(donor);
  if (key === 'wheelFront' || key === 'wheelRear')
    return rimOf(donor, key === 'wheelFront' ? 0 : 1);
  if (!isTypicalKey(key)) return undefined;
  const usual = spanOf(donor, donor.donorClass, key, own);
  if (!usual) return undefined;
  const cut = isFigureKey(key) ? figureDefinition(key).limits : undefined;
  const name = `typical/${machine}/${key}`;
  const shared =
    usual.sizeShare === undefined
      ? { key: `typical/${donor.donorClass}/${key}`, share: SHARED_BY_CLASS }
      : { key: `typical/${machine}/size`, share: usual.sizeShare };
  const classes = classInRows(donor);
  if (!classes) return source(name, usual.interval, { shared, cut });
  // As high or low within its class as the score says, whichever class it is of.
  const spans = DONOR_CLASSES.map((c) => (spanOf(donor, c, key, own) ?? usual).interval);
  const { min, max } = cut ?? ANY;
  return derive([classes, source(name, STANDARD, { shared })], (c, score) =>
    clamp(splitNormal(spans[c] ?? usual.interval, score), min, max),
  );
}

const ANY = { min: -Infinity, max: Infinity };
/** A standard normal score. */
const STANDARD: Interval = { low: -Z95, mid: 0, high: Z95 };

/** What is typical of a class given what is known of the machine's size; `sizeShare` is of the variance, what is left in common with what else goes by size. */
function spanOf(
  donor: Untold,
  donorClass: DonorClass,
  key: TypicalKey,
  own?: OwnTypical,
): { readonly interval: Interval; readonly sizeShare?: number } | undefined {
  const interval = typicalOf(donorClass, key, own);
  const others = RISING.filter((k) => k !== key);
  if (!interval || others.length === RISING.length) return interval && { interval };
  const { interval: at, share } = risen(
    interval,
    others.flatMap((k) => scoreOf(donor, donorClass, k, own)),
  );
  return { interval: at, sizeShare: share };
}

/** How far a known figure lies from what is typical, as a standard normal score; nothing where it is not known. */
function scoreOf(
  donor: Untold,
  donorClass: DonorClass,
  key: 'mass' | 'power' | 'torque',
  own?: OwnTypical,
): readonly number[] {
  const { estimate } = normalFigure(donor.figures, key, () => unknown(key));
  const span = typicalOf(donorClass, key, own);
  if (estimate.kind === 'unknown' || !span) return [];
  const away = estimate.mid - span.mid;
  const half = away < 0 ? span.mid - span.low : span.high - span.mid;
  return [half > 0 ? clamp((away / half) * Z95, -FARTHEST, FARTHEST) : 0];
}

/**
 * A span given how far those that rise with it lie from what is typical of them: regression of a normal on n others, all of one
 * correlation r: weight r ÷ (1 + (n − 1)r) each, share of variance explained n·r² ÷ (1 + (n − 1)r) (textbook, from memory). What is left
 * is shared with the third, where it is not known either: (r − r²) ÷ (1 − r²) of it.
 */
function risen(
  span: Interval,
  scores: readonly number[],
): { readonly interval: Interval; readonly share: number } {
  const [n, r] = [scores.length, CORRELATION];
  if (n === 0) return { interval: span, share: r };
  const weight = r / (1 + (n - 1) * r);
  const at = scores.reduce((sum, z) => sum + weight * z, 0);
  const sd = Math.sqrt(1 - n * r * weight);
  const end = (score: number) => splitNormal(span, at + sd * score);
  return {
    interval: { low: end(-Z95), mid: splitNormal(span, at), high: end(Z95) },
    share: n === 1 ? (r - r * r) / (1 - r * r) : 0,
  };
}

const MM_PER_INCH = 25.4;

/** A rim's diameter, mm: front and rear are one source. */
function rimOf(donor: Untold, end: 0 | 1): Known {
  const pairsOf = (donorClass: DonorClass) =>
    TYPICAL_RIMS[donorClass].map(({ rims, chance }) => ({
      value: rims[end] * MM_PER_INCH,
      chance,
    }));
  const [usual, ...others] = pairsOf(donor.donorClass);
  const mid = usual?.value ?? Number.NaN;
  if (others.length === 0 && !donor.likelyClasses) return certain(mid);
  return oneOfItsClass(`typical/${kindOfMachine(donor)}/rims`, mid, donor, pairsOf);
}

/** Gears of a class where nobody has counted them. */
export const typicalGears = ({ donorClass }: Pick<Donor, 'donorClass'>): number =>
  TYPICAL_GEARS[donorClass];
