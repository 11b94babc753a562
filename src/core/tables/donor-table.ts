import type { Donor } from '../donor';
import { factInUse } from '../facts';
import {
  figureDefinition,
  figureUnit,
  readingInUse,
  type Basis,
  type FigureKey,
  type Reading,
} from '../readings';
import { SHEET_KEYS, type SheetKey } from '../sheet';
import { isFactKey } from '../facts';
import { convert, unitEntry, type CurrencyCode, type UnitId, type UnitSystem } from '../units';

/** A table ready to be written: text and numbers, never formulas. */
export interface Table {
  readonly headings: readonly string[];
  readonly rows: readonly (readonly (string | number | undefined)[])[];
}

export interface TableSetting {
  readonly units: UnitSystem;
  readonly currency: CurrencyCode;
  readonly nameOf: (key: SheetKey) => string;
  /** Words for a basis, empty where the trade has only one. */
  readonly basisOf: (basis: Basis) => string;
}

/**
 * Donors as a table: one column for each figure, unit and basis that occurs, so that every number is what was quoted, in one
 * unit a column. Money keeps its own currency, a column each. Read back by `guessColumns` and `readDonorRow`.
 */
export function donorTable(donors: readonly Donor[], setting: TableSetting): Table {
  const columns = figureColumns(donors, setting);
  const facts = SHEET_KEYS.filter(isFactKey).filter((key) =>
    donors.some((d) => factInUse(d.facts?.[key])),
  );
  const headings = [
    'Maker',
    'Model',
    'Version',
    'Class',
    ...columns.map((c) => c.heading),
    ...facts.map(setting.nameOf),
    'Tags',
    'Note',
  ];
  const rows = donors.map((d) => [
    d.maker,
    d.model,
    d.version,
    d.donorClass as string,
    ...columns.map(({ key, unit, basis }) => {
      const reading = readingInUse(d.figures[key]);
      if (!reading || reading.basis !== basis) return undefined;
      return amountIn(reading, key, unit);
    }),
    ...facts.map((key) => factInUse(d.facts?.[key])?.value),
    (d.tags ?? []).join(', '),
    d.note,
  ]);
  return { headings, rows };
}

interface FigureColumn {
  readonly key: FigureKey;
  readonly unit: UnitId;
  readonly basis: Basis;
  readonly heading: string;
}

function figureColumns(donors: readonly Donor[], setting: TableSetting): readonly FigureColumn[] {
  const columns = new Map<string, FigureColumn>();
  for (const key of SHEET_KEYS) {
    if (isFactKey(key)) continue;
    for (const donor of donors) {
      const reading = readingInUse(donor.figures[key]);
      if (!reading) continue;
      const unit =
        figureDefinition(key).dimension === 'money'
          ? reading.unit
          : figureUnit(key, setting.units, setting.currency);
      const id = `${key} ${unit} ${reading.basis}`;
      if (columns.has(id)) continue;
      const details = [unitEntry(unit).symbol, setting.basisOf(reading.basis)]
        .filter(Boolean)
        .join(', ');
      columns.set(id, {
        key,
        unit,
        basis: reading.basis,
        heading: details ? `${setting.nameOf(key)} (${details})` : setting.nameOf(key),
      });
    }
  }
  return [...columns.values()];
}

/** Six places are enough to come back to what was quoted. */
function amountIn(reading: Reading, key: FigureKey, unit: UnitId): number | undefined {
  if (figureDefinition(key).dimension === 'money')
    return reading.unit === unit ? reading.amount : undefined;
  return Number(convert(reading.amount, reading.unit, unit).toFixed(6));
}
