import { afterEach, describe, expect, test } from 'vitest';
import { WISH_LIMITS } from '@/core/gearing';
import { SETUP_LIMITS, type SetUp } from '@/core/set-up';
import { demoDossier } from '@/demo/scenario';
import type { DossierStore } from '@/store/dossier-store';
import { findDifferences, formatDossierFile, parseDossierFile } from '@/store/files';
import type { Change } from '@/store/history';
import { partsOf, resolvedDonors, standing } from '@/store/queries';
import { removal, type Dossier } from '@/store/records';
import { recordFaultWords } from '@/ui/messages';
import { closeTabs, label, openTab } from './tabs';

afterEach(closeTabs);

const example = demoDossier();
const [demo] = Object.values(example.setups);
if (!demo) throw new Error('the example has a set-up sheet');
const sheet: SetUp = demo;

async function opened(): Promise<DossierStore> {
  const store = await openTab();
  store.replaceAll(example, label('open-example'));
  return store;
}
const put = (table: Change['table'], after: { readonly id: string }): Change => ({
  table,
  key: after.id,
  path: [],
  after,
});
const tried = (store: DossierStore, change: Change): string => {
  const outcome = store.execute({ label: label('try'), changes: [change] });
  return outcome.kind === 'refused' ? recordFaultWords(outcome.fault) : outcome.kind;
};
const withEnd = (rear: object, id = 'new'): SetUp => ({
  ...sheet,
  id,
  ends: { rear },
});

describe('set-up sheets at the door', () => {
  test.each([
    ['pitch_mm', SETUP_LIMITS.pitch_mm],
    ['turns', SETUP_LIMITS.turns],
    ['compression', SETUP_LIMITS.clicks],
    ['pressure_bar', SETUP_LIMITS.pressure_bar],
  ] as const)(
    '%s: both limits are taken, beyond either is refused',
    async (field, { min, max }) => {
      const store = await opened();
      expect(tried(store, put('setups', withEnd({ [field]: min }, 'a')))).toBe('done');
      expect(tried(store, put('setups', withEnd({ [field]: max }, 'b')))).toBe('done');
      expect(tried(store, put('setups', withEnd({ [field]: min - 0.1 }, 'c')))).not.toBe('done');
      expect(tried(store, put('setups', withEnd({ [field]: max + 0.1 }, 'd')))).not.toBe('done');
      expect(Object.keys(store.getState().dossier.setups).toSorted()).toEqual(
        ['a', 'b', sheet.id].toSorted(),
      );
    },
  );
  test('lengths the same; a nameless sheet and a day that is none are refused', async () => {
    const store = await opened();
    const { min, max } = SETUP_LIMITS.length_mm;
    const lengths = (mm: number, id: string) =>
      put('setups', withEnd({ readings: { extended_mm: mm } }, id));
    expect(tried(store, lengths(min, 'a'))).toBe('done');
    expect(tried(store, lengths(max, 'b'))).toBe('done');
    expect(tried(store, lengths(min - 1, 'c'))).not.toBe('done');
    expect(tried(store, lengths(max + 1, 'd'))).not.toBe('done');
    expect(tried(store, put('setups', { ...sheet, id: 'e', name: '' } as SetUp))).not.toBe('done');
    expect(tried(store, put('setups', { ...sheet, id: 'f', on: '2026-99-99' } as SetUp))).not.toBe(
      'done',
    );
  });
  test('a sheet of a machine that is not there is refused; it goes with its machine, and undo brings both back', async () => {
    const store = await opened();
    expect(tried(store, put('setups', { ...sheet, id: 'g', donorId: 'nobody' } as SetUp))).not.toBe(
      'done',
    );
    const gone = removal(example, [{ table: 'donors', key: sheet.donorId }]);
    expect(gone.map((r) => r.table)).toContain('setups');
    store.execute({ label: label('delete-donor'), changes: gone.map((r) => ({ ...r, path: [] })) });
    expect(store.getState().dossier.setups).toEqual({});
    store.undo();
    expect(store.getState().dossier).toEqual(example);
  });
  test('what is stored is read back the same, with its changes and their verdicts', async () => {
    const store = await openTab('setups-kept');
    store.replaceAll(example, label('open-example'));
    await store.settled();
    const again = await openTab('setups-kept');
    expect(again.getState().aside).toEqual([]);
    expect(again.getState().dossier.setups).toEqual(example.setups);
    expect(again.getState().dossier.trials).toEqual(example.trials);
  });
  test('a file holds it, and gives it back', () => {
    const parsed = parseDossierFile(formatDossierFile(example, '2026-11-27T00:00:00.000Z'));
    expect(parsed).toEqual({ kind: 'dossier', dossier: example });
  });
});

describe('what is asked of gears', () => {
  const of = (more: object) => ({ id: 'c-wren-230', ...more });
  test('limits of both wishes from both sides', async () => {
    const store = await opened();
    for (const [field, limits] of Object.entries(WISH_LIMITS)) {
      const at = (value: number) => {
        const before = store.getState().dossier.gearings['c-wren-230'];
        return tried(store, { ...put('gearings', of({ [field]: value })), before });
      };
      expect(at(limits.min), field).toBe('done');
      expect(at(limits.max), field).toBe('done');
      expect(at(limits.min - 1), field).not.toBe('done');
      expect(at(limits.max + 1), field).not.toBe('done');
    }
  });
  test('half a tooth is refused, and a pair of a candidate that is not there', async () => {
    const store = await opened();
    expect(tried(store, put('gearings', of({ trail: { front: 13.5, rear: 45 } })))).not.toBe(
      'done',
    );
    expect(tried(store, put('gearings', { id: 'nobody' }))).not.toBe('done');
    expect(tried(store, put('gearings', of({ trail: { front: 13, rear: 45 } })))).toBe('done');
  });
  test('it goes when its candidate leaves the shortlist', () => {
    const kept: Dossier = {
      ...example,
      gearings: { 'c-wren-230': { id: 'c-wren-230', crawl_kmh: 6 } },
    };
    const gone = removal(kept, [{ table: 'candidates', key: 'c-wren-230' }]);
    expect(gone.map((r) => `${r.table}/${r.key}`)).toContain('gearings/c-wren-230');
  });
  test('from another’s file it comes under the id that the candidate has here', () => {
    const mine: Dossier = {
      ...example,
      candidates: Object.fromEntries(
        Object.entries(example.candidates).map(([id, c]) =>
          id === 'c-wren-230' ? ['mine-wren', { ...c, id: 'mine-wren' }] : [id, c],
        ),
      ),
      builds: {},
    };
    const theirs: Dossier = {
      ...example,
      gearings: { 'c-wren-230': { id: 'c-wren-230', crawl_kmh: 6 } },
    };
    const found = findDifferences(mine, theirs).filter((d) => d.table === 'gearings');
    expect(found.map((d) => [d.key, d.theirs])).toEqual([
      ['mine-wren', { id: 'mine-wren', crawl_kmh: 6 }],
    ]);
  });
});

describe('a ride on a machine with parts of a build on', () => {
  const seat = {
    id: 'seen-seatHeight',
    amount: 790,
    unit: 'mm' as const,
    basis: 'standard-seat' as const,
    origin: 'measured' as const,
    note: '',
  };
  const ridden = (partIds?: readonly string[]): Dossier => ({
    ...example,
    trials: {
      ...example.trials,
      low: {
        id: 'low',
        kind: 'ride',
        on: '2026-11-20',
        donorId: 'drover-430',
        machine: 'Drover 430',
        observed: { figures: { seatHeight: seat } },
        note: '',
        ...(partIds ? { partIds } : {}),
      },
    },
  });
  const seatOf = (d: Dossier): number | undefined => {
    const entry = standing(d)?.candidates.find((c) => c.candidate.id === 'c-drover-430');
    const estimate = entry?.stock.figures.seatHeight.estimate;
    return estimate?.kind === 'known' ? estimate.mid : undefined;
  };
  test('as it stands its seat is read; with a low seat on, it says nothing of the stock one', () => {
    expect(partsOf(example)['seat-low']).toBeDefined();
    expect(seatOf(ridden())).toBe(790);
    expect(seatOf(ridden(['seat-low']))).toBe(seatOf(example));
    expect(seatOf(ridden(['handguards']))).toBe(790);
  });
  test('machines that nobody tried stay the records they are', () => {
    const donors = resolvedDonors(ridden(['seat-low']));
    expect(donors.get('bastion-1160')).toBe(example.donors['bastion-1160']);
  });
});
