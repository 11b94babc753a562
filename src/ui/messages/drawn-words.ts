import { firmness, oftenest, type Footing, type RankDoubt } from '@/core/doubt';
import { formatNumber } from './format';

const percent = (share: number): string =>
  share > 0 && share < 0.01 ? 'under 1 %' : `${formatNumber(share * 100)} %`;

/** Why one that comes first more often is not the one that is named: it keeps its musts more often, or is worth more only then. */
function whyNot(
  often: Footing,
  named: Footing,
  name: string,
  other: string,
  known: boolean,
): string {
  const musts =
    often.placed > named.placed
      ? ` It keeps every must in ${percent(often.placed)}${known ? `, ${name} in ${percent(named.placed)}` : ''}.`
      : '';
  const points =
    often.ahead === undefined
      ? ''
      : often.ahead < 0.5
        ? ` Where both keep theirs, ${name} is ahead in ${percent(1 - often.ahead)}: among those with a must in doubt the one worth more is named. Settle that must before you buy.`
        : ` Where both keep theirs, it is ahead in ${percent(often.ahead)}.`;
  return `${other} comes first more often, in ${percent(often.first)}.${musts}${points}`;
}

/** What the musts of a candidate hang on that nobody knows, by its id: none of its musts can be drawn. */
export type NotKnown = ReadonlyMap<string, string>;

/** What the draws say of the one that is named first, of the next, and of whoever comes first more often. */
export function drawnWords(
  result: RankDoubt,
  [first, second]: readonly [string, string],
  name: (id: string) => string,
  notKnown: NotKnown = new Map(),
): readonly string[] {
  const open = notKnown.get(first);
  const stands = firmness(result, first, second);
  const nobody = 1 - result.acceptability.reduce((sum, row) => sum + (row[0] ?? 0), 0);
  const often = oftenest(result, first);
  return [
    ...(nobody > 0.005
      ? [
          `In ${percent(nobody)} of the draws nobody ${notKnown.size > 0 ? 'is known to keep' : 'keeps'} every must.`,
        ]
      : []),
    open === undefined
      ? `${name(first)} keeps every must in ${percent(stands.placed)} and comes first in ${percent(stands.first)} of all draws.`
      : `Whether ${name(first)} keeps every must is not known (${open}): it has no place in any draw until that is told.`,
    ...(stands.ahead === undefined
      ? []
      : [
          `Where both it and ${name(second)} keep their musts, it is ahead in ${percent(stands.ahead)}.`,
        ]),
    ...(often === undefined
      ? []
      : [
          whyNot(
            firmness(result, often, first),
            firmness(result, first, often),
            name(first),
            name(often),
            open === undefined,
          ),
        ]),
  ];
}
