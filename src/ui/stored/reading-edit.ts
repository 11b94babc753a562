import {
  figureDefinition,
  figureUnit,
  findReadingFault,
  type Basis,
  type Figure,
  type FigureKey,
  type Origin,
  type Reading,
} from '@/core/readings';
import { parseAmount, parseNumber, unitEntry, type UnitId } from '@/core/units';
import type { Parsed } from '@/store/react';
import { amountFaultWords, readingFaultWords, trimmed, type Reader } from '../messages';
import { bothWays } from './amount-text';

export interface QuotedAmount {
  readonly amount: number;
  readonly unit: UnitId;
  /** Stated half-width in `unit`. */
  readonly spread?: number;
}

/** A reading's amount as quoted, for its field; a stated spread stands with it. */
export const quotedText = (reading: Reading | undefined): string =>
  reading
    ? `${trimmed(reading.amount)}${reading.spread === undefined ? '' : ` ± ${trimmed(reading.spread)}`} ${unitEntry(reading.unit).symbol}`.trim()
    : '';

/** What the rider typed as a quoted amount for this figure (`187 kg`, `187 ± 3 kg`, `95-115 mm`); empty text means that the reading goes. */
export function parseQuoted(
  key: FigureKey,
  text: string,
  reading: Reading | undefined,
  reader: Reader,
): Parsed<QuotedAmount | undefined> {
  if (text.trim() === '') return { kind: 'value', value: undefined };
  const { dimension, bases } = figureDefinition(key);
  const fieldUnit = reading?.unit ?? figureUnit(key, reader.units, reader.currency);
  const { plain, spread } = withoutSpread(text);
  if (spread !== undefined && !(spread >= 0))
    return {
      kind: 'fault',
      words: `“${text.trim()}” is not a figure with its spread. Write “187 ± 3 kg” or “95-115 mm”.`,
    };
  // `14.000 EUR`, `12.000 km`: thousands wherever the figure may be so large, else decimals.
  const ways = bothWays(plain)?.map((way) => parseAmount(way, dimension, fieldUnit));
  const parsed =
    ways?.find(
      (way) =>
        way.kind === 'amount' &&
        findReadingFault(key, {
          amount: way.amount,
          unit: way.unit,
          basis: reading?.basis ?? bases[0],
          origin: 'claimed',
          note: '',
        }) === undefined,
    ) ?? parseAmount(plain, dimension, fieldUnit);
  if (parsed.kind === 'fault') return { kind: 'fault', words: amountFaultWords(parsed.fault) };
  if (dimension === 'money' && !parsed.unitWritten && !reading)
    return { kind: 'fault', words: 'Which currency? Write it with the sum, such as “6 290 EUR”.' };
  const { amount, unit } = parsed;
  const fault = findReadingFault(key, {
    amount,
    unit,
    basis: reading?.basis ?? bases[0],
    origin: 'claimed',
    note: '',
  });
  return fault
    ? { kind: 'fault', words: readingFaultWords(fault) }
    : { kind: 'value', value: { amount, unit, ...(spread === undefined ? {} : { spread }) } };
}

/** `187 ± 3 kg` → `187 kg` and 3; `95-115 mm` → `105 mm` and 10; NaN where the spread is no number. */
function withoutSpread(text: string): {
  readonly plain: string;
  readonly spread: number | undefined;
} {
  const stated = /^(.*?)\s*(?:±|\+\/-|\+-)\s*(\S*?)\s*([^\d.,\s].*)?$/.exec(text.trim());
  if (stated)
    return {
      plain: `${stated[1] ?? ''} ${stated[3] ?? ''}`.trim(),
      spread: parseNumber(stated[2] ?? '') ?? Number.NaN,
    };
  const range = /^([\d.,]+)\s*(?:-|–|—|to)\s*([\d.,]+)(?![\d/])\s*(.*)$/.exec(text.trim());
  const [low, high] = [parseNumber(range?.[1] ?? ''), parseNumber(range?.[2] ?? '')];
  if (!range || low === undefined || high === undefined || high <= low)
    return { plain: text, spread: undefined };
  return {
    plain: `${trimmed((low + high) / 2, 6)} ${range[3] ?? ''}`.trim(),
    spread: (high - low) / 2,
  };
}

/** The figure with one reading's amount set, added (no reading given) or removed (no amount). `undefined`: nothing is left. */
export function withAmount(
  key: FigureKey,
  figure: Figure | undefined,
  reading: Reading | undefined,
  quoted: QuotedAmount | undefined,
  newId: string,
): Figure | undefined {
  const readings = figure?.readings ?? [];
  if (!quoted)
    return withReadings(
      figure,
      readings.filter((r) => r.id !== reading?.id),
    );
  if (!reading) {
    const made: Reading = {
      id: newId,
      ...quoted,
      basis: figureDefinition(key).bases[0],
      origin: 'claimed',
      note: '',
    };
    return withReadings(figure, [...readings.filter((r) => r.id !== newId), made]);
  }
  return withReadings(
    figure,
    readings.map((r) => {
      if (r.id !== reading.id) return r;
      const { spread: _spread, ...rest } = r;
      return { ...rest, ...quoted };
    }),
  );
}

/** The figure with one reading's basis, origin or note changed. */
export const withDetail = (
  figure: Figure,
  reading: Reading,
  detail: { readonly basis?: Basis; readonly origin?: Origin; readonly note?: string },
): Figure => ({
  ...figure,
  readings: figure.readings.map((r) => (r.id === reading.id ? { ...r, ...detail } : r)),
});

function withReadings(
  figure: Figure | undefined,
  readings: readonly Reading[],
): Figure | undefined {
  if (readings.length === 0) return undefined;
  const pinned = readings.some((r) => r.id === figure?.pinned) ? figure?.pinned : undefined;
  return pinned === undefined ? { readings } : { readings, pinned };
}
