import { expect, test } from 'vitest';
import { faultsOfAdding, faultsOfRemoving, findBuildFaults, type Choosable } from '@/core/planning';
import { SHIPPED_PARTS } from '@/core/catalogue';

const item = (id: string, over: Partial<Choosable> = {}): [string, Choosable] => [
  id,
  { id, needs: [], shutsOut: [], slot: '', ...over },
];
const catalogue = new Map([
  item('bars'),
  item('skid', { needs: [['bars']] }),
  item('tankL', { slot: 'tank' }),
  item('tankS', { slot: 'tank' }),
  item('fork'),
  item('lowlink', { shutsOut: ['fork'] }),
  item('can', { needs: [['rack', 'tail']] }),
  item('rack'),
  item('tail'),
]);

test('requirements, any of a group', () => {
  expect(faultsOfAdding('skid', [], catalogue)).toEqual([
    { code: 'need-missing', id: 'skid', anyOf: ['bars'] },
  ]);
  expect(faultsOfAdding('skid', ['bars'], catalogue)).toEqual([]);
  expect(faultsOfAdding('can', ['tail'], catalogue)).toEqual([]);
  expect(faultsOfAdding('can', [], catalogue)).toEqual([
    { code: 'need-missing', id: 'can', anyOf: ['rack', 'tail'] },
  ]);
});

test('exclusions hold both ways, a slot takes one', () => {
  expect(faultsOfAdding('lowlink', ['fork'], catalogue)).toEqual([
    { code: 'shut-out', id: 'lowlink', by: 'fork' },
  ]);
  expect(faultsOfAdding('fork', ['lowlink'], catalogue)).toEqual([
    { code: 'shut-out', id: 'fork', by: 'lowlink' },
  ]);
  expect(faultsOfAdding('tankS', ['tankL'], catalogue)).toEqual([
    { code: 'slot-taken', id: 'tankS', by: 'tankL', slot: 'tank' },
  ]);
});

test('taking off what others need is told, and old faults are not blamed on a new act', () => {
  expect(faultsOfRemoving('bars', ['bars', 'skid'], catalogue)).toEqual([
    { code: 'need-missing', id: 'skid', anyOf: ['bars'] },
  ]);
  expect(faultsOfRemoving('rack', ['rack', 'tail', 'can'], catalogue)).toEqual([]);
  expect(faultsOfAdding('rack', ['skid'], catalogue)).toEqual([]);
  expect(findBuildFaults(['gone'], catalogue)).toEqual([{ code: 'not-in-catalogue', id: 'gone' }]);
});

test('the shipped parts name only parts that exist, never themselves, and each can be built', () => {
  const shipped = new Map(SHIPPED_PARTS.map((p) => [p.id, p]));
  expect(shipped.size).toBe(SHIPPED_PARTS.length);
  expect(SHIPPED_PARTS.length).toBeGreaterThanOrEqual(40);
  for (const p of SHIPPED_PARTS) {
    for (const id of [...p.needs.flat(), ...p.shutsOut]) {
      expect(shipped.has(id), `${p.id} → ${id}`).toBe(true);
      expect(id).not.toBe(p.id);
    }
    const chosen = new Set([p.id]);
    for (const id of chosen)
      for (const anyOf of shipped.get(id)?.needs ?? [])
        if (!anyOf.some((n) => chosen.has(n))) chosen.add(anyOf[0] ?? '');
    expect(findBuildFaults([...chosen], shipped), p.id).toEqual([]);
  }
});
