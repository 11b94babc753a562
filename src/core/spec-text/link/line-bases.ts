import { spelt } from '../vocabulary/letters';
import { rollersRead } from './bases';
import type { Word } from './option';
import { type FigureKey, type Basis, figureDefinition } from '../../readings';
import type { FigureProposal } from '../proposal';
import type { LineContext } from '../line-context';
import type { TakenFigure } from './taken-figure';
import type { Quantity } from '../lattice/quantity';

const FILLED = spelt(
  /\d ?(?:km|kms|mi|miles)\b[^.\d]{0,6}\d+[.,]\d{1,2} ?(?:l|litres|liters|gal)(?!\p{L})/giu,
);

/** "Tank 1: 312 km, 13.1 L. Tank 2: …": what comes of one's own fills. */
export const loggedBasis = (line: string, key: FigureKey): Basis | undefined =>
  key === 'consumption' && (line.match(FILLED)?.length ?? 0) >= 2 ? 'own-fills' : undefined;
const OF_AXLES = /^axleLimit/;
const WEIGHED = spelt(
  /(?<!\p{L})(?:measured|weighed|scales?|weighbridge|half (?:full|a tank)|with me|distribution|static|gewogen|waage|pesé\p{L}*|pesat\p{L}*|pesad\p{L}*)(?!\p{L})/iu,
);
const LIMITING = spelt(
  /(?<!\p{L})(?:limits?|max\p{L}*|perm\p{L}*|allow\p{L}*|zul\p{L}*|load|loads|gawr|admis\p{L}*|ammess\p{L}*|achslast\p{L}*|charge|carico|carga|laden|capacity|rated)(?!\p{L})/iu,
);

/** "Measured: front axle 88 kg": what stands on an axle is no limit of it. */
export const isWeighed = (key: FigureKey, line: string): boolean =>
  OF_AXLES.test(key) && WEIGHED.test(line) && !LIMITING.test(line);

/** "Front axle 165 kg" without a word of a limit may be either, and is asked about. */
export const asLimit = (made: FigureProposal, line: string): FigureProposal =>
  OF_AXLES.test(made.key) && !LIMITING.test(line) && made.ticked
    ? { ...made, ticked: false, doubts: [...made.doubts, { code: 'close-call', rival: 'mass' }] }
    : made;

const ON_A_DYNO = spelt(
  /(?<!\p{L})(?:dyno|rollers|rwhp|whp|at the (?:rear |back )?wheel)(?!\p{L})/iu,
);
const NOT_OURS_TO_SAY = spelt(
  /(?<!\p{L})claims?(?:ed)?(?!\p{L})|claimed|rated at|factory|brochure|maker|they say|official|quotes?d?(?!\p{L})|crank|on paper/iu,
);

/** "71 hp (66 hp at the wheel)", "71 PS, am Hinterrad 66": the words are said of the second of two. */
const SECOND_AT_WHEEL = spelt(
  /\d ?(?:hp|bhp|ps|cv|ch|kw|horses|horsepower)(?!\p{L})[^.;\d]{1,40}\d[\d.,]* ?(?:hp|bhp|ps|cv|ch|kw|horses|horsepower)? ?(?:(?:on|at) )?(?:the |a |\p{L}+['’]s )?(?:dyno|rollers|rwhp|whp|(?:rear |back )?wheel)(?!\p{L})/iu,
);
const SAME_IN_KW =
  /\d ?(?:hp|bhp|ps|cv|ch) ?[(/] ?\d[\d.,]* ?kw|\d ?kw ?[(/] ?\d[\d.,]* ?(?:hp|bhp|ps|cv|ch)/iu;

/** Torque run up on the rollers is the wheel's as power is, in every sentence of the line that does not quote the maker. */
export const dynoBasis = (line: string, text: string, key: FigureKey): Basis | undefined =>
  (key === 'torque' || key === 'power') &&
  ON_A_DYNO.test(line) &&
  !NOT_OURS_TO_SAY.test(text) &&
  !rollersRead(text) &&
  (SAME_IN_KW.test(text) || !SECOND_AT_WHEEL.test(text)) &&
  !/(?<!\p{L})(?:claimed|factory|maker|brochure)/iu.test(line)
    ? 'wheel'
    : undefined;

/** "870/850 mm seat": the lower of two is the low seat's. */
export function seatOfTwo(
  taken: readonly { readonly q: Quantity; readonly a: TakenFigure }[],
  n: number,
): Basis | undefined {
  const one = taken[n];
  if (one?.a.option.key !== 'seatHeight' || !one.q.listed) return undefined;
  const other = [taken[n - 1], taken[n + 1]].find(
    (o) => o?.a.option.key === 'seatHeight' && o.q.listed,
  );
  if (!other) return undefined;
  return (one.q.amounts[0] ?? 0) < (other.q.amounts[0] ?? 0) ? 'low-seat' : 'standard-seat';
}

/** What a footnote says of a figure, its mark behind the number or behind the label: "Kerb weight** 196 kg". */
export function footnoteBasis(
  text: string,
  q: Quantity,
  { key, word }: { readonly key: FigureKey; readonly word: Word | undefined },
  context: LineContext,
): Basis | undefined {
  const mark =
    q.mark ?? (word && /^\s?([*¹²³⁴⁵⁶⁷⁸⁹†‡]+)/u.exec(text.slice(word.mention.to, q.from))?.[1]);
  const notes = mark === undefined ? undefined : context.footnotes.get(mark);
  return notes
    ?.flatMap((m) => m.meanings)
    .flatMap((x) => (x.kind === 'basis' ? [x.basis] : []))
    .find((b) => figureDefinition(key).bases.includes(b));
}

export const aboveBasis = (a: TakenFigure, context: LineContext): Basis | undefined =>
  a.option.by === 'above' &&
  context.aboveBasis !== undefined &&
  figureDefinition(a.option.key).bases.includes(context.aboveBasis)
    ? context.aboveBasis
    : undefined;

const TESTED_BEFORE = spelt(
  /(?<!\p{L})(?:as tested|tested|measured|gemessen|mesurée?|relevée?|rilevat[oa]|misurat[oa]|medid[oa]|gemeten|uppmätt|målt|zmierzon[aey]|naměřen[ýo])\)?\s?[:=]? ?$/iu,
);
const AT_THE_CRANK = spelt(
  /(?<!\p{L})(?:crank\p{L}*|kupplung|kurbelwelle|vilebrequin|albero|cigüeñal|krukas|vev(?:axel|aksel)?)(?!\p{L})/iu,
);

/** "Power (tested): 66.8 bhp": most are measured at the wheel, some say at the crank; without a word of it that is asked about. */
export const asTested = (made: FigureProposal, text: string, q: Quantity): FigureProposal =>
  (made.key === 'power' || made.key === 'torque') &&
  made.ticked &&
  made.basis === 'crank' &&
  TESTED_BEFORE.test(text.slice(0, q.from)) &&
  !AT_THE_CRANK.test(text)
    ? { ...made, ticked: false, doubts: [...made.doubts, { code: 'basis-unsaid', taken: 'crank' }] }
    : made;
