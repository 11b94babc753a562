import { figureDefinition, findReadingFault, type Basis, type Figure, type FigureKey, type Origin, type Reading } from '@/core/readings';
import { parseAmount, preferredUnit, unitEntry, type UnitId } from '@/core/units';
import type { Parsed } from '@/store/react';
import { amountFaultWords, readingFaultWords, trimmed, type Reader } from '@/ui/messages';

export interface QuotedAmount {
  readonly amount: number;
  readonly unit: UnitId;
}

/** A reading's amount as quoted, for its field. */
export const quotedText = (reading: Reading | undefined): string => (reading ? `${trimmed(reading.amount)} ${unitEntry(reading.unit).symbol}` : '');

/** What the rider typed as a quoted amount for this figure; empty text means that the reading goes. */
export function parseQuoted(key: FigureKey, text: string, reading: Reading | undefined, reader: Reader): Parsed<QuotedAmount | undefined> {
  if (text.trim() === '') return { kind: 'value', value: undefined };
  const { dimension, bases } = figureDefinition(key);
  const fieldUnit = reading?.unit ?? preferredUnit(dimension, reader.units, reader.currency);
  const parsed = parseAmount(text, dimension, fieldUnit);
  if (parsed.kind === 'fault') return { kind: 'fault', words: amountFaultWords(parsed.fault) };
  if (dimension === 'money' && !parsed.unitWritten && !reading) return { kind: 'fault', words: 'Which currency? Write it with the sum, such as “6 290 EUR”.' };
  const { amount, unit } = parsed;
  const fault = findReadingFault(key, { amount, unit, basis: reading?.basis ?? bases[0], origin: 'claimed', note: '' });
  return fault ? { kind: 'fault', words: readingFaultWords(fault) } : { kind: 'value', value: { amount, unit } };
}

/** The figure with one reading's amount set, added (no reading given) or removed (no amount). `undefined`: nothing is left. */
export function withAmount(key: FigureKey, figure: Figure | undefined, reading: Reading | undefined, quoted: QuotedAmount | undefined, newId: string): Figure | undefined {
  const readings = figure?.readings ?? [];
  if (!quoted) return withReadings(figure, readings.filter((r) => r.id !== reading?.id));
  if (!reading) {
    const made: Reading = { id: newId, ...quoted, basis: figureDefinition(key).bases[0], origin: 'claimed', note: '' };
    return withReadings(figure, [...readings.filter((r) => r.id !== newId), made]);
  }
  return withReadings(figure, readings.map((r) => (r.id === reading.id ? { ...r, ...quoted } : r)));
}

/** The figure with one reading's basis, origin or note changed. */
export const withDetail = (figure: Figure, reading: Reading, detail: { readonly basis?: Basis; readonly origin?: Origin; readonly note?: string }): Figure => ({
  ...figure, readings: figure.readings.map((r) => (r.id === reading.id ? { ...r, ...detail } : r)),
});

function withReadings(figure: Figure | undefined, readings: readonly Reading[]): Figure | undefined {
  if (readings.length === 0) return undefined;
  const pinned = readings.some((r) => r.id === figure?.pinned) ? figure?.pinned : undefined;
  return pinned === undefined ? { readings } : { readings, pinned };
}
