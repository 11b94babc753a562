import { describe, expect, test } from 'vitest';
import { shortName } from '@/core/donor';
import { inKind, type Judged } from '@/features/weigh-up/pairs/why';
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
