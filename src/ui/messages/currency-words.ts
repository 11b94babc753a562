import { briefFigure, type Brief, type BriefFigure, type ExchangeRate } from '@/core/brief';
import { shortName, type Donor } from '@/core/donor';
import { formatNumber } from './format';
import { inSentence } from './in-sentence';
import { listWords } from './verdict-words';

/** How many sums are named before the rest are counted. */
const NAMED = 3;

const sumWords = (sum: number): string => formatNumber(sum, sum % 1 === 0 ? 0 : 2);

/** Which sums of the rider's own stand in the brief, and in which currency. */
export function ownSumsWords(brief: Brief, sums: readonly BriefFigure[]): string {
  const { currency } = brief.money;
  const named = sums
    .slice(0, NAMED)
    .map((f) => `${inSentence(f)} ${sumWords(briefFigure(brief, f) ?? 0)}`);
  const rest = sums.length - named.length;
  return `Your sums are in ${currency}: ${listWords([...named, ...(rest > 0 ? [`${formatNumber(rest)} more`] : [])])}.`;
}

/** A rate in as many figures as such a rate is looked up in. */
export const rateText = (rate: number): string => String(Number(rate.toPrecision(4)));

/** That machines cost nobody knows how much in the brief's currency; of one, which. */
export function withoutRateWords(
  count: number,
  from: readonly string[],
  to: string,
  only: Donor | undefined,
): string {
  const whose = only ? `${shortName(only)} costs` : `${formatNumber(count)} machines cost`;
  return `What ${whose} is not known: no exchange rate leads from ${listWords(from)} to ${to}.`;
}

/** That a rate was hardly meant as it was typed. */
export const farRateWords = ({ currency, to }: ExchangeRate, usual: number): string =>
  `One ${currency} is usually about ${rateText(usual)} ${to}. If you mean it, give it once more.`;
