import { allHold, METRIC_DEFINITIONS, type Assessment } from '@/core/assessment';
import { shortName } from '@/core/donor';
import { factInUse, type FactKey } from '@/core/facts';
import {
  differences,
  type Contender,
  isLevel,
  type Difference,
  type FitScore,
  type Proposal,
  type WantKey,
} from '@/core/preference';
import {
  closerWords,
  FACT_WORDS,
  formatNumber,
  formatWithUnit,
  METRIC_WORDS,
  mustWords,
  optionWords,
  type Reader,
} from '@/ui/messages';
import type { WeighRow } from '../use-weigh-up';

/** Differences below this many points are not worth a word. */
const WORTH_SAYING = 0.5;
const MOST_SAID = 3;

const list = (words: readonly string[]): string =>
  words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`;
const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

/** One side of a comparison. */
export interface Judged {
  readonly name: string;
  readonly assessment: Assessment;
  readonly score: FitScore;
}

const contender = ({ assessment, score }: Judged): Contender => ({
  total: score.total,
  keeps: allHold(assessment.musts),
});

const judged = (row: WeighRow): Judged => ({
  name: shortName(row.entry.donor),
  assessment: row.assessment,
  score: row.score,
});

/** A want's figure of one candidate in words. */
export function figureWords(
  { assessment }: Pick<Judged, 'assessment'>,
  want: WantKey,
  reader: Reader,
): string {
  const { estimate, standIn } = assessment.metrics[want];
  const words = (amount: number) =>
    formatWithUnit(amount, METRIC_DEFINITIONS[want].dimension, reader);
  if (estimate.kind === 'known') return words(estimate.interval.mid);
  // What is told of an index counts, what is not told at its worst.
  return standIn && standIn.mid > 0 ? `at least ${words(standIn.mid)}` : 'not known';
}

const reason = (
  { want, points }: Difference,
  mine: Judged,
  other: Judged,
  reader: Reader,
): string =>
  `${lower(METRIC_WORDS[want].short)} ${figureWords(mine, want, reader)} against ${figureWords(other, want, reader)} (${formatNumber(Math.abs(points), 1)})`;

/** What speaks for each of two, in points. */
function forEach(first: Judged, second: Judged, reader: Reader): readonly string[] {
  const all = differences(first.score, second.score).filter(
    (d) => Math.abs(d.points) >= WORTH_SAYING,
  );
  const [pro, contra] = [
    all.filter((d) => d.points > 0).slice(0, MOST_SAID),
    all.filter((d) => d.points < 0).slice(0, MOST_SAID),
  ];
  return [
    ...(pro.length > 0
      ? [`For ${first.name}: ${list(pro.map((d) => reason(d, first, second, reader)))}.`]
      : []),
    ...(contra.length > 0
      ? [`For ${second.name}: ${list(contra.map((d) => reason(d, second, first, reader)))}.`]
      : []),
  ];
}

/** Why one candidate stands before another, and what speaks for the other. */
export function whySentences(
  firstRow: WeighRow,
  secondRow: WeighRow,
  reader: Reader,
): readonly string[] {
  const [first, second] = [judged(firstRow), judged(secondRow)];
  const distance = first.score.points.mid - second.score.points.mid;
  const sides = forEach(first, second, reader);
  const opening = isLevel(contender(first), contender(second))
    ? `${first.name} and ${second.name} are level`
    : distance > 0
      ? `${first.name} is ${formatNumber(distance, 1)} points ahead of ${second.name}`
      : `${first.name} is ${formatNumber(-distance, 1)} points behind ${second.name}`;
  return [
    `${opening}.`,
    ...sides,
    ...(sides.length === 0 ? ['No want parts them by half a point.'] : []),
  ];
}

/** Facts that make one machine another kind of machine. */
const OF_KIND = [
  'layout',
  'cooling',
  'finalDrive',
  'wheelType',
  'abs',
  'absStaysOff',
  'tractionControl',
  'underEngine',
  'subframe',
  'passenger',
  'fuelGrade',
  'partsSupply',
  'stillMade',
  'warrantyPasses',
] as const satisfies readonly FactKey[];

/** How two that no sum parts differ: what speaks for each in figures, and what is of another kind. */
export function inKind(first: Judged, second: Judged, reader: Reader): readonly string[] {
  const kinds = OF_KIND.flatMap((key) => {
    const [a, b] = [first, second].map(
      ({ assessment }) => factInUse(assessment.donor.facts?.[key])?.value,
    );
    return a !== undefined && b !== undefined && a !== b
      ? [`${lower(FACT_WORDS[key])} ${optionWords(key, a)} against ${optionWords(key, b)}`]
      : [];
  });
  return [
    ...forEach(first, second, reader),
    ...(kinds.length > 0 ? [`Of another kind: ${list(kinds.slice(0, 2 * MOST_SAID))}.`] : []),
  ];
}

/** Why not this one: the musts it fails, each with its figures. */
export const whyNot = (row: WeighRow, reader: Reader): readonly string[] =>
  row.ranked.failed.map((must) => {
    const closer = row.closers.get(must.key);
    return `${shortName(row.entry.donor)} is out. ${mustWords(must, reader)}.${closer ? ` ${closerWords(closer, reader)}.` : ''}`;
  });

/** A like, dislike or compromise in words, with the distance to the need. */
export function proposalWords(proposal: Proposal, row: WeighRow, reader: Reader): string {
  const need = row.score.contributions.find((c) => c.want === proposal.want)?.curve.need;
  const { estimate } = row.assessment.metrics[proposal.want];
  const { dimension, better } = METRIC_DEFINITIONS[proposal.want];
  const said = `${METRIC_WORDS[proposal.want].short} ${figureWords(row, proposal.want, reader)}`;
  if (proposal.kind === 'compromise' && proposal.against)
    return `${said}, but ${lower(METRIC_WORDS[proposal.against].short)} ${figureWords(row, proposal.against, reader)}`;
  if (estimate.kind === 'unknown' || need === undefined) return said;
  const apart = formatWithUnit(Math.abs(estimate.interval.mid - need), dimension, reader);
  if (proposal.kind === 'like')
    return `${said}: ${apart} ${better === 'less' ? 'under' : 'over'} the need`;
  return `${said}: ${apart} ${better === 'less' ? 'too much' : 'short'}`;
}
