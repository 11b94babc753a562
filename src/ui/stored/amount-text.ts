import { fromBase, parseAmount, parseNumber, preferredUnit, toBase, unitEntry } from '@/core/units';
import type { CurrencyCode, Dimension, UnitId } from '@/core/units';
import type { Parsed } from '@/store/react';
import { amountFaultWords, limitWords, trimmed, type Reader } from '../messages';

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
    case 'sum':
    case 'plain':
      return stored;
  }
};

/** The text of a stored figure; empty for not known. */
export function amountText(quantity: Quantity, stored: number | undefined): string {
  if (stored === undefined) return '';
  return trimmed(shownNumber(quantity, stored), quantity.kind === 'measured' ? quantity.places : 2);
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

/** Text → stored figure within its limits, or the reason why not: the one way by which every field of a figure reads what a rider types. */
export function readAmount(
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
  return refused(
    limitWords(
      shownNumber(quantity, limits.min),
      shownNumber(quantity, limits.max),
      signOf(quantity),
    ),
  );
}
