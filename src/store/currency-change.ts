import {
  BRIEF_FIGURES,
  BRIEF_LIMITS,
  briefFigure,
  briefOrigin,
  type Brief,
  type BriefFigure,
  type BriefOrigin,
} from '@/core/brief';
import { exchangeRate, nominalRate, roughSum } from '@/core/money';
import type { CurrencyCode } from '@/core/units';
import type { Change } from './history';
import { BRIEF_KEY, newBrief } from './records';

/** Figures of the brief that are sums of money. */
const SUMS: readonly BriefFigure[] = BRIEF_FIGURES.filter(
  (f) => BRIEF_LIMITS[f].dimension === 'money',
);

/**
 * What becomes of the rider's own sums in another currency: the numbers stay, for they were meant in it; or they are reckoned over by a
 * rate that the rider found on a day, or, where there is none, by the nominal one.
 */
export type SumsBecome =
  | { readonly kind: 'the-same-numbers' }
  | {
      readonly kind: 'reckoned';
      readonly typed?: { readonly rate: number; readonly date: string } | undefined;
    };

/** Sums that the rider has given, so that somebody must say what becomes of them in another currency. Nothing is nothing in any. */
export const ownSums = (brief: Brief): readonly BriefFigure[] =>
  SUMS.filter(
    (f) => (briefFigure(brief, f) ?? 0) !== 0 && briefOrigin(brief, f).kind !== 'assumed',
  );

/** Sums of ten and more without cents, smaller ones with them. */
const asMoney = (sum: number): number =>
  sum >= 10 ? Math.round(sum) : Math.round(sum * 100) / 100;

/** As a sum by a nominal rate may be written: three figures. */
const asEstimate = (sum: number): number => Number(sum.toPrecision(3));

/**
 * The brief in another currency, as changes of one command. Figures that nobody has typed begin anew in it; the rider's own become what
 * the rider says, and what only the nominal rate brought over is marked as taken from the sum that was typed. A rate that was typed for
 * it is kept; those that lead elsewhere stay, and do not count.
 */
export function currencyChange(
  brief: Brief,
  to: CurrencyCode,
  sums: SumsBecome,
): readonly Change[] {
  const { currency: from, rates } = brief.money;
  if (from === to) return [];
  const begun = newBrief(to);
  const change = (path: readonly string[], before: unknown, after: unknown): readonly Change[] =>
    before === after ? [] : [{ table: 'briefs', key: BRIEF_KEY, path, before, after }];
  const typed = sums.kind === 'reckoned' ? sums.typed : undefined;
  const rate = typed?.rate ?? exchangeRate(from, to, rates)?.rate;
  const changes = SUMS.flatMap((figure) => {
    const before = briefFigure(brief, figure);
    if (before === undefined) return [];
    const origin = brief.origins?.[figure];
    const at = figure.split('.');
    const put = (after: number, by: BriefOrigin | undefined) => [
      ...change(at, before, after),
      ...change(['origins', figure], origin, by),
    ];
    if (origin?.kind === 'assumed')
      return put(briefFigure(begun, figure) ?? roughSum(before, from, to), origin);
    if (sums.kind === 'the-same-numbers' || before === 0) return put(before, undefined);
    return rate === undefined
      ? put(asEstimate(before * nominalRate(from, to)), {
          kind: 'taken',
          from: `${before} ${from}, by a rough rate`,
        })
      : put(asMoney(before * rate), origin);
  });
  return [
    ...change(['money', 'currency'], from, to),
    ...changes,
    ...(typed
      ? change(['money', 'rates'], rates, [
          ...rates.filter((r) => !(r.currency === from && r.to === to)),
          { currency: from, to, rate: typed.rate, date: typed.date },
        ])
      : []),
  ];
}
