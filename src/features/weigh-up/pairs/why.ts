import { METRIC_DEFINITIONS } from '@/core/assessment';
import { shortName } from '@/core/donor';
import { differences, LEVEL_WITHIN, type Difference, type Proposal, type WantKey } from '@/core/preference';
import { closerWords, formatNumber, formatWithUnit, METRIC_WORDS, mustWords, type Reader } from '@/ui/messages';
import type { WeighRow } from '../use-weigh-up';

/** Differences below this many points are not worth a word. */
const WORTH_SAYING = 0.5;
const MOST_SAID = 3;

const list = (words: readonly string[]): string => (words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`);
const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

/** A want's figure of one candidate in words. */
export function figureWords(row: WeighRow, want: WantKey, reader: Reader): string {
  const { estimate } = row.assessment.metrics[want];
  return estimate.kind === 'known' ? formatWithUnit(estimate.interval.mid, METRIC_DEFINITIONS[want].dimension, reader) : 'not known';
}

const reason = ({ want, points }: Difference, mine: WeighRow, other: WeighRow, reader: Reader): string =>
  `${lower(METRIC_WORDS[want].short)} ${figureWords(mine, want, reader)} against ${figureWords(other, want, reader)} (${formatNumber(Math.abs(points), 1)})`;

/** Why one candidate stands before another, and what speaks for the other, in points. */
export function whySentences(first: WeighRow, second: WeighRow, reader: Reader): readonly string[] {
  const [a, b] = [shortName(first.entry.donor), shortName(second.entry.donor)];
  const distance = first.score.points.mid - second.score.points.mid;
  const all = differences(first.score, second.score).filter((d) => Math.abs(d.points) >= WORTH_SAYING);
  const [pro, contra] = [all.filter((d) => d.points > 0).slice(0, MOST_SAID), all.filter((d) => d.points < 0).slice(0, MOST_SAID)];
  const opening = Math.abs(distance) < LEVEL_WITHIN ? `${a} and ${b} are level` : distance > 0 ? `${a} is ${formatNumber(distance, 1)} points ahead of ${b}` : `${a} is ${formatNumber(-distance, 1)} points behind ${b}`;
  return [
    `${opening}.`,
    ...(pro.length > 0 ? [`For ${a}: ${list(pro.map((d) => reason(d, first, second, reader)))}.`] : []),
    ...(contra.length > 0 ? [`For ${b}: ${list(contra.map((d) => reason(d, second, first, reader)))}.`] : []),
    ...(pro.length + contra.length === 0 ? ['No want parts them by half a point.'] : []),
  ];
}

/** Why not this one: the musts it fails, each with its figures. */
export const whyNot = (row: WeighRow, reader: Reader): readonly string[] => row.ranked.failed.map((must) => {
  const closer = row.closers.get(must.key);
  return `${shortName(row.entry.donor)} is out. ${mustWords(must, reader)}.${closer ? ` ${closerWords(closer, reader)}.` : ''}`;
});

/** A like, dislike or compromise in words, with the distance to the need. */
export function proposalWords(proposal: Proposal, row: WeighRow, reader: Reader): string {
  const need = row.score.contributions.find((c) => c.want === proposal.want)?.curve.need;
  const { estimate } = row.assessment.metrics[proposal.want];
  const { dimension, better } = METRIC_DEFINITIONS[proposal.want];
  const said = `${METRIC_WORDS[proposal.want].short} ${figureWords(row, proposal.want, reader)}`;
  if (proposal.kind === 'compromise' && proposal.against) return `${said}, but ${lower(METRIC_WORDS[proposal.against].short)} ${figureWords(row, proposal.against, reader)}`;
  if (estimate.kind === 'unknown' || need === undefined) return said;
  const apart = formatWithUnit(Math.abs(estimate.interval.mid - need), dimension, reader);
  if (proposal.kind === 'like') return `${said}: ${apart} ${better === 'less' ? 'under' : 'over'} the need`;
  return `${said}: ${apart} ${better === 'less' ? 'too much' : 'short'}`;
}
