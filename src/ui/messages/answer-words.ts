import type { Assessment, MustResult } from '@/core/assessment';
import { FELT, type BestBuild, type PlannedBuild, type UntoldWorth } from '@/core/build';
import { shortName, type Donor } from '@/core/donor';
import type { Part } from '@/core/part';
import type { LookFirst } from '@/core/suitability';
import { FACT_WORDS } from './fact-words';
import { leading, type Ranked, type WantKey } from '@/core/preference';
import type { Standing } from '@/store/queries';
import { formatNumber, lowerFirst, type Reader } from './format';
import { chanceWords, listWords } from './verdict-words';
import { ofClass } from './typical-words';
import { MUST_SHORT } from './brief-words';
import { inSentence } from './in-sentence';

/** The states that a shortlist may be looked at in. */
export type AnswerState = 'stock' | 'built' | 'best';

/** How a state is called of several machines, and of one. */
const STATE_WORDS: Readonly<Record<AnswerState, readonly [string, string]>> = {
  stock: ['as they stand', 'as it stands'],
  built: ['with the parts chosen', 'with the parts chosen'],
  best: ['with the best parts for the money', 'with the best parts for the money'],
};

const points = ({ score }: Ranked): string => String(Math.round(score.points.mid));

/** Musts by their short names, each once. */
export const shortMusts = (musts: readonly MustResult[]): string =>
  listWords([...new Set(musts.map((m) => MUST_SHORT[m.key]))]);

/** What is open about the musts of one that keeps them doubtfully: each with its chance. */
export const openWords = ({ open }: Pick<Ranked, 'open'>): string =>
  listWords(
    open.map((m) =>
      m.chance === undefined || m.verdict === 'not-known'
        ? `${MUST_SHORT[m.key]} not known`
        : `${MUST_SHORT[m.key]} in ${chanceWords(m.chance)}`,
    ),
  );

/** Draws in which all musts hold, where that is not next to certain. */
const surely = ({ chance }: Ranked): string =>
  chance === undefined || chance > 0.995 ? '' : `, all at once in ${chanceWords(chance)}`;

/** The answer of a state in a sentence: who is ahead where somebody keeps every must, else that nobody does and who comes nearest. */
export function answerWords(
  ranking: readonly Ranked[],
  state: AnswerState,
  name: (id: string) => string,
): string {
  const { kind, first } = leading(ranking);
  const [one] = first;
  const [they, it] = STATE_WORDS[state];
  if (!one) return 'Nobody is on the shortlist.';
  // One machine is ahead of nobody.
  if (ranking.length === 1) {
    const alone = 'Nothing else is on the shortlist to lay beside it.';
    if (kind === 'kept')
      return `${name(one.id)} keeps every must ${it}${surely(one)}: ${points(one)} of 100. ${alone}`;
    return kind === 'doubtful'
      ? `${name(one.id)} does not keep every must surely ${it}: ${points(one)} of 100, ${openWords(one)}. ${alone}`
      : `${name(one.id)} breaks ${shortMusts(one.failed)} ${it}: ${points(one)} of 100. ${alone}`;
  }
  if (kind === 'kept')
    return first.length > 1
      ? `${listWords(first.map((r) => name(r.id)))} are level ${they}: ${listWords(first.map(points))} of 100; each keeps every must.`
      : `${name(one.id)} fits this brief best ${it}: ${points(one)} of 100, every must kept${surely(one)}.`;
  if (kind === 'doubtful')
    return first.length > 1
      ? `None keeps every must surely ${they}. Nearest, and level: ${listWords(first.map((r) => `${name(r.id)} (${openWords(r)})`))}.`
      : `None keeps every must surely ${they}. Nearest: ${name(one.id)}, ${points(one)} of 100, ${openWords(one)}.`;
  if (first.length > 1)
    return `No candidate keeps every must ${they}. Worth most, and level: ${listWords(first.map((r) => `${name(r.id)} (breaks ${shortMusts(r.failed)})`))}.`;
  return `No candidate keeps every must ${they}. Worth most: ${name(one.id)}, which breaks ${shortMusts(one.failed)}.`;
}

/** So many figures are named, the rest counted. */
const NAMED = 4;

/** What of a machine nobody has given and its class stands in for, as a sentence; `undefined` where all that counts was given. */
export function untoldWords(
  { metrics }: Pick<Assessment, 'metrics'>,
  donor: Donor,
  wants: readonly WantKey[],
): string | undefined {
  const keys = [...new Set(wants.flatMap((want) => metrics[want].typical ?? []))];
  if (keys.length === 0) return undefined;
  const names = keys.map((key) => inSentence(key));
  const more = names.length - NAMED;
  const said = more > 1 ? [...names.slice(0, NAMED), `${more} more`] : names;
  return `Nobody has given ${shortName(donor)}’s ${listWords(said)}: what is typical of its class (${ofClass(donor.donorClass)}${donor.classGuessed ? ', which is only guessed' : ''}) stands in.`;
}

/** Points that are less than this are none. */
const NOTHING = 0.05;

/** What to look for first on a machine, without the full stop. */
export function lookForWords(found: readonly LookFirst[], donor: Donor): string {
  const facts = [...new Set(found.flatMap((f) => f.facts))].map((f) => FACT_WORDS[f].toLowerCase());
  return `Look first: nobody has told ${shortName(donor)}’s ${listWords(facts)}`;
}

/**
 * That parts bring what a machine may have already, where nobody has told; `undefined` where everything is told.
 *
 * @param worths what the planner found the parts to be worth, counted and on average: said where it is known
 */
export function lookFirstWords(
  found: readonly LookFirst[],
  donor: Donor,
  worths: readonly UntoldWorth[] = [],
): string | undefined {
  if (found.length === 0) return undefined;
  const first = lookForWords(found, donor);
  const sums = found.map(({ part }) => {
    const worth = worths.find((w) => w.partId === part.id);
    return { name: lowerFirst(part.name), worth };
  });
  const points = (of: number) => (of < NOTHING ? 'nothing' : formatNumber(of, 1));
  const least = 'as if it had the least';
  if (sums.every((s) => s.worth)) {
    const counted = sums.map(({ name, worth }) => `${name} at ${points(worth?.counted ?? 0)}`);
    const means = sums.map(({ worth }) => points(worth?.mean ?? 0));
    return `${first}. Counted ${least}: ${listWords(counted)} points of 100. On average over what its class has ${sums.length === 1 ? 'it is' : 'they are'} worth ${listWords(means)}.`;
  }
  const count = found.length === 1 ? 'counts' : 'count';
  return `${first}; ${listWords(sums.map((s) => s.name))} ${count} ${least}.`;
}

/** The third state of a shortlist, as far as it is planned. */
export interface PlannedState {
  readonly standing: Standing;
  /** The planner's answers, by candidate. */
  readonly found: ReadonlyMap<string, BestBuild>;
  /** The catalogue that was planned from. */
  readonly parts: Readonly<Record<string, Part>>;
  readonly planned: number;
  readonly of: number;
  readonly running: boolean;
}

/** Points gained that are fewer than one, whatever rounding makes of them. */
const gainWords = (points: number): string =>
  points >= 0.95 ? 'not quite 1 point' : `${formatNumber(points, 1)} points`;

/** What the best buys beside what is enough: less than is felt, at least on average over what the machine may have already (see `enoughFor`). */
export const unfeltWords = (points: number): string =>
  points < FELT
    ? `${gainWords(points)} more, which nobody feels`
    : `${formatNumber(points, 1)} points more if it has the least of what nobody has told, on average less than one, which nobody feels`;

type Planned = Pick<PlannedBuild, 'partIds' | 'cost' | 'points'>;

/** The cheaper build that is as good to ride, beside the best; `undefined` where the best is the cheapest. */
export function enoughWords(
  { build, enough }: { readonly build: Planned; readonly enough?: Planned | undefined },
  { currency }: Pick<Reader, 'currency'>,
  /** What the build is, in words: its parts, or how many. */
  what: (ids: readonly string[]) => string,
): string | undefined {
  if (!enough) return undefined;
  return `Enough: ${what(enough.partIds)}, fit ${formatNumber(enough.points, 1)} for ${formatNumber(enough.cost)} ${currency} in all. The other ${formatNumber(build.cost - enough.cost)} ${currency} buy ${unfeltWords(build.points - enough.points)}.`;
}

/** How much another build of the same parts could be worth more at most; `undefined` where that is not known. */
export function atMostWords({
  build,
  atMost,
}: {
  readonly build: Pick<Planned, 'points'>;
  readonly atMost?: number | undefined;
}): string | undefined {
  if (atMost === undefined) return undefined;
  // Rounded up, so that it never promises too much.
  const more = Math.ceil((atMost - build.points) * 10 - 1e-6) / 10;
  return more < 1
    ? `No other build of these parts within the money gains as much as ${formatNumber(Math.max(0.1, more), 1)} points more than the best.`
    : `Another build of these parts might gain up to ${formatNumber(more, 1)} points more than the best.`;
}

/** So many parts, or none. */
export const partsCounted = (ids: readonly string[]): string =>
  ids.length === 0 ? 'as it stands' : ids.length === 1 ? '1 part' : `${ids.length} parts`;

export type Parts = Readonly<Record<string, Part>>;

/** Names have commas of their own. */
export const named = (ids: readonly string[], parts: Parts): string =>
  ids
    .map((id) => parts[id]?.name ?? id)
    .map(lowerFirst)
    .join('; ');

export const partsNamed = (ids: readonly string[], parts: Parts): string =>
  ids.length === 0 ? ' as it stands' : `: ${named(ids, parts)}`;

/** How far the planning is, and how those count that are not planned; `undefined` once everything is. */
export const planningWords = ({
  planned,
  of,
  running,
}: Pick<PlannedState, 'planned' | 'of' | 'running'>): string | undefined =>
  planned < of
    ? `${running ? 'Planning' : 'Planned'}: ${planned} of ${of}. The others count with a first build, or as they stand.`
    : undefined;

/** Which place one has among how many, and whether among those that keep every must. */
export function placeWords(
  place: number | undefined,
  of: number,
  musts: readonly Pick<MustResult, 'verdict'>[],
): string {
  if (place === undefined) return 'ruled out by a must';
  const doubtful = musts.some((m) => m.verdict !== 'pass');
  return `place ${place} of ${of}, ${doubtful ? 'with a must in doubt' : 'every must kept'}`;
}
