import { parseNumber } from './parse-number';
import { unitEntry, type Dimension, type UnitId } from './unit-table';
import { findUnitWord } from './unit-words';

export type AmountFault =
  | { readonly code: 'empty' }
  | { readonly code: 'not-a-number'; readonly text: string }
  | { readonly code: 'unit-unknown'; readonly word: string }
  | { readonly code: 'unit-of-other-dimension'; readonly unit: UnitId; readonly wanted: Dimension }
  | { readonly code: 'gallon-unclear'; readonly word: string };

export type ParsedAmount =
  | {
      readonly kind: 'amount';
      readonly amount: number;
      readonly unit: UnitId;
      readonly unitWritten: boolean;
    }
  | { readonly kind: 'fault'; readonly fault: AmountFault };

const COMPOUND: readonly { pattern: RegExp; unit: UnitId; perFirst: number }[] = [
  {
    pattern: /^(\d+)\s*(?:ft|foot|feet|'|′)\s*(\d+(?:[.,]\d+)?)\s*(?:in|inch|inches|"|″)?$/i,
    unit: 'in',
    perFirst: 12,
  },
  {
    pattern: /^(\d+)\s*(?:st|stone)\s*(\d+(?:[.,]\d+)?)\s*(?:lb|lbs)?$/i,
    unit: 'lb',
    perFirst: 14,
  },
];

const fault = (f: AmountFault): ParsedAmount => ({ kind: 'fault', fault: f });

/**
 * Reads what a rider typed into a field of one dimension: a number, or a number with a unit
 * (`166 cm`, `5 ft 5 in`, `34.6"`, `11,6 l`). Without a unit the field's own unit is meant.
 * A bare `gal` or `mpg` is accepted only when the field's own unit already says which gallon.
 */
export function parseAmount(text: string, dimension: Dimension, fieldUnit: UnitId): ParsedAmount {
  const trimmed = text.trim();
  if (trimmed === '') return fault({ code: 'empty' });
  const sum = dimension === 'money' ? signBehind(trimmed, fieldUnit) : undefined;
  if (sum !== undefined) return parseAmount(sum, dimension, fieldUnit);
  for (const { pattern, unit, perFirst } of COMPOUND) {
    const match = pattern.exec(trimmed);
    if (match && unitEntry(unit).dimension === dimension) {
      return {
        kind: 'amount',
        amount: Number(match[1]) * perFirst + Number((match[2] ?? '0').replace(',', '.')),
        unit,
        unitWritten: true,
      };
    }
  }
  const lead = /^([€$£])\s*(.+)$/.exec(trimmed);
  const parts = lead ? [lead[2] ?? '', lead[1] ?? ''] : splitNumber(trimmed);
  const amount = (dimension === 'ratio' ? parseRatio : parseNumber)(parts[0] ?? '');
  if (amount === undefined) return fault({ code: 'not-a-number', text: trimmed });
  const word = (parts[1] ?? '').trim();
  if (word === '') return { kind: 'amount', amount, unit: fieldUnit, unitWritten: false };
  const found = findUnitWord(word);
  if (found === undefined) return fault({ code: 'unit-unknown', word });
  if (found === 'gallon' || found === 'mpg') {
    const family = found === 'gallon' ? 'gal-' : 'mpg-';
    if (!fieldUnit.startsWith(family)) {
      const wanted = found === 'gallon' ? 'volume' : 'consumption';
      if (wanted !== dimension)
        return fault({
          code: 'unit-of-other-dimension',
          unit: found === 'gallon' ? 'gal-us' : 'mpg-us',
          wanted: dimension,
        });
      return fault({ code: 'gallon-unclear', word });
    }
    return { kind: 'amount', amount, unit: fieldUnit, unitWritten: true };
  }
  return resolve(amount, found, dimension);
}

/** A ratio never counts in thousands: `1,900` is 1.9. */
const parseRatio = (text: string): number | undefined =>
  parseNumber(/^\s*\d+,\d+\s*$/.test(text) ? text.replace(',', '.') : text);

function resolve(amount: number, unit: UnitId, dimension: Dimension): ParsedAmount {
  if (unitEntry(unit).dimension !== dimension)
    return fault({ code: 'unit-of-other-dimension', unit, wanted: dimension });
  return { kind: 'amount', amount, unit, unitWritten: true };
}

function splitNumber(text: string): readonly string[] {
  const match = /^([+\-\u2212]?[\d.,\s\u00a0\u202f'’]*\d)(.*)$/.exec(text);
  return match ? [match[1] ?? '', match[2] ?? ''] : [text, ''];
}

/** `$14,000`, `A$ 14,000`, `EUR 9 500`: a sum with its sign in front, the sign put behind; a bare dollar is the field's own where that is one. */
function signBehind(text: string, fieldUnit: UnitId): string | undefined {
  const match = /^([A-Za-z]{0,3}[$€£]|[A-Za-z]{3})\s*([\d.,\s\u00a0\u202f'’]*\d)$/.exec(text);
  if (!match) return undefined;
  const [, sign = '', sum = ''] = match;
  return `${sum} ${sign === '$' && /^(?:USD|AUD|CAD|NZD)$/.test(fieldUnit) ? fieldUnit : sign}`;
}
