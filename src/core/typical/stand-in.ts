import { kindOfMachine, type Donor } from '../donor';
import {
  certain,
  clamp,
  oneOf,
  source,
  splitNormal,
  unknown,
  type Interval,
  type Known,
} from '../numeric';
import { figureDefinition, isFigureKey, normalFigure, type FigureKey } from '../readings';
import {
  isTypicalKey,
  TYPICAL_GEARS,
  TYPICAL_RIMS,
  typicalOf,
  type OwnTypical,
  type TypicalKey,
} from './typical-figures';

/** Whose figures they are. */
export type Untold = Pick<Donor, 'id' | 'root' | 'donorClass' | 'figures'>;

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
  const span = typicalOf(donor.donorClass, key, own);
  if (!span) return undefined;
  const cut = isFigureKey(key) ? figureDefinition(key).limits : undefined;
  const name = `typical/${machine}/${key}`;
  const others = RISING.filter((k) => k !== key);
  if (others.length === RISING.length)
    return source(name, span, {
      shared: { key: `typical/${donor.donorClass}/${key}`, share: SHARED_BY_CLASS },
      cut,
    });
  const { interval, share } = risen(
    span,
    others.flatMap((k) => scoreOf(donor, k, own)),
  );
  return source(name, interval, { shared: { key: `typical/${machine}/size`, share }, cut });
}

/** How far a known figure lies from what is typical, as a standard normal score; nothing where it is not known. */
function scoreOf(
  donor: Untold,
  key: 'mass' | 'power' | 'torque',
  own?: OwnTypical,
): readonly number[] {
  const { estimate } = normalFigure(donor.figures, key, () => unknown(key));
  const span = typicalOf(donor.donorClass, key, own);
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
  const pairs = TYPICAL_RIMS[donor.donorClass];
  const answers = pairs.map(({ rims, chance }) => ({ value: rims[end] * MM_PER_INCH, chance }));
  const [only, ...others] = answers;
  if (only && others.length === 0) return certain(only.value);
  return oneOf(`typical/${kindOfMachine(donor)}/rims`, answers[0]?.value ?? Number.NaN, answers);
}

/** Gears of a class where nobody has counted them. */
export const typicalGears = ({ donorClass }: Pick<Donor, 'donorClass'>): number =>
  TYPICAL_GEARS[donorClass];
