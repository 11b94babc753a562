import type { Trial } from '@/core/evidence';
import type { SetUp } from '@/core/set-up';

const lent = {
  kind: 'ride' as const,
  donorId: 'wren-230',
  machine: 'Wren 230',
};

/** Two visits, and a month on a machine that a friend lent. Marks only: nothing of them moves a figure. */
export const DEMO_RIDES: readonly Trial[] = [
  {
    id: 'visit-sorrel',
    kind: 'ride',
    on: '2026-10-24',
    where: 'Marlhaven',
    when: 'first',
    donorId: 'sorrel-300',
    machine: 'Sorrel 300',
    conditions: { inKit: true, minutes: 25, words: 'cool, dry, dealer’s demonstrator' },
    observed: {
      felt: { pushing: 3, kneeRoom: 2, gearGaps: 3, windHelmet: 2, windChest: 2, stalls: 4 },
      heart: 7,
    },
    note: '',
  },
  {
    id: 'visit-drover',
    kind: 'ride',
    on: '2026-10-31',
    where: 'Marlhaven',
    when: 'first',
    donorId: 'drover-430',
    machine: 'Drover 430',
    conditions: { inKit: true, minutes: 35, words: 'cold, wet lanes, pressures as found' },
    observed: {
      felt: { buzz: 3, brakes: 3, lowPull: 2, reachSitting: 3, smallBumps: 2 },
      heart: 6,
    },
    note: '',
  },
  {
    ...lent,
    id: 'wren-first',
    on: '2026-10-03',
    when: 'first',
    conditions: { inKit: true, minutes: 50, words: 'dry, washboard' },
    observed: {
      felt: {
        pushing: 4,
        reachStanding: 2,
        lowPull: 3,
        buzz: 3,
        windHelmet: 3,
        windChest: 3,
        seat: 3,
        smallBumps: 4,
      },
      heart: 8,
    },
    note: 'Goes anywhere; did not want to give it back.',
  },
  {
    ...lent,
    id: 'wren-week',
    on: '2026-10-10',
    when: 'week',
    conditions: { inKit: true, minutes: 180, load_kg: 12 },
    observed: {
      felt: {
        pushing: 4,
        reachStanding: 1,
        lowPull: 2,
        buzz: 2,
        windHelmet: 2,
        windChest: 2,
        seat: 2,
        loadedFeel: 2,
      },
      heart: 8,
    },
    note: 'Buzz in the bar as soon as it is held at the cruise.',
  },
  {
    ...lent,
    id: 'wren-month',
    on: '2026-11-02',
    when: 'month',
    conditions: { inKit: true, minutes: 240, load_kg: 20, wornTyres: true },
    observed: {
      felt: {
        pushing: 4,
        reachStanding: 1,
        lowPull: 2,
        buzz: 1,
        windHelmet: 2,
        windChest: 2,
        seat: 1,
        smallBumps: 4,
      },
      heart: 7,
    },
    note: 'After an hour the seat is a plank.',
  },
];

/** The lent machine as it was set, with three changes on the same piece of track. */
export const DEMO_SETUPS: readonly SetUp[] = [
  {
    id: 'wren-october',
    donorId: 'wren-230',
    name: 'As lent',
    on: '2026-10-11',
    load: 'solo',
    school: 'adventure',
    ends: {
      rear: {
        tool: 'tape',
        readings: {
          extended_mm: 585,
          freeAbove_mm: 565,
          freeBelow_mm: 571,
          riderAbove_mm: 516,
          riderBelow_mm: 524,
        },
        pitch_mm: 1.5,
        turns: 3,
        turnsMost: 12,
        rebound: 10,
        pressure_bar: 1.8,
      },
      front: {
        tool: 'tape',
        readings: {
          extended_mm: 742,
          freeAbove_mm: 697,
          freeBelow_mm: 705,
          riderAbove_mm: 683,
          riderBelow_mm: 692,
        },
        compression: 12,
        pressure_bar: 1.7,
      },
    },
    changes: [
      {
        id: 'wren-change-1',
        on: '2026-10-12',
        end: 'rear',
        what: 'rebound',
        from: '10 clicks',
        to: '12 clicks',
        verdict: 'same',
        words: '',
      },
      {
        id: 'wren-change-2',
        on: '2026-10-12',
        end: 'front',
        what: 'compression',
        from: '12 clicks',
        to: '15 clicks',
        verdict: 'better',
        words: '',
      },
      {
        id: 'wren-change-3',
        on: '2026-10-18',
        end: 'rear',
        what: 'preload',
        from: '1 turn',
        to: '3 turns',
        verdict: 'better',
        words: '',
      },
    ],
    note: 'The washboard behind the quarry, same two kilometres each time.',
  },
];
