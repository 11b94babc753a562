import { afterEach, describe, expect, test } from 'vitest';
import {
  FELT_KEYS,
  MOST_FELT,
  MOST_HEART,
  seenTogether,
  TRIAL_TIMES,
  type Observed,
  type Trial,
} from '@/core/evidence';
import { SELLER_ANSWER_MOST } from '@/core/inspection';
import { demoDossier } from '@/demo/scenario';
import type { DossierStore } from '@/store/dossier-store';
import { shortlistOnly } from '@/store/files';
import { standing } from '@/store/queries';
import { TRIAL_LIMITS, type Dossier } from '@/store/records';
import { dropTrial, putTrial } from '@/store/trial-changes';
import { recordFaultWords } from '@/ui/messages';
import { closeTabs, label, openTab } from './tabs';

afterEach(closeTabs);

const example = demoDossier();
const ride = (id: string, observed: Observed = {}, more: Partial<Trial> = {}): Trial => ({
  id,
  kind: 'ride',
  on: '2026-11-01',
  donorId: 'drover-430',
  machine: 'Drover 430',
  observed,
  note: '',
  ...more,
});
async function opened(): Promise<DossierStore> {
  const store = await openTab();
  store.replaceAll(example, label('open-example'));
  return store;
}
const taken = (store: DossierStore, trial: Trial): boolean =>
  store.execute({ label: label('ride'), changes: [putTrial(undefined, trial)] }).kind === 'done';

describe('rides at the door', () => {
  test('every mark from 0 to the top of its scale, none beyond, none between', async () => {
    const store = await opened();
    for (const [i, felt] of FELT_KEYS.entries()) {
      expect(taken(store, ride(`low-${i}`, { felt: { [felt]: 0 } })), felt).toBe(true);
      expect(taken(store, ride(`high-${i}`, { felt: { [felt]: MOST_FELT } })), felt).toBe(true);
    }
    expect(taken(store, ride('over', { felt: { buzz: MOST_FELT + 1 } }))).toBe(false);
    expect(taken(store, ride('under', { felt: { buzz: -1 } }))).toBe(false);
    expect(taken(store, ride('half', { felt: { buzz: 1.5 } }))).toBe(false);
    expect(taken(store, ride('other', { felt: { colour: 3 } as Observed['felt'] }))).toBe(false);
  });
  test('the heart from 0 to 10', async () => {
    const store = await opened();
    expect(taken(store, ride('a', { heart: 0 }))).toBe(true);
    expect(taken(store, ride('b', { heart: MOST_HEART }))).toBe(true);
    expect(taken(store, ride('c', { heart: MOST_HEART + 1 }))).toBe(false);
    expect(taken(store, ride('d', { heart: -1 }))).toBe(false);
  });
  test('where it buzzes: within its limits, and from the lower to the higher', async () => {
    const store = await opened();
    const { min, max } = TRIAL_LIMITS.buzz_kmh;
    const buzzes = (from_kmh: number, to_kmh: number) =>
      taken(store, ride(`z-${from_kmh}-${to_kmh}`, { buzz: { from_kmh, to_kmh } }));
    expect(buzzes(min, max)).toBe(true);
    expect(buzzes(90, 90)).toBe(true);
    expect(buzzes(91, 90)).toBe(false);
    expect(buzzes(min - 1, 90)).toBe(false);
    expect(buzzes(90, max + 1)).toBe(false);
  });
  test('minutes and load within their limits, and a fault is a sentence', async () => {
    const store = await opened();
    for (const field of ['minutes', 'load_kg'] as const) {
      const { min, max } = TRIAL_LIMITS[field];
      const at = (value: number) =>
        ride(`${field}-${value}`, {}, { conditions: { [field]: value } });
      expect(taken(store, at(min)), field).toBe(true);
      expect(taken(store, at(max)), field).toBe(true);
      expect(taken(store, at(max + 1)), field).toBe(false);
      expect(taken(store, at(min - 1)), field).toBe(false);
      const outcome = store.execute({
        label: label('ride'),
        changes: [putTrial(undefined, at(max + 1))],
      });
      expect(outcome.kind === 'refused' && recordFaultWords(outcome.fault)).toMatch(/\d/);
    }
  });
  test('each time of asking is taken, another word is not', async () => {
    const store = await opened();
    for (const when of TRIAL_TIMES) expect(taken(store, ride(when, {}, { when }))).toBe(true);
    expect(taken(store, ride('later', {}, { when: 'year' as Trial['when'] }))).toBe(false);
  });
  test('parts that are gone are let go of, the ride stays', async () => {
    const store = await opened();
    expect(taken(store, ride('p', {}, { partIds: ['handguards'] }))).toBe(true);
    expect(taken(store, ride('q', {}, { partIds: ['nothing-like-it'] }))).toBe(false);
  });
  test('taken back and brought again by undo', async () => {
    const store = await opened();
    const trial = ride('back', { heart: 5 });
    taken(store, trial);
    store.execute({ label: label('delete'), changes: [dropTrial(trial)] });
    expect(store.getState().dossier.trials.back).toBeUndefined();
    store.undo();
    expect(store.getState().dossier.trials.back).toEqual(trial);
  });
});

describe('what the seller said', () => {
  test('to so many letters, to questions that are asked, and never nothing', async () => {
    const store = await opened();
    const said = (answers: object) =>
      taken(store, ride(`s${JSON.stringify(answers).length}`, { answers }));
    expect(said({ keys: 'x'.repeat(SELLER_ANSWER_MOST) })).toBe(true);
    expect(said({ keys: 'x'.repeat(SELLER_ANSWER_MOST + 1) })).toBe(false);
    expect(said({ keys: '' })).toBe(false);
    expect(said({ weather: 'fine' })).toBe(false);
  });
  test('the last answer to a question counts, and an older one to another stays', () => {
    const early = ride('a', { answers: { keys: 'two', fallen: 'never' } }, { on: '2026-05-01' });
    const late = ride('b', { answers: { keys: 'one' } }, { on: '2026-06-01' });
    expect(seenTogether([late, early]).answers).toEqual({ keys: 'one', fallen: 'never' });
  });
});

describe('what marks do not do', () => {
  const marked: Dossier = {
    ...example,
    trials: {
      ...example.trials,
      m: ride('m', { felt: { buzz: 0, brakes: 0, seat: 0 }, heart: 0, lifted: 'not-alone' }),
    },
  };
  test('they move no figure, no fit and no place: the order is the sheet’s', () => {
    const [before, after] = [standing(example), standing(marked)];
    expect(after?.stockRanking.map((r) => r.id)).toEqual(before?.stockRanking.map((r) => r.id));
    expect(after?.candidates.map((c) => c.stockScore.points.mid)).toEqual(
      before?.candidates.map((c) => c.stockScore.points.mid),
    );
  });
  test('they go to nobody else: a shared shortlist holds neither marks nor the words beside them', () => {
    const shared = shortlistOnly({
      ...marked,
      trials: {
        ...marked.trials,
        n: ride(
          'n',
          { heart: 9, answers: { keys: 'only one key' } },
          { note: 'mine alone', conditions: { words: 'in the rain' } },
        ),
      },
    });
    const text = JSON.stringify(shared.trials);
    expect(shared.trials.n).toBeDefined();
    for (const word of ['heart', 'felt', 'lifted', 'mine alone', 'in the rain', 'only one key'])
      expect(text, word).not.toContain(word);
  });
});
