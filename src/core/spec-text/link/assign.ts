import { spelt } from '../vocabulary/letters';
import { AT_THE_WHEEL } from './bare-forms';
import type { Option, SentenceWords } from './option';
import { WEIGHTS } from './weights';

/** What a quantity was taken for, and by how much it beats the next best way. */
export interface Assigned {
  readonly option: Option | undefined;
  readonly margin: number;
  /** The next best way, where it is another figure. */
  readonly rival: Option | undefined;
}

/** Where a reading of the sentence stands after some of its quantities. */
interface State {
  readonly points: number;
  /** What was chosen for the quantity before this state, and the state before that. */
  readonly chosen: Option | undefined;
  readonly before: State | undefined;
  /** The option taken last, and for which quantity. */
  readonly last: Option | undefined;
  readonly lastIndex: number;
}

const CONTINUES = spelt(
  /^[^;.]{0,30}?(?:[/,&+]|\b(?:and|und|et|y|e|or)\b|(?<!\p{L})(?:front|rear|back|vorne?|hinten|avant|arrière|anteriore|posteriore)(?!\p{L}))[^;.]{0,24}$/iu,
);

/** What two options in a row lose, or `undefined` where they cannot stand together. */
function together(s: SentenceWords, a: State, option: Option, index: number): number | undefined {
  const last = a.last;
  const near = a.lastIndex === index - 1;
  if (option.needs) return last?.key && near && option.needs.includes(last.key) ? 0 : undefined;
  const sameWord = option.word !== undefined && option.word === last?.word;
  const gap = gapBetween(s, a.lastIndex, index);
  if (option.continues)
    return sameWord && near && last.key !== option.key && CONTINUES.test(gap) ? 0 : undefined;
  if (!last) return 0;
  let lost = 0;
  const apart = isAnotherWay(last, option) || isUsed(option) || basesApart(s, a.lastIndex, index);
  if (sameWord && option.key !== undefined) {
    const other = last.key !== option.key;
    const sides =
      other && option.key.replace(/Rear|Front/, '') === last.key?.replace(/Rear|Front/, '');
    // The other end goes with the first; another figure of one label is a little less likely; the same one again is not.
    if (other) lost += sides ? 0 : 0.1;
    else lost += apart || CLAIMED_BESIDE.test(gap) ? 0.2 : WEIGHTS.again;
  } else if (option.key !== undefined && option.key === last.key && !apart)
    lost += WEIGHTS.sameFigure;
  if (option.word && last.word && option.word.order >= 0 && option.word.order < last.word.order)
    lost += WEIGHTS.crossed;
  return lost;
}

/** How far apart two ways of taking one figure may lie, as a factor. Own assumption. */
const ALIKE = 1.6;

/** "Sitzbank 890, mit der niedrigen 860": the words of the second say another way of taking about the same. */
const isAnotherWay = (one: Option, two: Option): boolean => {
  const [a = 0, b = 0] = [one.amounts[0], two.amounts[0]];
  return two.basis !== undefined && two.basis !== one.basis && Math.max(a / b, b / a) <= ALIKE;
};

/** "4.8 on the motorway, 3.9 l/100 in the hills": the unit says that it is what is used, and a text may tell that often. */
const isUsed = ({ key, unitSaid }: Option): boolean => key === 'consumption' && unitSaid;

/** "463 lb (claimed 452 lb)". */
const CLAIMED_BESIDE =
  /^\s*[(,;]\s*(?:claimed|maker says|factory|they claim|quoted|measured|we measured)/iu;

const gapBetween = (s: SentenceWords, a: number, b: number): string =>
  s.text.slice(s.quantities[a]?.to ?? 0, s.quantities[b]?.from ?? 0);

/** "108 kg dry, 118 kg wet": two ways of taking the same figure. */
function basesApart(s: SentenceWords, a: number, b: number): boolean {
  const [one, two] = [s.quantities[a], s.quantities[b]];
  if (!one || !two) return false;
  const said = s.mentions.filter((m) => m.meanings.some((x) => x.kind === 'basis'));
  const beside = (from: number, to: number) => said.some((m) => m.from >= from && m.to <= to);
  const end = s.quantities[b + 1]?.from ?? two.to + 30;
  return (
    (AT_THE_WHEEL.test(s.text.slice(two.to, two.to + 24)) &&
      !AT_THE_WHEEL.test(s.text.slice(one.to, one.to + 24))) ||
    beside(one.to, two.from) ||
    (beside(Math.max(0, one.from - 30), one.from) && beside(two.to, end)) ||
    (beside(one.to, two.from) && beside(two.to, end))
  );
}

/** Most states kept; the rest could not catch up. */
const BEAM = 24;

/**
 * The best joint reading of a sentence: each figure gets one label or none, each label one figure unless a list or two sides share
 * it. A beam over the quantities from left to right; time is linear in their number.
 */
export function assign(
  s: SentenceWords,
  optionsOf: (index: number) => readonly Option[],
): readonly Assigned[] {
  let states: readonly State[] = [
    { points: 0, chosen: undefined, before: undefined, last: undefined, lastIndex: -1 },
  ];
  // What is worth less than leaving the figure alone is never chosen.
  const all = s.quantities.map((_, i) => optionsOf(i).filter((o) => o.points > WEIGHTS.take));
  all.forEach((options, index) => {
    const next = new Map<string, State>();
    const keep = (state: State, id: string) => {
      const best = next.get(id);
      if (!best || state.points > best.points) next.set(id, state);
    };
    for (const state of states) {
      keep(
        {
          points: state.points + WEIGHTS.take,
          chosen: undefined,
          before: state,
          last: state.last,
          lastIndex: state.lastIndex,
        },
        `- ${state.lastIndex} ${state.last?.key ?? ''} ${state.last?.word?.order ?? ''}`,
      );
      options.forEach((option) => {
        const lost = together(s, state, option, index);
        if (lost === undefined) return;
        keep(
          {
            points: state.points + option.points - lost,
            chosen: option,
            before: state,
            last: option,
            lastIndex: index,
          },
          `${option.key ?? '-'} ${option.word?.order ?? ''} ${option.word?.mention.from ?? ''}`,
        );
      });
    }
    states = [...next.values()].sort((a, b) => b.points - a.points).slice(0, BEAM);
  });
  const chosen: (Option | undefined)[] = [];
  for (let state = states[0]; state?.before; state = state.before) chosen.push(state.chosen);
  chosen.reverse();
  return all.map((options, i) => withMargin(options, chosen[i]));
}

function withMargin(options: readonly Option[], option: Option | undefined): Assigned {
  if (!option) return { option: undefined, margin: 0, rival: undefined };
  const rivals = options.filter(
    (o) => o !== option && o.key !== option.key && !o.needs && !o.continues,
  );
  const rival = rivals.reduce<Option | undefined>(
    (best, o) => (!best || o.points > best.points ? o : best),
    undefined,
  );
  const next = Math.max(WEIGHTS.take, rival?.points ?? 0);
  return {
    option,
    margin: option.points - next,
    rival: rival && rival.points > WEIGHTS.take ? rival : undefined,
  };
}
