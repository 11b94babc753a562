import { spelt } from '../vocabulary/letters';
import { convert, isUnitId, unitEntry } from '../../units';
import type { Quantity } from '../lattice/quantity';
import type { Mention } from '../vocabulary/lexicon';
import type { ScannedLine } from './scanned-line';

/**
 * What no motorcycle has that a rider would look at, base units; well outside the spans of the classes. Below `some` it is a difference
 * ("seat 30 mm lower"), and says nothing. Own assumption.
 */
const BEYOND = {
  seatHeight: { some: 250, least: 540, most: 1120 },
  mass: { some: 3, least: 60, most: 600 },
  tank: { some: 2, least: 2, most: 60 },
  wheels: { some: 200, least: 330, most: 620 },
  wheelbase: { some: 700, least: 1150, most: 1720 },
} as const;
type Judged = keyof typeof BEYOND;

const DIMENSION = {
  seatHeight: 'length',
  mass: 'mass',
  tank: 'volume',
  wheels: 'length',
  wheelbase: 'length',
} as const;
const BASE = { length: 'mm', mass: 'kg', volume: 'L' } as const;

/** Less power than this drives no motorcycle on a road, kW. Own assumption. */
const LEAST_POWER = 3.2;

/** "0.2 kW/kg", as a licence puts it. */
const PER_MASS = /^ ?(?:\/|per |pro |par |por |al |je )/iu;

/** "Power is up 2 hp", "12 kg lighter": so much more or less, and nothing's own. */
const DIFFERS_BY = spelt(
  /(?<!\p{L})(?:up|down|by|gain(?:s|ed)?|los(?:es|t|ing)|sav(?:es|ed|ing)|another|extra|drops?|dropped|falls?|fell|ris(?:es|en)|rose|climbs?|climbed|grow(?:s|n)|grew|jumps?|jumped|increase[sd]?|reduced?|gagne|perd|steigt|sinkt|sube|baja|gana|pierde|sale|scende|guadagna|perde|(?:rise|increase|gain|loss|drop|difference|saving) of|um|plus|minus|de|di)(?: by)?(?: about| around| a| some)? ?[+-]?$/iu,
);
const MORE_OR_LESS = spelt(
  /^ ?(?:(?:kg|lbs?|hp|ps|kw|cv|ch|mm) )?(?:more|less|fewer|extra|up|down|gain|lighter|heavier|lower|higher|taller|shorter|longer|mehr|weniger|leichter|schwerer|niedriger|höher|stärker|de plus|de moins|más|menos|in più|in meno|di più|di meno)(?!\p{L})/iu,
);
const isDifference = (line: string, q: Quantity): boolean =>
  DIFFERS_BY.test(line.slice(Math.max(0, q.from - 32), q.from)) ||
  MORE_OR_LESS.test(line.slice(q.to, q.to + 24));

/** How far a label may stand before its quantity, in characters; behind it, it follows at once. */
const NEAR = 14;

const isJudged = (name: string): name is Judged => name in BEYOND;

/** The figures of these that a word names; a way of weighing names a mass. */
const named = (m: Mention): readonly Judged[] =>
  m.meanings.flatMap((x): readonly Judged[] =>
    x.kind === 'label' && isJudged(x.name)
      ? [x.name]
      : x.kind === 'label' && (x.name === 'wheelFront' || x.name === 'wheelRear')
        ? ['wheels']
        : x.kind === 'basis' && (x.basis === 'dry' || x.basis === 'ready')
          ? ['mass']
          : [],
  );

const inBase = (q: Quantity, unit: 'mm' | 'kg' | 'L' | 'kW'): number | undefined =>
  q.unit !== undefined &&
  isUnitId(q.unit) &&
  unitEntry(q.unit).dimension === unitEntry(unit).dimension &&
  q.amounts[0] !== undefined
    ? convert(q.amounts[0], q.unit, unit)
    : undefined;

/** "868 mm de selle pour mon 1,74 m": as tall as a rider, mm. */
const isStature = (key: Judged, value: number): boolean =>
  key === 'seatHeight' && value >= 1400 && value <= 2150;

/** Whether every way to read the mark of a number lies beyond: `1.340 kg` may be either. */
const isBeyond = (q: Quantity, key: Judged): boolean => {
  const { some, least, most } = BEYOND[key];
  return q.amounts.every((amount) => {
    const value = inBase({ ...q, amounts: [amount] }, BASE[DIMENSION[key]]);
    if (value === undefined || isStature(key, value)) return false;
    return value >= some && (value < least || value > most);
  });
};

/** Nothing but a few words lies between. */
function isBeside(line: string, m: Mention, q: Quantity): boolean {
  const first = m.to <= q.from;
  const gap = first ? line.slice(m.to, q.from) : line.slice(q.to, m.from);
  return (
    gap.length <= (first ? NEAR : 2) && !/[\d,;.]|(?<!\p{L})(?:by|within|and)(?!\p{L})/u.test(gap)
  );
}

/**
 * Figures of which a text tells what no motorcycle has: a seat at 460 mm, 3.4 kg, a tank of 120 litres, 2 kW. Each kind counts once;
 * nothing is said of a text without any, nor by a difference ("up 2 hp").
 */
export function beyondAny(lines: readonly ScannedLine[]): number {
  const found = new Set<string>();
  for (const { line, mentions, quantities } of lines)
    for (const q of quantities.filter((x) => !isDifference(line, x))) {
      const power = inBase(q, 'kW');
      if (power !== undefined && power < LEAST_POWER && !PER_MASS.test(line.slice(q.to)))
        found.add('power');
      for (const m of mentions)
        for (const key of named(m)) if (isBeside(line, m, q) && isBeyond(q, key)) found.add(key);
    }
  return found.size;
}
