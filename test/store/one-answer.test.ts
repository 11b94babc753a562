import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { describe, expect, test } from 'vitest';
import { main } from '@/cli/evaluate';
import { shortName } from '@/core/donor';
import { simulateRanks } from '@/core/doubt';
import { against, leading } from '@/core/preference';
import { allHold } from '@/core/assessment';
import { demoDossier } from '@/demo/scenario';
import { buildLine, weighUpLine, type StripFacts } from '@/features/shell/live-lines';
import { headline } from '@/features/weigh-up/headline';
import { rowsOf } from '@/features/weigh-up/use-weigh-up';
import { formatDossierFile } from '@/store/files';
import { doubtModel, DRAWING, standing, withBuilds, type Standing } from '@/store/queries';
import type { Dossier } from '@/store/records';

const dossier = demoDossier();
const now = standing(dossier) as Standing;
const nameOf = (of: Standing, id: string | undefined) => {
  const entry = of.candidates.find((c) => c.candidate.id === id);
  return entry ? shortName(entry.donor) : '';
};
const facts = (more: Partial<StripFacts>): StripFacts => ({
  dossier,
  standing: now,
  storage: { kind: 'saved' },
  keeping: 'promised',
  reader: { units: 'metric', currency: 'EUR' },
  ...more,
});

describe('every screen and evaluate name the same leader for the same state', () => {
  test.each(['stock', 'built'] as const)('%s', async (state) => {
    const ranking = state === 'stock' ? now.stockRanking : now.builtRanking;
    const { first, kind } = leading(ranking);
    const leader = nameOf(now, first[0]?.id);
    expect(headline(rowsOf(now, state), state).answer).toContain(leader);
    expect((state === 'stock' ? weighUpLine : buildLine)(facts({}))).toContain(leader);
    const file = path.join(mkdtempSync(path.join(tmpdir(), 'answer-')), 'd.json');
    writeFileSync(file, formatDossierFile(dossier, '2026-11-26T00:00:00.000Z'));
    let text = '';
    await main([file], { write: (t) => (text += t) }, { write: () => undefined });
    const { answer } = JSON.parse(text) as {
      answer: Record<string, { kind: string; first: { candidate: string }[] }>;
    };
    expect(answer[state]?.kind).toBe(kind);
    expect(answer[state]?.first.map((f) => f.candidate)).toEqual(first.map((f) => f.id));
  });
  test('with other parts, as with the best ones: headline and strip follow the same ranking', () => {
    const best = withBuilds(now, () => []);
    const leader = nameOf(best, leading(best.builtRanking).first[0]?.id);
    expect(best.builtRanking.map((r) => r.id)).toEqual(now.stockRanking.map((r) => r.id));
    expect(headline(rowsOf(best, 'built'), 'best').answer).toContain(leader);
    expect(buildLine(facts({ best }))).toContain(leader);
  });
  test('the share of draws in which a must holds is the chance that the ranking says', () => {
    const [ranks] = [
      ...simulateRanks(doubtModel(now, 'stock', 'fixed'), { ...DRAWING, every: 5000 }),
    ].slice(-1);
    if (!ranks) throw new Error('not drawn');
    for (const r of now.stockRanking) {
      const placed = (ranks.acceptability[ranks.ids.indexOf(r.id)] ?? []).reduce(
        (a, b) => a + b,
        0,
      );
      expect(placed).toBeCloseTo(r.chance ?? 0, 9);
    }
  });
});

test('a used machine that inherits every figure and costs 2 000 less is ahead in every draw', () => {
  const model = dossier.donors['sorrel-300-longway'];
  if (!model) throw new Error('no model');
  const price = model.figures.price?.readings[0];
  if (!price) throw new Error('no price');
  const listing: Dossier['donors'][string] = {
    id: 'used',
    kind: 'machine',
    baseId: model.id,
    maker: '',
    model: '',
    version: 'from a friend',
    donorClass: model.donorClass,
    state: 'for-sale',
    machine: { fitted: [] },
    note: '',
    figures: {
      price: {
        readings: [
          { ...price, id: 'asked', amount: price.amount - 2000, basis: 'asked', origin: 'claimed' },
        ],
      },
    },
  };
  const first = Object.values(dossier.candidates)[0];
  if (!first) throw new Error('no candidate');
  const of: Dossier = {
    ...dossier,
    donors: { ...dossier.donors, used: listing },
    candidates: {
      ...dossier.candidates,
      'c-used': { ...first, id: 'c-used', donorId: 'used', plate: 11 },
    },
  };
  const both = standing(of) as Standing;
  const contender = (id: string) => {
    const entry = both.candidates.find((c) => c.candidate.id === id);
    if (!entry) throw new Error(id);
    return { total: entry.stockScore.total, keeps: allHold(entry.stock.musts) };
  };
  const { ahead, both: share } = against(contender('c-used'), contender('c-sorrel-300-longway'));
  expect(share).toBeGreaterThan(0);
  expect(ahead).toBe(1);
});

test('a wider guess of the inseam widens the chances of reaching the ground', () => {
  const brief = now.brief;
  const chanceOf = (rider: typeof brief.rider) => {
    const changed = standing({
      ...dossier,
      briefs: { brief: { ...brief, rider } },
    }) as Standing;
    const stance = changed.candidates.find((c) => c.candidate.id === 'c-sorrel-300')?.stock.stance;
    return stance?.kind === 'known' ? Math.max(...Object.values(stance.probabilities)) : Number.NaN;
  };
  const guessed = { ...brief.rider, inseam_mm: undefined };
  const { inseam_mm: _inseam, ...without } = guessed;
  expect(chanceOf(without)).toBeLessThan(chanceOf({ ...without, inseam_mm: 789 }));
});
