import { GROUNDS } from '@/core/brief';
import type { Fact } from '@/core/facts';
import type { Figure } from '@/core/readings';
import type { Difference } from '@/store/files';
import { formatQuoted, formatWithUnit, trimmed, type Reader } from './format';
import { GROUND_WORDS } from './brief-words';
import { nameWords } from './name-words';
import { ORIGIN_WORDS } from './figure-words';
import { optionWords } from './fact-words';
import { inSentence } from './in-sentence';

const OWN_WORDS: Readonly<Record<string, string>> = {
  partIds: 'parts chosen',
  stages: 'stages',
  pinned: 'always planned',
  banned: 'never planned',
  notes: 'likes and dislikes',
  weakPoints: 'weak points',
  ground: 'the ground',
  schools: 'what they believe',
  swings: 'what counts',
  ownNeeds: 'needs as felt',
  purposes: 'purposes',
  without: 'shipped parts taken out',
  observed: 'what was seen',
  baseId: 'the model it is one of',
  machine: 'the machine itself',
  'rider.skill': 'dirt skill',
  'rider.licence': 'licence',
  'trip.name': 'name of the trip',
  'trip.days': 'days',
  'money.currency': 'currency',
  'money.rates': 'exchange rates',
  'money.ownSpanners': 'own spanners',
  'musts.on': 'musts',
  'musts.stance': 'how the feet must reach',
  price: 'price',
  effects: 'effects',
  mass_kg: 'mass, kg',
  fitting_h: 'fitting, h',
  leadTime_days: 'lead time, days',
};

/** Which field of a record differs; empty for a whole record. */
export function differenceName({ table, path }: Pick<Difference, 'table' | 'path'>): string {
  if (path.length === 0) return '';
  const joined = path.join('.');
  if (table === 'donors' && path.length === 2) return inSentence(path[1] ?? '');
  return (
    OWN_WORDS[joined] ??
    (nameWords(joined) === joined ? (OWN_WORDS[path[0] ?? ''] ?? joined) : inSentence(joined))
  );
}

const LONGEST = 160;
const cut = (text: string): string =>
  text.length > LONGEST ? `${text.slice(0, LONGEST - 1)}…` : text;

/** One side of a difference in a line. `name` gives words for the ids of parts. */
export function sideWords(
  { table, path }: Pick<Difference, 'table' | 'path'>,
  value: unknown,
  name: (id: string) => string,
  reader: Reader,
): string {
  if (value === undefined) return 'nothing';
  if (table === 'donors' && path[0] === 'figures' && path.length === 2)
    return cut(
      (value as Figure).readings
        .map(
          (r) =>
            `${formatQuoted(r.amount, r.unit)}${r.spread === undefined ? '' : ` ± ${trimmed(r.spread)}`} (${ORIGIN_WORDS[r.origin]})`,
        )
        .join('; '),
    );
  if (table === 'donors' && path[0] === 'facts' && path.length === 2)
    return cut(
      (value as Fact).readings
        .map((r) => `${optionWords(path[1] ?? '', r.value)} (${ORIGIN_WORDS[r.origin]})`)
        .join('; '),
    );
  if (table === 'briefs' && typeof value === 'number') return briefFigure(path, value, reader);
  if (path[0] === 'ground') {
    const shares = value as Readonly<Record<string, number>>;
    return GROUNDS.filter((g) => (shares[g] ?? 0) > 0)
      .map((g) => `${shares[g]} % ${GROUND_WORDS[g].toLowerCase()}`)
      .join(', ');
  }
  return cut(plain(value, name)) || 'nothing';
}

const DIMENSIONS = { kg: 'mass', mm: 'length', km: 'distance', kmh: 'speed' } as const;

/** A figure of the brief with its unit, which its key ends in; sums are in the brief's currency. */
function briefFigure(path: readonly string[], value: number, reader: Reader): string {
  const unit = /_([A-Za-z]+)$/.exec(path.at(-1) ?? '')?.[1] ?? '';
  if (unit in DIMENSIONS)
    return formatWithUnit(value, DIMENSIONS[unit as keyof typeof DIMENSIONS], reader);
  return `${trimmed(value)}${unit === 'percent' ? ' %' : unit === 'm' ? ' m' : unit === 'C' ? ' °C' : path[0] === 'money' && path[1] !== 'yearsKept' ? ` ${reader.currency}` : ''}`;
}

/** Any plain value, lists as lists, records by what they are called. */
function plain(value: unknown, name: (id: string) => string): string {
  if (typeof value === 'string') return name(value);
  if (typeof value === 'number') return trimmed(value);
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (Array.isArray(value)) return value.map((v) => plain(v, name)).join(', ');
  if (typeof value !== 'object' || value === null) return '';
  const record = value as Readonly<Record<string, unknown>>;
  const called = record.what ?? record.name ?? record.machine;
  if (typeof called === 'string') return called;
  if (typeof record.amount === 'number' && typeof record.currency === 'string')
    return `${trimmed(record.amount)} ${record.currency}`;
  return Object.entries(record)
    .filter(([key]) => key !== 'id')
    .map(([key, inner]) => `${name(key)}: ${plain(inner, name)}`)
    .join('; ');
}
