import { describe, expect, test, vi } from 'vitest';
import { bestBuild, type PlannedBuild, type PlanSetting } from '@/core/build';
import { planSetting } from '@/store/queries';
import { keptPlans, questionKey } from '@/workers/kept-plans';
import loadHighs from 'highs';
import { dossier, entryOf, standingOf } from '../store/demo-standing';

const now = standingOf(dossier);
const setting: PlanSetting = planSetting(dossier, now, entryOf(now, 'c-sorrel-300'), {
  legalOnly: false,
  today: '2026-03-01',
});
const CODE = 'a';
const keyOf = (of: PlanSetting, spend?: number, code = CODE) => questionKey(of, spend, code);

describe('which question a plan answers', () => {
  test('another sum, another figure of the brief, another ban or another code is another question', async () => {
    const first = await keyOf(setting, 9000);
    expect(first).toMatch(/^[0-9a-f]{64}$/);
    const { brief } = setting;
    const others = await Promise.all([
      keyOf(setting, 9001),
      keyOf(setting),
      keyOf(setting, 9000, 'b'),
      keyOf({ ...setting, banned: new Set(['tail-rack']) }, 9000),
      keyOf({ ...setting, legalOnly: true }, 9000),
      keyOf({ ...setting, choices: setting.choices.slice(1) }, 9000),
      keyOf({ ...setting, takenAsKept: ['licence'] }, 9000),
      keyOf(
        {
          ...setting,
          brief: { ...brief, rider: { ...brief.rider, mass_kg: 0.1 + brief.rider.mass_kg } },
        },
        9000,
      ),
    ]);
    expect(new Set([first, ...others]).size).toBe(others.length + 1);
  });
  test('a name is none, nor is a day by which no part comes too late', async () => {
    const first = await keyOf({ ...setting, daysLeft: 400 }, 9000);
    const renamed = { ...setting, donor: { ...setting.donor, model: 'Other' } };
    expect(await keyOf({ ...renamed, daysLeft: 399 }, 9000)).toBe(first);
    // The longest lead time decides, from both sides.
    const longest = Math.max(...setting.choices.map((p) => p.leadTime_days));
    expect(longest).toBeGreaterThan(0);
    expect(await keyOf({ ...setting, daysLeft: longest }, 9000)).toBe(first);
    expect(await keyOf({ ...setting, daysLeft: longest - 1 }, 9000)).not.toBe(first);
  });
  test('without settled code nothing is kept', async () => {
    expect(await questionKey(setting, 9000, '')).toBeUndefined();
    const plans = keptPlans('no-code');
    await plans.keepCurve(undefined, []);
    expect(await plans.curve(undefined)).toBeUndefined();
  });
});

describe('what is kept', () => {
  test('a best build comes back as it was found, and only for its question', async () => {
    const best = bestBuild(await loadHighs(), setting, 9000, false);
    expect(best.kind).toBe('build');
    const [key, other] = [await keyOf(setting, 9000), await keyOf(setting, 8000)];
    await keptPlans('one').keepBest(key, best);
    expect(await keptPlans('one').best(key)).toEqual(best);
    expect(await keptPlans('one').best(other)).toBeUndefined();
    expect(await keptPlans('one').curve(key)).toBeUndefined();
  });
  test('of more than four hundred the oldest go', async () => {
    const plans = keptPlans('many');
    const corner = (cost: number): PlannedBuild => ({
      partIds: [],
      cost,
      points: 1,
      planned: 1,
      failed: [],
    });
    for (let i = 0; i < 403; i += 1) {
      await plans.keepCurve(`k${i}`, [corner(i)]);
      if (i < 3) await new Promise((r) => setTimeout(r, 2));
    }
    expect(await plans.curve('k0')).toBeUndefined();
    expect(await plans.curve('k2')).toBeUndefined();
    expect(await plans.curve('k3')).toEqual([corner(3)]);
    expect(await plans.curve('k402')).toEqual([corner(402)]);
  });
  test('a browser that keeps nothing, or never answers, is no fault and holds nothing up', async () => {
    const open = vi.spyOn(indexedDB, 'open');
    try {
      open.mockImplementation(() => {
        throw new DOMException('denied', 'SecurityError');
      });
      const denied = keptPlans('denied');
      await denied.keepCurve('k', []);
      expect(await denied.curve('k')).toBeUndefined();
      open.mockImplementation(() => new EventTarget() as IDBOpenDBRequest);
      const silent = keptPlans('silent', 50);
      const began = performance.now();
      expect(await silent.curve('k')).toBeUndefined();
      expect(await silent.best('k')).toBeUndefined();
      expect(performance.now() - began).toBeLessThan(5000);
    } finally {
      open.mockRestore();
    }
  });
});
