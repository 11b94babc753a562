import { DONOR_CLASSES, type Donor, type DonorClass } from '../donor';
import { factDefinition, isFactValue, type Fact, type FactKey } from '../facts';
import {
  figureDefinition,
  findReadingFault,
  type Figure,
  type FigureKey,
  type Origin,
  type Reading,
  type ReadingFault,
} from '../readings';
import { parseAmount, preferredUnit, type AmountFault } from '../units';
import { isAtAPrice, readFactValue } from '../spec-text';
import type { ColumnTarget } from './column-target';

export type CellFault =
  | AmountFault
  | ReadingFault
  | { readonly code: 'unit-unsaid' }
  | {
      readonly code: 'class-unknown';
      readonly text: string;
      readonly classes: readonly DonorClass[];
    }
  | { readonly code: 'not-an-option'; readonly text: string; readonly options: readonly string[] }
  | { readonly code: 'too-long'; readonly most: number }
  | { readonly code: 'no-name' };

export interface RowFault {
  /** Column, from 0; the whole row where absent. */
  readonly column?: number;
  readonly fault: CellFault;
}

export interface RowSetting {
  readonly columns: readonly ColumnTarget[];
  /** Who says so, for every figure of the table. */
  readonly origin: Origin;
  /** Where the figures come from, in the rider's words. */
  readonly note: string;
  readonly donorClass: DonorClass;
  /** A fresh id for the donor; readings get ids of their own from it. */
  readonly id: string;
}

export type RowResult =
  | { readonly kind: 'donor'; readonly donor: Donor }
  | { readonly kind: 'empty' }
  | { readonly kind: 'faults'; readonly faults: readonly RowFault[] };

const LONGEST: Readonly<Record<string, number>> = {
  maker: 80,
  model: 120,
  version: 120,
  note: 4000,
  tags: 300,
};
/** Cells that say "nobody has written anything here". */
const NOTHING = /^(?:|-|–|—|n\/?a|\?|not known|unknown|tbd|tba)$/i;

/** One row of a table as a donor, or everything that is wrong with it, cell by cell. Never throws. */
export function readDonorRow(cells: readonly string[], setting: RowSetting): RowResult {
  const faults: RowFault[] = [];
  const texts: Record<string, string> = {};
  const figures: Partial<Record<FigureKey, Figure>> = {};
  const facts: Partial<Record<FactKey, Fact>> = {};
  if (cells.every((c) => c.trim() === '')) return { kind: 'empty' };
  setting.columns.forEach((target, column) => {
    // A quote mark set before a sign keeps spreadsheets from calculating; it is not part of the text.
    const cell = (cells[column] ?? '').trim().replace(/^'(?=[=+\-@\t\r])/, '');
    if (target.kind === 'ignore' || NOTHING.test(cell)) return;
    const fail = (fault: CellFault) => faults.push({ column, fault });
    const id = `${setting.id}-${column}`;
    if (target.kind === 'text') {
      const most = LONGEST[target.column];
      if (most !== undefined && cell.length > most) fail({ code: 'too-long', most });
      texts[target.column] = cell;
    } else if (target.kind === 'fact') {
      const value = factValue(target.key, cell);
      if (value === undefined && isAtAPrice(cell)) return;
      if (value === undefined)
        fail({ code: 'not-an-option', text: cell, options: optionsOf(target.key) });
      else
        facts[target.key] = {
          readings: [{ id, value, origin: setting.origin, note: setting.note }],
        };
    } else {
      const reading = readCell(cell, target, { id, origin: setting.origin, note: setting.note });
      if ('code' in reading) fail(reading);
      else figures[target.key] = { readings: [...(figures[target.key]?.readings ?? []), reading] };
    }
  });
  const donorClass =
    texts.donorClass === undefined ? setting.donorClass : classOf(texts.donorClass);
  if (donorClass === undefined)
    faults.push({
      column: setting.columns.findIndex((t) => t.kind === 'text' && t.column === 'donorClass'),
      fault: { code: 'class-unknown', text: texts.donorClass ?? '', classes: DONOR_CLASSES },
    });
  if (!texts.maker && !texts.model) faults.push({ fault: { code: 'no-name' } });
  if (faults.length > 0 || donorClass === undefined) return { kind: 'faults', faults };
  const tags = (texts.tags ?? '')
    .split(/[,;|]/)
    .map((t) => t.trim().slice(0, 30))
    .filter(Boolean)
    .slice(0, 20);
  return {
    kind: 'donor',
    donor: {
      kind: 'model',
      id: setting.id,
      maker: texts.maker ?? '',
      model: texts.model ?? '',
      version: texts.version ?? '',
      donorClass,
      figures,
      note: texts.note ?? '',
      ...(Object.keys(facts).length > 0 ? { facts } : {}),
      ...(tags.length > 0 ? { tags } : {}),
    },
  };
}

type FigureTarget = Extract<ColumnTarget, { kind: 'figure' }>;

function readCell(
  cell: string,
  { key, unit, basis }: FigureTarget,
  rest: Pick<Reading, 'id' | 'origin' | 'note'>,
): Reading | CellFault {
  const { dimension } = figureDefinition(key);
  const parsed = parseAmount(cell, dimension, unit ?? preferredUnit(dimension, 'metric', 'EUR'));
  if (parsed.kind === 'fault') return parsed.fault;
  if (unit === undefined && !parsed.unitWritten) return { code: 'unit-unsaid' };
  const reading = { ...rest, amount: parsed.amount, unit: parsed.unit, basis };
  return findReadingFault(key, reading) ?? reading;
}

const plain = (text: string) =>
  text
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '');
/** Other words for a class, as tables write it. */
const CLASS_ALIASES: Readonly<Record<DonorClass, readonly string[]>> = {
  'air-trail-single': [
    'light air-cooled trail single',
    'air-cooled trail',
    'trail single',
    'trail bike',
  ],
  'dual-sport-single': ['liquid-cooled dual-sport single', 'dual-sport', 'dual sport', 'dualsport'],
  'long-range-dual-sport': [
    'dual-sport single, fairing and large tank',
    'long range',
    'rally single',
  ],
  'competition-single': ['competition-derived single', 'competition', 'enduro', 'hard enduro'],
  'road-adventure-single': [
    'small road-based adventure single',
    'small adventure',
    'adventure single',
  ],
  'scrambler-single': ['mid-size scrambler single', 'scrambler'],
  'rally-twin': ['mid-size rally twin', 'rally', 'mid-size twin', 'middleweight adventure'],
  'road-v-twin': ['older road-based v-twin tourer', 'v-twin', 'v-twin tourer'],
  'large-adventure-twin': ['large adventure twin', 'big twin', 'large adventure', 'adventure twin'],
};
const classOf = (text: string): DonorClass | undefined =>
  DONOR_CLASSES.find((c) => c === plain(text)) ??
  DONOR_CLASSES.find((c) => CLASS_ALIASES[c].some((a) => plain(a) === plain(text)));

function optionsOf(key: FactKey): readonly string[] {
  const definition = factDefinition(key);
  return definition.kind === 'choice' ? definition.options : ['90/90-21'];
}

function factValue(key: FactKey, cell: string): string | undefined {
  if (isFactValue(key, cell)) return cell;
  const value = plain(cell);
  return isFactValue(key, value) ? value : readFactValue(key, cell);
}
