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

test('nobody keeps every must surely: it says so, who comes nearest and how likely; then who else is in doubt and who is out', () => {
  const { answer, reasons } = headline(rows(demoDossier(), 'stock'), 'stock');
  expect(answer).toMatch(
    /^None keeps every must surely as they stand\. Nearest: Sorrel 300 Longway, 7\d of 100, range in \d\d of 100 draws\.$/,
  );
  expect(reasons[0]).toMatch(
    /^Consumption would settle it: ask .*; a part could, too: approved fuel can, 5 L/,
  );
  expect(reasons[1]).toMatch(/^In doubt: Drover 430 .*Postmark 640 V \(.*payload not known\)/);
  expect(reasons.at(-1)).toMatch(/^Ruled out: .*Dunelark 720 \(.*money.*\)/);
  expect(
    reasons.find((r) => r.startsWith('Out as they stand, but a part would turn it: ')),
  ).toMatch(/Wren 230 \(range\)/);
});

test('one that keeps them: how surely stands beside its points', () => {
  expect(headline(rows(demoDossier(), 'built'), 'built').answer).toMatch(
    /^Wren 230 fits this brief best with the parts chosen: 7\d of 100, every must kept\.$/,
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
  expect(headline(rows(poor, 'stock'), 'stock').answer).toMatch(
    /^No candidate keeps every must as they stand\. Worth most: .*, which breaks .*money\.$/,
  );
});

test('nobody left, and two that no arithmetic parts: both are named, each with what it breaks', () => {
  const dossier = demoDossier();
  const [first] = standing(dossier)?.candidates ?? [];
  const brief = dossier.briefs[BRIEF_KEY];
  if (!first || !brief) throw new Error('no example');
  const { donor } = first;
  const own = dossier.donors[donor.id];
  if (!own) throw new Error('no donor');
  const two = (model: string, more: object = {}): Dossier => ({
    ...dossier,
    briefs: { [BRIEF_KEY]: { ...brief, money: { ...brief.money, budget: 100 } } },
    donors: { [own.id]: own, twin: { ...own, id: 'twin', model, ...more } },
    builds: {},
    candidates: Object.fromEntries(
      [own.id, 'twin'].map((id, i) => [id, { ...first.candidate, id, donorId: id, order: i }]),
    ),
  });
  const level = headline(rows(two('Twin 1'), 'stock'), 'stock').answer;
  expect(level).toMatch(/^No candidate keeps every must as they stand\. Worth most, and level: /);
  expect(level).toContain('Twin 1 (breaks ');
  expect(level.match(/breaks [^)]*money/g)?.length).toBe(2);
  const { mass: _mass, ...figures } = own.figures;
  const heavy = { ...own.figures.mass?.readings[0], amount: 260, unit: 'kg', basis: 'ready' };
  const ahead = headline(
    rows(two('Twin 2', { figures: { ...figures, mass: { readings: [heavy] } } }), 'stock'),
    'stock',
  ).answer;
  expect(ahead).toMatch(/Worth most: .*, which breaks .*money/);
  expect(ahead).not.toContain('Twin 2');
});

test('until it is known whom a part would turn, nobody is called ruled out', () => {
  const bare = rows(demoDossier(), 'stock').map((r) => ({ ...r, closers: new Map() }));
  const { reasons } = headline(bare, 'stock', false);
  expect(reasons.some((r) => r.startsWith('Ruled out'))).toBe(false);
  expect(reasons.find((r) => r.startsWith('Out as they stand: '))).toMatch(/Wren 230 \(range\)/);
  expect(reasons.at(-1)).toMatch(/being worked out/);
});
