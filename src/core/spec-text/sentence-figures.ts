import type { Quantity } from './lattice/quantity';
import { unlikeAny } from './learnt/likely';
import type { LineContext } from './line-context';
import { alteredIn, isAltered } from './link/altered';
import { besideAnother } from './link/another-beside';
import type { Assigned } from './link/assign';
import { basesOf, STANDARD_BEHIND } from './link/bases';
import { atBothEnds, followsUnsaid, labelSaysSide } from './link/both-ends';
import { asFirst, asLogged, asServiced, isFirstService } from './link/care-log';
import { isStock, isStockPair } from './link/changed';
import { asPartlyFilled } from './link/fuel-aboard';
import { asLeftOpen } from './link/left-open';
import {
  aboveBasis,
  asLimit,
  asTested,
  dynoBasis,
  footnoteBasis,
  isWeighed,
  loggedBasis,
  seatOfTwo,
} from './link/line-bases';
import { notAsSold } from './link/not-as-sold';
import { oneOfTwo } from './link/one-of-two';
import type { SentenceWords } from './link/option';
import { placed } from './link/placed';
import { forOneState } from './link/pressure-state';
import { propose, usualBasis } from './link/propose';
import { sideUnsaid } from './link/side-of';
import { asBound } from './link/bound';
import { askedIn, hedgeBefore, speakerOf } from './link/speaker';
import type { TakenFigure } from './link/taken-figure';
import { asInTown, atOneSpeed } from './link/use-of-one-kind';
import type { FigureProposal } from './proposal';
import type { ScannedLine } from './text/scanned-line';
import type { Survey } from './text/survey';
import { asAskedAlone, asNet } from './link/price';
import { isNoRate } from './link/no-rate';
import { spelt } from './vocabulary/letters';

/** A sentence with everything that is known of its numbers before their figures are proposed. */
export interface SentenceSeen {
  readonly scanned: ScannedLine;
  /** Where the sentence begins in its line. */
  readonly at: number;
  readonly context: LineContext;
  readonly s: SentenceWords;
  /** The second of two units for one number, by the first. */
  readonly twins: ReadonlyMap<Quantity, Quantity>;
  readonly assigned: readonly Assigned[];
  readonly sides: Parameters<typeof sideUnsaid>[3];
  /** Numbers told of another machine, by their place among the sentence's. */
  readonly told: readonly ('surely' | 'perhaps' | undefined)[];
  /** Numbers that stand for nothing of ours. */
  readonly blocked: ReadonlyMap<number, unknown>;
}

/** One number, and the figure that it was given. */
interface Taken {
  readonly q: Quantity;
  /** Its place among the numbers of the sentence. */
  readonly i: number;
  readonly a: TakenFigure;
}

/** The numbers of a sentence that were given a figure. */
export const takenOf = ({ s, assigned }: Pick<SentenceSeen, 's' | 'assigned'>): readonly Taken[] =>
  s.quantities.flatMap((q, i) => {
    const a = assigned[i];
    return a?.option?.key === undefined ? [] : [{ q, i, a: a as TakenFigure }];
  });

/** What a sentence proposes, each figure with its basis, side, who says so and what is doubtful of it. */
export function figuresOf(seen: SentenceSeen): readonly FigureProposal[] {
  const { s, twins } = seen;
  const { text } = s;
  const taken = takenOf(seen);
  const wanting = taken.map(({ q, a }) => ({
    key: a.option.key,
    from: q.from,
    to: twins.get(q)?.to ?? q.to,
  }));
  const bases = basesOf(text, wanting, s.mentions);
  const changed = taken.length > 0 ? alteredIn(text) : undefined;
  return taken.flatMap((one, n) => {
    const made = proposed(seen, one, basisOf(seen, taken, n, bases[n]), changed);
    if (!made || isNone(made, seen, one)) return [];
    const whole = asPartlyFilled(asLimit(made, seen.scanned.line), text, wanting, n);
    const heeded = lookedAt(seen, one, whole);
    return [heeded, ...atBothEnds(heeded, text.slice(one.q.to, one.q.to + 48))];
  });
}

/** What looks like a figure and is none: one wheel's load, a spring's rate where no spring is, the service after the running-in. */
const isNone = (made: FigureProposal, { scanned, s }: SentenceSeen, { q }: Taken): boolean =>
  isWeighed(made.key, scanned.line) || isNoRate(made, s.text) || isFirstService(made, s.text, q);

type Told = ReturnType<typeof basesOf>[number];

/** The basis that a sentence, its line, a footnote or the line above names for a figure; the nearest first. */
function basisOf(
  { scanned, context, s: { text } }: SentenceSeen,
  taken: readonly Taken[],
  n: number,
  told: Told,
): Told {
  const one = taken[n];
  if (!one) return told;
  const { q, a } = one;
  const { key } = a.option;
  return (
    footnoteBasis(text, q, a.option, context) ??
    // "It is lowered, seat height 850 mm stock".
    (key === 'seatHeight' && isStock(text, q) ? 'standard-seat' : undefined) ??
    (told === 'mixed' ? loggedBasis(scanned.line, key) : undefined) ??
    told ??
    seatOfTwo(taken, n) ??
    dynoBasis(scanned.line, text, key) ??
    aboveBasis(a, context) ??
    (context.survey.approved && key === 'consumption' ? 'cycle' : undefined)
  );
}

const WENT_FROM = spelt(/(?<!\p{L})went (?:up |down )?from (?:about )?$/iu);

function proposed(
  { scanned, at, context, s, twins, assigned, sides, told }: SentenceSeen,
  { q, i, a }: Taken,
  basis: Told,
  changed: ReturnType<typeof alteredIn>,
): FigureProposal | undefined {
  const { text, quantities: alone } = s;
  const { survey } = context;
  const { option } = a;
  return propose(
    {
      quantity: q,
      twin: twins.get(q),
      assigned: followsUnsaid(a, assigned[i - 1], alone[i - 1]),
      basis,
      standardSaid: STANDARD_BEHIND.test(text.slice(q.to)),
      usual: usualBasis(option.key, survey),
      hedge: askedIn(text, q) ?? hedgeBefore(text, q, s.mentions),
      changed: isStock(text, q) || isStockPair(text, q, alone[i - 1]) ? undefined : changed,
      wentFrom: isAltered(text, q) || WENT_FROM.test(text.slice(Math.max(0, q.from - 24), q.from)),
      origin:
        speakerOf(text, alone[i - 1]?.to ?? 0, q, alone[i + 1]?.from ?? text.length) ??
        scanned.origin,
      ours: survey.ours,
      sideUnsaid:
        /Front$|Rear$/.test(option.key) &&
        option.by === 'label' &&
        !labelSaysSide(option) &&
        sideUnsaid(text, i, alone, sides),
      several: context.whose.apart ? told[i] === 'perhaps' : survey.several,
    },
    (to) => placed(scanned, at, option, q, to, alone[i - 1]),
  );
}

/** What asks for a second look at a figure, whatever gave it. */
const guardsOf = (survey: Survey) => [
  atOneSpeed,
  asInTown,
  (told: FigureProposal, words: string, quantity: Quantity) =>
    notAsSold(told, words, quantity, survey.sale || survey.owned),
  asBound,
  forOneState,
  asLeftOpen,
  asTested,
  asFirst,
  asNet,
  ...(survey.logged ? [asLogged] : survey.sale ? [asServiced] : []),
];

/** A figure after every second look: what its sentence says of it, what such words mostly mean, and the numbers beside it. */
function lookedAt(
  { context, s, assigned, blocked }: SentenceSeen,
  { q, i, a }: Taken,
  made: FigureProposal,
): FigureProposal {
  const { text, quantities } = s;
  const guarded = guardsOf(context.survey).reduce((told, look) => look(told, text, q), made);
  const isGiven = (j: number): boolean => assigned[j]?.option !== undefined;
  const oneOf = oneOfTwo(unlikeAny(s, i, asAskedAlone(guarded, s), a.option), text, q, {
    next: quantities[i + 1],
    isTaken: isGiven(i + 1),
  });
  return besideAnother(oneOf, s, i, context.own, (j) => isGiven(j) || blocked.has(j));
}
