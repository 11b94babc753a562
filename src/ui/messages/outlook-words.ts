import type { DonorClass } from '@/core/donor';
import type { ClassOutlook, FitWanted, LookForLine, Wanted } from '@/core/outlook';
import type { Part } from '@/core/part';
import { figureDefinition, type FigureKey } from '@/core/readings';
import type { Meets } from '@/store/queries';
import { formatNumber, formatWithUnit, type Reader } from './format';
import { chanceWords, listWords } from './verdict-words';
import { CLASS_WORDS } from './machine-words';
import { MUST_SHORT } from './brief-words';
import { inSentence } from './in-sentence';

/** What a class promises, in a sign and a word. */
const PROMISE_WORDS: Readonly<
  Record<
    ClassOutlook['promise'],
    { readonly sign: string; readonly words: string; readonly colour: string }
  >
> = {
  likely: { sign: '✓', words: 'will do', colour: 'pass' },
  search: { sign: '~', words: 'worth a search', colour: 'unsure' },
  unlikely: { sign: '✕', words: 'not for this brief', colour: 'fail' },
};

const className = (donorClass: DonorClass): string => CLASS_WORDS[donorClass];

/** A fit with its span. */
const fitSpan = ({ fit }: Pick<ClassOutlook, 'fit'>): string =>
  `${formatNumber(fit.low)}–${formatNumber(fit.high)}`;

/** Why a class is held back: the must that holds least often. */
const bindsWords = ({ binds }: Pick<ClassOutlook, 'binds'>): string =>
  binds?.chance === undefined
    ? 'every must holds as surely as you ask'
    : `${MUST_SHORT[binds.key]} holds in ${chanceWords(binds.chance)}`;

const nearest = (one: ClassOutlook): string =>
  `${className(one.donorClass)}, all musts in ${chanceWords(one.all)}; ${bindsWords(one)}`;

/** That nobody has said what such machines cost. */
const priceAside = (outlooks: readonly ClassOutlook[]): string =>
  outlooks.some((o) => o.unpriced && o.musts.some((m) => m.key === 'money'))
    ? ', price left aside'
    : '';

/** A class as it stands on the shelf, in words and shares of a track. */
export interface ShelfRow {
  readonly id: DonorClass;
  readonly name: string;
  readonly promise: (typeof PROMISE_WORDS)[ClassOutlook['promise']];
  /** 0–1 */
  readonly all: number;
  readonly allWords: string;
  readonly fit: { readonly low: number; readonly high: number };
  readonly fitWords: string;
  readonly binds: string;
}

export const shelfRows = (outlooks: readonly ClassOutlook[]): readonly ShelfRow[] =>
  outlooks.map((o) => ({
    id: o.donorClass,
    name: className(o.donorClass).replace(/^./, (c) => c.toUpperCase()),
    promise: PROMISE_WORDS[o.promise],
    all: o.all,
    allWords: `all musts in ${chanceWords(o.all)}`,
    fit: o.fit,
    fitWords: fitSpan(o),
    binds: bindsWords(o),
  }));

/** The shelf's answer in a sentence: where to look, and why not elsewhere. */
export function shelfWords(outlooks: readonly ClassOutlook[]): string {
  const of = (promise: ClassOutlook['promise']) => outlooks.filter((o) => o.promise === promise);
  const [likely, search, unlikely] = [of('likely'), of('search'), of('unlikely')];
  const [first] = outlooks;
  if (!first) return '';
  const out =
    unlikely.length > 0
      ? ` ${formatNumber(unlikely.length)} of ${formatNumber(outlooks.length)} classes break a must too often.`
      : '';
  if (likely.length > 0)
    return `Look among: ${listWords(likely.map((o) => className(o.donorClass)))}. By what is typical of them every must holds as surely as you ask${priceAside(likely)}.${out}`;
  const [best] = search.toSorted((a, b) => b.all - a.all);
  if (best)
    return `No class keeps every must by itself, but a machine of one may. Best odds${priceAside([best])}: ${nearest(best)}.${out}`;
  const [least] = outlooks.toSorted((a, b) => b.all - a.all || b.fit.mid - a.fit.mid);
  return `No class keeps every must. Nearest: ${nearest(least ?? first)}. Loosen that must, or see below what would do.`;
}

/** A figure in words with its unit, rounded so that the limit is not overstepped. */
function limitAmount(
  figure: FigureKey,
  amount: number,
  side: 'least' | 'most',
  reader: Reader,
): string {
  const { dimension } = figureDefinition(figure);
  const step =
    dimension === 'money' ? 50 : dimension === 'volume' || dimension === 'power' ? 0.1 : 1;
  const round = side === 'most' ? Math.floor : Math.ceil;
  return formatWithUnit(round(amount / step) * step, dimension, reader);
}

/** "up to 868 mm", "from 14 L". */
export function wantedWords(
  { figure, side }: Pick<LookForLine, 'figure' | 'side'>,
  wanted: Wanted,
  reader: Reader,
): string {
  if (wanted.kind === 'any') return 'any will do';
  if (wanted.kind === 'never') return 'none is enough by itself';
  return `${side === 'most' ? 'up to' : 'from'} ${limitAmount(figure, wanted.amount, side, reader)}`;
}

/** What the class usually shows, and whether that is on the right side. */
export function usualWords({ figure, typical, wanted, side }: LookForLine, reader: Reader): string {
  if (!typical) return figure === 'price' ? 'no price of this class is known here' : 'not known';
  const { dimension } = figureDefinition(figure);
  const span = `${formatWithUnit(typical.low, dimension, reader)} to ${formatWithUnit(typical.high, dimension, reader)}`;
  if (wanted.kind !== 'limit') return span;
  const { amount } = wanted;
  const [good, bad] = side === 'most' ? [typical.low, typical.high] : [typical.high, typical.low];
  const within = (x: number) => (side === 'most' ? x <= amount : x >= amount);
  if (within(bad)) return `${span}: nearly all do`;
  return within(good) ? `${span}: some do` : `${span}: hardly any does`;
}

const partsWords = (parts: readonly Part[]): string =>
  listWords(parts.map(({ name }) => `${name.charAt(0).toLowerCase()}${name.slice(1)}`));

/** What would do instead, after "or". */
export function insteadWords(line: LookForLine, reader: Reader): readonly string[] {
  return line.instead.flatMap((way) => {
    const said = wantedWords(line, way.wanted, reader);
    if (way.wanted.kind === 'never') return [];
    return way.kind === 'part'
      ? [`${said} with ${partsWords(way.parts)}`]
      : [
          `${said} if it uses ${formatWithUnit(way.amount, figureDefinition(way.figure).dimension, reader)}`,
        ];
  });
}

/** What one machine must show for a must, as it stands on the card; nothing where any value will do. */
export function mustLimitWords(
  line: Pick<LookForLine, 'figure' | 'side' | 'must'>,
  wanted: Wanted,
  reader: Reader,
): string | undefined {
  const must = MUST_SHORT[line.must];
  if (wanted.kind === 'any') return undefined;
  return wanted.kind === 'never'
    ? `no value of it alone keeps the must ${must}`
    : `keeps the must ${must}: ${wantedWords(line, wanted, reader)}`;
}

/** What brings a machine of the class to a fit, in a sentence. */
export function liftWords({ now, lines }: FitWanted, atLeast: number, reader: Reader): string {
  const has = `One that just keeps every must has a fit of ${formatNumber(now)}`;
  if (now >= atLeast) return `${has}: enough for ${formatNumber(atLeast)}.`;
  if (lines.length === 0)
    return `${has}. No single figure that machines of this class show brings it to ${formatNumber(atLeast)}: it takes several, or parts.`;
  const ways = lines.map(
    (line) =>
      `${inSentence(line.figure)} ${wantedWords(line, { kind: 'limit', amount: line.amount }, reader)}`,
  );
  return `${has}. Any one of these brings it to ${formatNumber(atLeast)}: ${ways.join('; ')}.`;
}

/** The first thing that is said of a machine: how many musts it is seen to keep, which it breaks, and what to ask for. */
export function meetsWords({ kept, of, broken, open }: Meets, ask: readonly FigureKey[]): string {
  if (of === 0) return 'The brief asks for no must.';
  const breaks =
    broken.length > 0 ? `; breaks ${listWords(broken.map((m) => MUST_SHORT[m.key]))}` : '';
  const asks =
    ask.length > 0 && open.length > 0
      ? `; ask for the ${listWords(ask.map((key) => inSentence(key)))}`
      : open.length > 0
        ? `; open: ${listWords(open.map((m) => MUST_SHORT[m.key]))}`
        : '';
  return `Seen to keep ${formatNumber(kept)} of ${formatNumber(of)} musts${breaks}${asks}.`;
}
