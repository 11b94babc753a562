import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { expect, test } from 'vitest';
import { BASE_METRIC_KEYS, LOAD_METRIC_KEYS } from '@/core/assessment';
import { main } from '@/cli/evaluate';
import { demoDossier } from '@/demo/scenario';
import { formatDossierFile } from '@/store/files';
import { standing } from '@/store/queries';
import { EMPTY_DOSSIER } from '@/store/records';

const folder = mkdtempSync(path.join(tmpdir(), 'evaluate-'));
const put = (name: string, text: string) => {
  const place = path.join(folder, name);
  writeFileSync(place, text);
  return place;
};
async function call(...args: string[]) {
  let [out, err] = ['', ''];
  const code = await main(args, { write: (t) => (out += t) }, { write: (t) => (err += t) });
  return { code, out, err };
}

test('prints figures, musts, ranking and builds from the same core as the screens', async () => {
  const { code, out } = await call(
    put('demo.json', formatDossierFile(demoDossier(), '2026-01-02T03:04:05.000Z')),
  );
  expect(code).toBe(0);
  const report = JSON.parse(out) as {
    candidates: {
      name: string;
      stock: { metrics: { readyMass: { mid: number } }; musts: unknown[] };
      build: unknown;
    }[];
    ranking: { stock: { candidate: string; place: number | null; points: { mid: number } }[] };
    purposes: { name: string; ranking: { stock: unknown[] } }[];
  };
  const ours = standing(demoDossier());
  expect(report.ranking.stock.map((r) => [r.candidate, r.place, r.points.mid])).toEqual(
    ours?.stockRanking.map((r) => [r.id, r.place ?? null, r.score.points.mid]),
  );
  expect(report.candidates).toHaveLength(10);
  expect(report.candidates[0]?.build).not.toBeNull();
  expect(report.purposes.map((p) => [p.name, p.ranking.stock.length])).toEqual(
    (ours?.brief.purposes ?? []).map((p) => [p.name, 10]),
  );
  expect(out).toContain('"passesWithParts": [\n        {');
  expect(Object.keys(report.candidates[0]?.stock.metrics ?? {}).toSorted()).toEqual(
    [...BASE_METRIC_KEYS, ...LOAD_METRIC_KEYS].toSorted(),
  );
  expect(report.candidates[0]?.stock.musts.length).toBeGreaterThan(0);
});

test('--doubt prints acceptabilities, the same every time', async () => {
  const file = put('doubt.json', formatDossierFile(demoDossier(), '2026-01-02T03:04:05.000Z'));
  const [a, b] = [await call(file, '--doubt'), await call('--doubt', file)];
  expect(a.code).toBe(0);
  expect(a.out).toBe(b.out);
  const { doubt } = JSON.parse(a.out) as {
    doubt: { stock: Record<string, { ids: string[]; acceptability: number[][]; samples: number }> };
  };
  for (const weights of ['fixed', 'order', 'free']) {
    expect(doubt.stock[weights]?.ids).toHaveLength(10);
    for (const row of doubt.stock[weights]?.acceptability ?? [])
      expect(row.reduce((x, y) => x + y, 0)).toBeLessThanOrEqual(1 + 1e-9);
  }
}, 60_000);

test.each([
  ['nothing given', () => [], 'Usage'],
  ['no such file', () => [path.join(folder, 'none.json')], 'no such file'],
  ['broken', () => [put('broken.json', '{')], 'line 1'],
  [
    'no brief',
    () => [put('empty.json', formatDossierFile(EMPTY_DOSSIER, '2026-01-02T03:04:05.000Z'))],
    'no brief',
  ],
] as const)('%s: exit 2 and a sentence', async (_name, args, words) => {
  const { code, out, err } = await call(...args());
  expect(code).toBe(2);
  expect(out).toBe('');
  expect(err).toContain(words);
});

test('--plan prints the best build, what is enough, what none is worth more than, and the curve', async () => {
  const demo = demoDossier();
  const id = 'c-dunelark-720';
  const only = Object.fromEntries(Object.entries(demo.candidates).filter(([key]) => key === id));
  const other = Object.fromEntries(
    Object.entries(demo.candidates).filter(([key]) => key === 'c-drover-430'),
  );
  interface Build {
    readonly parts: readonly string[];
    readonly cost: number;
    readonly points: number;
    readonly refused: readonly string[];
    readonly musts: readonly { readonly verdict: string }[];
  }
  const planOf = async (candidates: typeof demo.candidates) => {
    const file = put(
      'plan.json',
      formatDossierFile({ ...demo, candidates, builds: {} }, '2026-01-02T03:04:05.000Z'),
    );
    const { code, out, err } = await call(file, '--plan');
    expect([code, err]).toEqual([0, '']);
    const { plan } = JSON.parse(out) as {
      plan: {
        spend: number;
        candidates: {
          kind: string;
          limits?: readonly string[];
          best?: Build;
          enough?: Build;
          atMost?: number;
          curve?: readonly { readonly cost: number; readonly points: number }[];
        }[];
      };
    };
    return { spend: plan.spend, one: plan.candidates[0] };
  };
  const none = await planOf(only);
  expect(none.one).toMatchObject({ kind: 'clash' });
  expect(none.one?.limits?.length).toBeGreaterThan(0);
  const { spend, one } = await planOf(other);
  const { best, enough, atMost = 0, curve = [] } = one ?? {};
  if (!best || !enough) throw new Error('no build');
  expect(best.cost).toBeLessThanOrEqual(spend);
  expect(best.refused).toEqual([]);
  expect(best.musts.every((m) => m.verdict !== 'fail') && best.musts.length > 0).toBe(true);
  expect(enough.cost).toBeLessThanOrEqual(best.cost);
  expect(best.points - enough.points).toBeLessThan(1);
  expect(atMost).toBeGreaterThan(best.points);
  expect(atMost).toBeLessThan(best.points + 1);
  expect(curve.length).toBeGreaterThan(5);
  const [costs, points] = [curve.map((c) => c.cost), curve.map((c) => c.points)];
  expect(costs).toEqual([...costs].sort((a, b) => a - b));
  expect(points).toEqual([...points].sort((a, b) => a - b));
  expect(points.at(-1)).toBe(best.points);
});
