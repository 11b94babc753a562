import { expect, test } from 'vitest';
import { demoDossier } from '@/demo/scenario';
import { headline } from '@/features/weigh-up/headline';
import type { WeighRow } from '@/features/weigh-up/use-weigh-up';
import { mustClosers, standing } from '@/store/queries';
import { BRIEF_KEY, type Dossier } from '@/store/records';

function rows(dossier: Dossier, view: 'stock' | 'built'): readonly WeighRow[] {
  const result = standing(dossier);
  return (result?.[view === 'stock' ? 'stockRanking' : 'builtRanking'] ?? []).flatMap((ranked) => {
    const entry = result?.candidates.find((c) => c.candidate.id === ranked.id);
    return entry
      ? [
          {
            entry,
            ranked,
            assessment: view === 'stock' ? entry.stock : entry.built,
            score: ranked.score,
            closers: view === 'stock' && result ? mustClosers(dossier, result, entry) : new Map(),
          },
        ]
      : [];
  });
}

test('who is ahead, with what is open and who is out', () => {
  const { answer, reasons } = headline(rows(demoDossier(), 'stock'), 'stock');
  expect(answer).toMatch(/^Sorrel 300 Longway fits this brief best as it stands: 7\d of 100\.$/);
  expect(reasons).toContain('Sorrel 300 Longway: range could still go either way.');
  expect(reasons.at(-1)).toMatch(
    /^Ruled out: Dunelark 720 \(money\), .* and Thorn 450 E \(range and money\)\.$/,
  );
  expect(
    reasons.find((r) => r.startsWith('Out as they stand, but a part would turn it: ')),
  ).toMatch(/Wren 230 \(range\)/);
});

test('one ahead', () => {
  expect(headline(rows(demoDossier(), 'built'), 'built').answer).toMatch(
    /^Wren 230 fits this brief best with the parts chosen: 8\d of 100\.$/,
  );
});

test('nobody left', () => {
  const dossier = demoDossier();
  const brief = dossier.briefs[BRIEF_KEY];
  if (!brief) throw new Error('no brief');
  const poor: Dossier = {
    ...dossier,
    briefs: { [BRIEF_KEY]: { ...brief, money: { ...brief.money, budget: 100 } } },
  };
  expect(headline(rows(poor, 'stock'), 'stock').answer).toBe(
    'No candidate passes every must as they stand.',
  );
});
