import { fromBase, parseAmount, parseNumber, preferredUnit, toBase, unitEntry } from '@/core/units';
import type { CurrencyCode, Dimension, UnitId } from '@/core/units';
import { SCALES, scaleTyped, type ScaleSign } from './scales';
import type { Parsed } from '@/store/react';
import { amountFaultWords, formatNumber, limitWords, trimmed, type Reader } from '../messages';

/** How a figure is typed: in a unit of its dimension, as a sum in one currency, as a plain number with a sign, or as a change in per cent that is kept as a factor. */
export type Quantity =
  | {
      readonly kind: 'measured';
      readonly dimension: Exclude<Dimension, 'money'>;
      readonly unit: UnitId;
      /** Decimal places shown. */
      readonly places: number;
    }
  | { readonly kind: 'sum'; readonly currency: CurrencyCode }
  | { readonly kind: 'plain'; readonly sign: string }
  | { readonly kind: 'scaled'; readonly sign: ScaleSign }
  | { readonly kind: 'change' };

/** A dimension in the reader's unit. */
export function measured(dimension: Exclude<Dimension, 'money'>, reader: Reader): Quantity {
  const unit = preferredUnit(dimension, reader.units, reader.currency);
  return { kind: 'measured', dimension, unit, places: 2 };
}

export interface AmountRules {
  readonly quantity: Quantity;
  /** In the unit that is stored. */
  readonly limits: { readonly min: number; readonly max: number };
  /** An emptied field is refused; else it means not known. */
  readonly required: boolean;
}

/** The sign that stands in the field. */
export function signOf(quantity: Quantity): string {
  switch (quantity.kind) {
    case 'measured':
      return unitEntry(quantity.unit).symbol;
    case 'sum':
      return quantity.currency;
    case 'plain':
    case 'scaled':
      return quantity.sign;
    case 'change':
      return '%';
  }
}

const shownNumber = (quantity: Quantity, stored: number): number => {
  switch (quantity.kind) {
    case 'measured':
      return fromBase(stored, quantity.unit);
    case 'change':
      return (stored - 1) * 100;
    case 'scaled':
      return (stored - SCALES[quantity.sign].offset) / SCALES[quantity.sign].factor;
    case 'sum':
    case 'plain':
      return stored;
  }
};

/** The text of a stored figure; empty for not known. */
export function amountText(quantity: Quantity, stored: number | undefined): string {
  if (stored === undefined) return '';
  const places =
    quantity.kind === 'measured' ? quantity.places : quantity.kind === 'scaled' ? 0 : 2;
  return trimmed(shownNumber(quantity, stored), places);
}

const refused = (words: string): Parsed<never> => ({ kind: 'fault', words });

function typedNumber(text: string, sign: string): Parsed<number> {
  const value = parseNumber(text.replace(sign, ''));
  if (value !== undefined) return { kind: 'value', value };
  return refused(
    amountFaultWords(text.trim() === '' ? { code: 'empty' } : { code: 'not-a-number', text }),
  );
}

function stored(text: string, quantity: Quantity): Parsed<number> {
  switch (quantity.kind) {
    case 'plain':
      return typedNumber(text, quantity.sign);
    case 'scaled': {
      const said = scaleTyped(text, quantity.sign);
      const typed = typedNumber(said?.number ?? text, quantity.sign);
      if (typed.kind === 'fault' || !said) return typed;
      const { factor, offset } = SCALES[said.sign];
      return { kind: 'value', value: Math.round((typed.value * factor + offset) * 1e6) / 1e6 };
    }
    case 'change': {
      const typed = typedNumber(text, '%');
      return typed.kind === 'value' ? { kind: 'value', value: (100 + typed.value) / 100 } : typed;
    }
    case 'sum': {
      const parsed = parseAmount(text, 'money', quantity.currency);
      if (parsed.kind === 'fault') return refused(amountFaultWords(parsed.fault));
      return parsed.unit === quantity.currency
        ? { kind: 'value', value: parsed.amount }
        : refused(
            `Amounts here are in ${quantity.currency}; a sum in another currency is not kept here.`,
          );
    }
    case 'measured': {
      const parsed = parseAmount(text, quantity.dimension, quantity.unit);
      return parsed.kind === 'fault'
        ? refused(amountFaultWords(parsed.fault))
        : { kind: 'value', value: toBase(parsed.amount, parsed.unit) };
    }
  }
}

/** Whether a figure is a limit as the rider was told it: a limit that is no whole number in the rider's unit is printed with one decimal, and typing that is typing the limit. */
function isAsPrinted(value: number, limit: number, quantity: Quantity): boolean {
  const [typed, printed] = [shownNumber(quantity, value), shownNumber(quantity, limit)];
  return printed % 1 !== 0 && Math.abs(typed - Math.round(printed * 10) / 10) < 1e-9;
}

/** A single mark with three digits behind it: thousands or decimals. */
const EITHER = /^(\D*)(\d{1,3})([.,])(\d{3})(?!\d)(\D*)$/;

/** The two ways to read such a number, as texts that can be read one way only: in thousands, and with decimals. */
export function bothWays(text: string): readonly [string, string] | undefined {
  const match = EITHER.exec(text.trim());
  if (!match || match[2] === '0') return undefined;
  const [, before = '', whole = '', , rest = '', after = ''] = match;
  return [`${before}${whole}${rest}${after}`, `${before}${whole}.${rest}0${after}`];
}

/** Text → stored figure within its limits, or the reason why not: the one way by which every field of a figure reads what a rider types. `11.000` and `1,759` are read by what the field can hold: the mark is one of thousands wherever that is possible. */
export function readAmount(text: string, rules: AmountRules): Parsed<number | undefined> {
  const ways = bothWays(text);
  if (!ways) return readPlainly(text, rules);
  const [thousands, decimals] = ways.map((way) => readPlainly(way, rules));
  if (!thousands || !decimals) return readPlainly(text, rules);
  if (thousands.kind === 'fault') return decimals.kind === 'value' ? decimals : thousands;
  if (decimals.kind === 'fault' || !FINE.has(fineness(rules.quantity))) return thousands;
  return refused(
    `“${text.trim()}” can be ${ways[0].trim()} or ${ways[1].trim().replace(/0(?=\D*$)/, '')}. Write ${ways[0].trim()}, or ${ways[1].trim()} with one more digit.`,
  );
}

/** Dimensions that are quoted to a thousandth; of all others three digits behind a mark are thousands. */
const FINE: ReadonlySet<string> = new Set([
  'ratio',
  'consumption',
  'volume',
  'pressure',
  'springRate',
  'charge',
]);
const fineness = (quantity: Quantity): string =>
  quantity.kind === 'measured' ? quantity.dimension : quantity.kind;

/** A number and nothing else. */
const BARE = /^\s*-?\d*(?:[.,]\d{1,2})?\s*$/;

/** Lengths from here on are a body's or a seat's, mm: a rider knows them in centimetres. */
const BODILY = 100;
const LENGTHS = ['mm', 'cm', 'm'] as const satisfies readonly UnitId[];

/** `169` or `1.69` where millimetres are asked, `860` where inches are: a bare number that cannot be meant in the field's unit, and can in one other. In mm. */
function inAnotherLength(text: string, { quantity, limits }: AmountRules): number | undefined {
  if (quantity.kind !== 'measured' || quantity.dimension !== 'length' || limits.min < BODILY)
    return undefined;
  const number = BARE.test(text) ? parseNumber(text) : undefined;
  const fits = (mm: number) => mm >= limits.min && mm <= limits.max;
  if (number === undefined || fits(toBase(number, quantity.unit))) return undefined;
  const [one, ...more] = LENGTHS.map((unit) => toBase(number, unit)).filter(fits);
  return more.length === 0 ? one : undefined;
}

/** What was understood of a text, where that does not stand there already: `11.000` is 11 000 EUR, `5 ft 9 in` 1753 mm, `169` as a height 1690 mm. */
export function understood(text: string, rules: AmountRules): string | undefined {
  if (BARE.test(text) && inAnotherLength(text, rules) === undefined) return undefined;
  const read = readAmount(text, rules);
  if (read.kind === 'fault' || read.value === undefined) return undefined;
  const number = shownNumber(rules.quantity, read.value);
  return `= ${formatNumber(number, number % 1 === 0 ? 0 : 2)} ${signOf(rules.quantity)}`;
}

function readPlainly(
  text: string,
  { quantity, limits, required }: AmountRules,
): Parsed<number | undefined> {
  if (text.trim() === '' && !required) return { kind: 'value', value: undefined };
  const read = stored(text, quantity);
  if (read.kind === 'fault' || (read.value >= limits.min && read.value <= limits.max)) return read;
  const atLimit = [limits.min, limits.max].find((limit) =>
    isAsPrinted(read.value, limit, quantity),
  );
  if (atLimit !== undefined) return { kind: 'value', value: atLimit };
  const other = inAnotherLength(text, { quantity, limits, required });
  if (other !== undefined) return { kind: 'value', value: other };
  return refused(
    limitWords(
      shownNumber(quantity, limits.min),
      shownNumber(quantity, limits.max),
      signOf(quantity),
    ),
  );
}
