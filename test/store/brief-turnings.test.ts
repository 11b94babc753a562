import { describe, expect, test } from 'vitest';
import { rebalanceShares } from '@/core/brief';
import type { Case } from '@/core/assessment';
import { briefTurnings } from '@/core/stakes';
import { doubtModel, type Standing } from '@/store/queries';
import { BRIEF_KEY } from '@/store/records';
import { dossier, entryOf as entry, standingOf as of } from './demo-standing';

const now = of(dossier);
const contender = (id: string): Case => ({ ...entry(now, id).bare, parts: [] });
const points = (s: Standing, id: string) => entry(s, id).stockScore.points.mid;

describe('what in the brief would turn it', () => {
  const [leader, rival] = ['c-drover-430-brenfold', 'c-pika-340-x'];
  const turnings = briefTurnings(contender(leader), contender(rival));
  test('each change named really puts the rival ahead, by the whole computation', () => {
    expect(turnings.length).toBeGreaterThan(0);
    for (const t of turnings) {
      const brief = dossier.briefs[BRIEF_KEY];
      if (!brief) throw new Error('no brief');
      const shares =
        t.kind === 'ground' ? rebalanceShares(brief.ground, t.ground, t.to, new Set()) : undefined;
      const changed =
        t.kind === 'budget'
          ? { ...brief, money: { ...brief.money, budget: t.to } }
          : { ...brief, ground: shares?.kind === 'shares' ? shares.shares : brief.ground };
      const then = of({ ...dossier, briefs: { [BRIEF_KEY]: changed } });
      expect(points(then, rival)).toBeGreaterThan(points(then, leader));
    }
  });
  test('nothing is asked where the rival is worth more already', () =>
    expect(briefTurnings(contender(rival), contender(leader))).toEqual([]));
});

describe('the shortlist as a simulation is told of it', () => {
  const model = doubtModel(now, 'stock', 'order');
  test('weights add to one, more is always better, every must with a figure is a limit', () => {
    expect(model.criteria.reduce((sum, c) => sum + c.weight, 0)).toBeCloseTo(1, 12);
    for (const c of model.criteria)
      expect(c.knots.map((k) => k.x)).toEqual(c.knots.map((k) => k.x).toSorted((a, b) => a - b));
    for (const a of model.alternatives) {
      expect(a.quantities).toHaveLength(model.criteria.length);
      for (const q of a.quantities)
        if (q.kind === 'known') expect([q.low <= q.mid, q.mid <= q.high]).toEqual([true, true]);
      expect(a.limits.map((l) => l.key)).toEqual(now.brief.musts.on.filter((k) => k !== 'licence'));
    }
  });
  test('the middles give the points of the weigh-up', () => {
    const worth = (
      knots: readonly { readonly x: number; readonly y: number }[],
      x: number,
    ): number => {
      const i = knots.findIndex((k) => k.x >= x);
      const [b, a] = [knots[i], knots[i - 1]];
      return i < 0 ? 1 : !b || !a ? 0 : a.y + ((b.y - a.y) * (x - a.x)) / (b.x - a.x);
    };
    for (const a of model.alternatives) {
      const sum = a.quantities.reduce(
        (total, q, k) =>
          total +
          (model.criteria[k]?.weight ?? 0) *
            (q.kind === 'known' ? worth(model.criteria[k]?.knots ?? [], q.mid) : (a.mids[k] ?? 0)),
        0,
      );
      expect(sum * 100).toBeCloseTo(points(now, a.id), 6);
    }
  });
});
