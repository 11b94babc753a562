import { describe, expect, test } from 'vitest';
import { assess, caseOf } from '@/core/assessment';
import { shortName, type Donor } from '@/core/donor';
import { figureWords, inKind, type Judged } from '@/features/weigh-up/pairs/why';
import { newDonor } from '@/store/records';
import { dossier, entryOf, standingOf } from '../store/demo-standing';

const reader = { units: 'metric', currency: 'EUR' } as const;
const now = standingOf(dossier);
const judged = (id: string): Judged => {
  const e = entryOf(now, id);
  return { name: shortName(e.donor), assessment: e.stock, score: e.stockScore };
};

describe('two that no sum parts', () => {
  const [a, b] = [judged('c-drover-430'), judged('c-dunelark-720')];
  const said = inKind(a, b, reader);
  test('what speaks for each, with both figures, then what is of another kind', () => {
    expect(said.some((s) => s.startsWith('For Drover 430: ') && s.includes(' against '))).toBe(
      true,
    );
    expect(said.some((s) => s.startsWith('For Dunelark 720: '))).toBe(true);
    expect(said.at(-1)).toMatch(/^Of another kind: .*single against .*twin/);
  });
  test('seen from the other side the same things are said the other way round', () => {
    const back = inKind(b, a, reader);
    expect(back).toHaveLength(said.length);
    expect(back[0]?.startsWith('For Dunelark 720: ')).toBe(true);
  });
  test('a machine beside itself differs in nothing', () =>
    expect(inKind(a, a, reader)).toEqual([]));
});

test('an index that is told in part says what it is at least, and more once more is told; the heart that was not asked is not known', () => {
  const told = (facts: Donor['facts']) => {
    const [first] = now.candidates;
    if (!first) throw new Error('no candidate');
    const bare: Donor = { ...newDonor('bare'), ...(facts ? { facts } : {}) };
    return { assessment: assess(caseOf({ ...first.bare, donor: bare })) };
  };
  expect(figureWords(told(undefined), 'heart', reader)).toBe('not known');
  const least = (facts?: Donor['facts']) =>
    Number(/^at least (\d+) of 100$/.exec(figureWords(told(facts), 'protection', reader))?.[1]);
  const plate = {
    sumpGuard: { readings: [{ id: 'p', value: 'alloy', origin: 'measured', note: '' }] },
  } as const;
  expect(least(plate)).toBeGreaterThan(least());
});
