import type { Quantity } from '../lattice/quantity';
import type { FigureProposal, PassedOver } from '../proposal';
import type { Survey } from '../text/survey';
import type { Assigned } from './assign';
import type { BlockedBy } from './guards/guard';
import type { InText } from './clock';
import type { Option, SentenceWords } from './option';
import { optionsOf } from './options';
import { propose, usualBasis } from './propose';
import type { Side } from './side-of';

/** What it takes to make a proposal of a quantity that was passed over. */
interface HowToTake {
  readonly side: (index: number) => Side;
  readonly survey: Survey;
  readonly place: (
    option: Option,
    q: Quantity,
    index: number,
  ) => { readonly words: string; readonly from: number; readonly to: number };
}

/** What a quantity that was passed over would be, if the rider takes it: never ticked by itself. */
function asFigure(
  s: SentenceWords,
  q: Quantity,
  index: number,
  { side, survey, place }: HowToTake,
): FigureProposal | undefined {
  const best = optionsOf({ ...s, blocked: new Set() }, index, side)
    .filter((o) => o.key !== undefined && o.needs === undefined && o.continues === undefined)
    .reduce<Option | undefined>((a, b) => (!a || b.points > a.points ? b : a), undefined);
  if (best?.key === undefined) return undefined;
  return propose(
    {
      quantity: q,
      twin: undefined,
      assigned: { option: { ...best, key: best.key }, margin: 0, rival: undefined },
      basis: undefined,
      standardSaid: false,
      usual: usualBasis(best.key, survey),
      hedge: undefined,
      changed: undefined,
      origin: undefined,
      sideUnsaid: false,
      ours: survey.ours,
      several: false,
    },
    () => place(best, q, index),
  );
}

export function passed(
  s: SentenceWords,
  assigned: readonly Assigned[],
  blocked: ReadonlyMap<number, BlockedBy>,
  { at, ...how }: HowToTake & { readonly at: InText },
): readonly PassedOver[] {
  return s.quantities.flatMap((q, i): readonly PassedOver[] => {
    const option = assigned[i]?.option;
    const reason = blocked.get(i);
    if (option?.key !== undefined || reason === 'noise' || q.unit === undefined) return [];
    const taker = option?.word?.meaning;
    return [
      {
        words: s.text.slice(Math.max(0, q.from - 24), q.to + 16).trim(),
        ...at(q.from, q.to),
        why:
          reason !== undefined
            ? { code: reason }
            : taker?.kind === 'taker'
              ? { code: 'belongs-to', taker: taker.taker }
              : { code: 'no-label' },
        as: reason === 'currency-unknown' ? undefined : asFigure(s, q, i, how),
      },
    ];
  });
}
