/** The answer across the whole shortlist: the sentence, which parts for how much, and how far the planning is. */

import { spendable } from '@/core/brief';
import { isFinal, recommended, type BestBuild } from '@/core/build';
import type { StandingCandidate } from '@/store/queries';
import { shortName } from '@/core/donor';
import { lookFirst } from '@/core/suitability';
import {
  Parts,
  PlannedState,
  answerWords,
  unfeltWords,
  lookFirstWords,
  named,
  partsNamed,
  untoldWords,
  planningWords,
} from './answer-words';
import { formatNumber, type Reader } from './format';
import { leading, wantsOf } from '@/core/preference';

export interface BestAnswer {
  readonly sentence: string;
  /** The build that is recommended: the cheapest that is as good to ride. */
  readonly build?: string | undefined;
  /** What of the leader its class stands in for. */
  readonly untold?: string | undefined;
  /** What of the recommended parts it may have already. */
  readonly look?: string | undefined;
  readonly progress?: string | undefined;
  /** What the best build has besides the one that is recommended, where that is cheaper and as good to ride. */
  readonly more?: string | undefined;
  /** The leader and the parts recommended for it, once everything is planned; `all` are those of the best, where these are more. */
  readonly take?:
    | {
        readonly id: string;
        readonly name: string;
        readonly partIds: readonly string[];
        readonly all?: readonly string[] | undefined;
      }
    | undefined;
}

/** What the best has that the cheaper build does without. */
function besides(
  { build, enough }: Extract<BestBuild, { readonly kind: 'build' }>,
  parts: Parts,
): string {
  const more = build.partIds.filter((id) => !enough?.partIds.includes(id));
  return more.length > 0 ? `: ${named(more, parts)}` : '';
}

/** While not everything is planned an answer holds only so far. */
export const soFar = (
  answer: string,
  { planned, of }: Pick<PlannedState, 'planned' | 'of'>,
): string => (planned < of ? `So far: ${answer}` : answer);
/** Which parts are recommended for how much, and what the best would have besides. */
function buildWords(
  { donor, built, parts }: StandingCandidate,
  planned: Extract<BestBuild, { readonly kind: 'build' }> | undefined,
  { parts: catalogue, standing }: Pick<PlannedState, 'parts' | 'standing'>,
  currency: string,
): Pick<BestAnswer, 'build' | 'more'> {
  const free = spendable(standing.brief.money);
  const money = (cost: number): string => {
    const left = free - cost;
    return `${formatNumber(cost)} ${currency} in all, ${formatNumber(Math.abs(left))} ${left < 0 ? 'over what there is' : 'left'}`;
  };
  const outlay = built.metrics.outlay.estimate;
  const name = shortName(donor);
  // Of a first build nobody knows yet what of it is enough: a list now would be taken for what is recommended.
  if (planned && !isFinal(planned))
    return { build: `Which parts are enough for ${name} is still being worked out.` };
  if (planned?.enough) {
    const { build, enough } = planned;
    return {
      build: `Enough for ${name}${partsNamed(enough.partIds, catalogue)}; ${money(enough.cost)}, fit ${formatNumber(enough.points, 1)}.`,
      more: `All ${build.partIds.length} parts of the best, ${money(build.cost)}, buy ${unfeltWords(build.points - enough.points)}${besides(planned, catalogue)}.`,
    };
  }
  const ids = parts.map((p) => p.id);
  return {
    build: `${name}${partsNamed(ids, catalogue)}${outlay.kind === 'known' ? `; ${money(outlay.mid)}` : ''}.`,
  };
}

/** Of the parts that are recommended for a machine, what it may have already. */
function lookWords(
  { donor, parts }: StandingCandidate,
  planned: Extract<BestBuild, { readonly kind: 'build' }> | undefined,
  catalogue: Parts,
): string | undefined {
  const chosen = planned
    ? recommended(planned).partIds.flatMap((id) => catalogue[id] ?? [])
    : parts;
  return lookFirstWords(lookFirst(chosen, donor), donor, planned?.untold);
}

/** {@link BestAnswer} of what is planned; nothing while nothing is. */
export function bestAnswer(
  best: PlannedState | undefined,
  { currency }: Pick<Reader, 'currency'>,
): BestAnswer | undefined {
  if (!best) return undefined;
  if (best.planned === 0)
    return {
      sentence: 'Who fits best with the best parts for the money is not known yet.',
      progress: `Planning: 0 of ${best.of}.`,
    };
  const { candidates, builtRanking, brief } = best.standing;
  const entryOf = (id: string) => candidates.find((c) => c.candidate.id === id);
  const nameOf = (id: string): string => {
    const entry = entryOf(id);
    return entry ? shortName(entry.donor) : id;
  };
  const head = entryOf(leading(builtRanking).first[0]?.id ?? '');
  const found = head && best.found.get(head.candidate.id);
  const planned = found?.kind === 'build' ? found : undefined;
  return {
    sentence: soFar(answerWords(builtRanking, 'best', nameOf), best),
    ...(head ? buildWords(head, planned, best, currency) : {}),
    take:
      head && best.planned >= best.of
        ? {
            id: head.candidate.id,
            name: shortName(head.donor),
            partIds: planned ? recommended(planned).partIds : head.parts.map((p) => p.id),
            ...(planned?.enough ? { all: planned.build.partIds } : {}),
          }
        : undefined,
    untold: head && untoldWords(head.built, head.donor, wantsOf(brief)),
    look: head && (!planned || isFinal(planned)) ? lookWords(head, planned, best.parts) : undefined,
    progress: planningWords(best),
  };
}
