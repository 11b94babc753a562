import { describe, expect, test } from 'vitest';
import { gearingLine, setUpLine, trialsLine, type StripFacts } from '@/features/shell/live-lines';
import { EMPTY_DOSSIER, type Dossier } from '@/store/records';
import { dossier, standingOf } from '../store/demo-standing';

const facts = (of: Dossier, more: Partial<StripFacts> = {}): StripFacts => ({
  dossier: of,
  standing: of === EMPTY_DOSSIER ? undefined : standingOf(of),
  storage: { kind: 'saved' },
  keeping: 'promised',
  reader: { units: 'metric', currency: 'EUR' },
  ...more,
});

describe('live lines of what is ridden', () => {
  test('nothing tried, no sheet, no shortlist', () => {
    expect(trialsLine(facts(EMPTY_DOSSIER))).toBe('nothing tried yet');
    expect(setUpLine(facts(EMPTY_DOSSIER))).toBe('no sheet yet');
    expect(gearingLine(facts(EMPTY_DOSSIER))).toBe('needs a shortlist');
  });
  test('the example: seven trials on three machines, the sheet of October, no pair', () => {
    expect(trialsLine(facts(dossier))).toBe('7 trials on 3 machines');
    expect(setUpLine(facts(dossier))).toBe('As lent, 2026-10-11');
    expect(gearingLine(facts(dossier))).toBe('no pair kept');
  });
  test('one is one', () => {
    const [trial] = Object.values(dossier.trials).filter((t) => t.donorId !== undefined);
    if (!trial) throw new Error('no trial');
    const one = { ...dossier, trials: { [trial.id]: trial } };
    expect(trialsLine(facts(one))).toBe('1 trial on 1 machine');
  });
  test('trials on machines that are not in the dossier are counted without them', () => {
    const sits = Object.fromEntries(
      Object.entries(dossier.trials).filter(([, t]) => t.donorId === undefined),
    );
    expect(trialsLine(facts({ ...dossier, trials: sits }))).toBe('2 trials');
  });
  test('the newest sheet of all is named', () => {
    const [old] = Object.values(dossier.setups);
    if (!old) throw new Error('no sheet');
    const later = { ...old, id: 'later', name: 'After the springs', on: '2026-11-20' };
    expect(setUpLine(facts({ ...dossier, setups: { ...dossier.setups, later } }))).toBe(
      'After the springs, 2026-11-20',
    );
  });
  test('pairs are counted by machine, wishes alone are none', () => {
    const gearings = {
      'c-wren-230': { id: 'c-wren-230', trail: { front: 13, rear: 51 } },
      'c-sorrel-300': { id: 'c-sorrel-300', crawl_kmh: 6 },
    };
    expect(gearingLine(facts({ ...dossier, gearings }))).toBe('pairs kept for 1 machine');
  });
});
