import loadHighs from 'highs';
import { beforeAll, describe, expect, test } from 'vitest';
import { assess } from '@/core/assessment';
import { atSpending, passedOver, bestBuild, type PlannedBuild } from '@/core/build';
import { nominalRate } from '@/core/money';
import type { ProgramSolver } from '@/core/planning';
import { planSetting } from '@/store/queries';
import { dossier, entryOf, standingOf } from './demo-standing';

let solver: ProgramSolver;
beforeAll(async () => {
  solver = await loadHighs();
});

const now = standingOf(dossier);
const entry = entryOf(now, 'c-drover-430-brenfold');
const asked = planSetting(dossier, now, entry, { legalOnly: false, today: '2027-01-01' });
const { money } = asked.brief;
/** All parts quoted in dollars, and no rate set: their prices are only roughly known in euros. */
const rough = {
  ...asked,
  choices: asked.choices.map((part) => ({
    ...part,
    own: undefined,
    price: { amount: part.price.amount, currency: 'USD' as const },
  })),
  brief: { ...asked.brief, money: { ...money, rates: [] } },
};
const spend = money.budget - money.tripFund - money.gear;

const moneyOf = (build: PlannedBuild, setting: typeof rough) =>
  assess({
    ...setting,
    parts: build.partIds.flatMap((id) => setting.choices.find((p) => p.id === id) ?? []),
  }).musts.find((m) => m.key === 'money');

describe('the best for the money, where prices are only roughly known', () => {
  test('is within the money as surely as the brief asks, at any budget, and uses what is there', () => {
    for (const budget of [spend, spend - 400, spend + 350]) {
      const setting = {
        ...rough,
        brief: {
          ...rough.brief,
          money: { ...rough.brief.money, budget: budget + money.tripFund + money.gear },
        },
      };
      const best = bestBuild(solver, setting, budget);
      if (best.kind !== 'build') throw new Error(best.kind);
      expect(best.build.overMoney).toBeUndefined();
      expect(moneyOf(best.build, setting)?.verdict).toBe('pass');
      expect(best.build.cost).toBeLessThanOrEqual(budget);
    }
  });
  test('a rate that is known frees what was held back for its doubt', () => {
    const known = {
      ...rough,
      brief: {
        ...rough.brief,
        money: {
          ...rough.brief.money,
          rates: [
            {
              currency: 'USD' as const,
              to: 'EUR' as const,
              rate: nominalRate('USD', 'EUR'),
              date: '2026-11-01',
            },
          ],
        },
      },
    };
    const [guess, sure] = [rough, known].map((s) => bestBuild(solver, s, spend));
    if (guess?.kind !== 'build' || sure?.kind !== 'build') throw new Error('both have a build');
    expect(sure.build.points).toBeGreaterThanOrEqual(guess.build.points - 0.05);
  });
});

describe('a corner of a curve that is within the money by the middle only', () => {
  const corner = (cost: number, overMoney?: true): PlannedBuild => ({
    partIds: [],
    cost,
    points: cost / 100,
    planned: 0,
    failed: [],
    ...(overMoney ? { overMoney } : {}),
  });
  test('is passed over for the one below it', () => {
    const curve = { id: 'a', corners: [corner(5000), corner(5600), corner(5690, true)] };
    expect(atSpending(curve, 5700)?.cost).toBe(5600);
    expect(atSpending({ ...curve, corners: [corner(5000), corner(5690)] }, 5700)?.cost).toBe(5690);
  });
  test('is named, so that nobody wonders why a dot before the line is not taken', () => {
    const curve = { id: 'a', corners: [corner(5000), corner(5600), corner(5690, true)] };
    expect(passedOver(curve, 5700)?.cost).toBe(5690);
    expect(passedOver(curve, 5680)).toBeUndefined();
    expect(passedOver({ ...curve, corners: [corner(5000), corner(5690)] }, 5700)).toBeUndefined();
  });
});
