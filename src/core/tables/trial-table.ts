import { FELT_KEYS, inOrder, type Trial } from '../evidence';
import { INSPECTION_KEYS, PAPER_POINTS, SELLER_QUESTIONS } from '../inspection';
import { FIGURE_KEYS } from '../readings';
import { FACT_KEYS } from '../facts';
import type { Table } from './donor-table';

const HEADINGS = [
  'Day',
  'Kind',
  'When',
  'Machine',
  'Where',
  'Minutes',
  'Luggage (kg)',
  'Kit on',
  'Tyres worn',
  'Conditions',
  'Parts on',
  'Feet',
  'Seat (mm)',
  'Heart (of 10)',
  'Lifted',
] as const;
const LISTS = ['Read', 'Facts', 'Good', 'Bad', 'To put right', 'Seller', 'Note'] as const;

type Cell = string | number;
const yes = (said: boolean | undefined): Cell => (said === undefined ? '' : said ? 'yes' : 'no');
const joined = (parts: readonly string[]): string => parts.join('; ');

/** Trials as rows, oldest first: one a trial, a mark of 0 to 4 for each thing felt, empty for what was not noted. Codes as they are stored. */
export const trialTable = (trials: readonly Trial[]): Table => ({
  headings: [...HEADINGS, ...FELT_KEYS, ...LISTS],
  rows: inOrder(trials).map(({ observed: o, conditions: c = {}, ...t }): readonly Cell[] => {
    const ticked = (tick: 'good' | 'bad') =>
      joined([...INSPECTION_KEYS, ...PAPER_POINTS].filter((point) => o.ticks?.[point] === tick));
    return [
      t.on ?? '',
      t.kind,
      t.when ?? '',
      t.machine,
      t.where ?? '',
      c.minutes ?? '',
      c.load_kg ?? '',
      yes(c.inKit),
      yes(c.wornTyres),
      c.words ?? '',
      joined(t.partIds ?? []),
      o.feet ?? '',
      o.seatHeight_mm ?? '',
      o.heart ?? '',
      o.lifted ?? '',
      ...FELT_KEYS.map((felt) => o.felt?.[felt] ?? ''),
      joined(
        FIGURE_KEYS.flatMap((key) => {
          const reading = o.figures?.[key];
          return reading ? [`${key} ${reading.amount} ${reading.unit} ${reading.basis}`] : [];
        }),
      ),
      joined(FACT_KEYS.flatMap((key) => (o.facts?.[key] ? [`${key}=${o.facts[key].value}`] : []))),
      ticked('good'),
      ticked('bad'),
      joined(
        (o.findings ?? []).map(({ what, cost }) =>
          cost ? `${what} ${cost.amount} ${cost.currency}` : what,
        ),
      ),
      joined(SELLER_QUESTIONS.flatMap((q) => (o.answers?.[q] ? [`${q}: ${o.answers[q]}`] : []))),
      t.note,
    ];
  }),
});
