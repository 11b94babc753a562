import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import {
  chainFor,
  pairFor,
  shiftsUp,
  speedPerThousand,
  sprocketPair,
  sprocketPairs,
  watchedGear,
  type Drivetrain,
  type PairSetting,
} from '@/core/gearing';
import { SHIPPED_PARTS } from '@/core/catalogue';
import { sprocketParts } from '@/core/part';

/** The worked drivetrain of the engineering reference (item 5, from memory): 16/45, top ratio 4.542187 in all, 27.0795 km/h for 1000 rpm. */
const TRAIN: Drivetrain = {
  primary: 1.926,
  gears: [2.714, 1.9, 1.5, 1.2, 1.0, 0.8388],
  frontTeeth: 16,
  rearTeeth: 45,
  circumference_m: 2.05,
};
const setting = (more: Partial<PairSetting> = {}): PairSetting => ({
  train: TRAIN,
  idle_rpm: 1400,
  redline_rpm: 9000,
  cruise_kmh: 110,
  chain: { pitch_mm: 15.875, links: 110 },
  wishes: { crawl_kmh: 12, revsShare: 0.5 },
  ...more,
});

describe('pairs of sprockets', () => {
  test('16 to 15: −6.25 % speed, +6.667 % revs; 45 to 48 the same; both −12.1094 % (engineering reference 5, from memory)', () => {
    const change = (front: number, rear: number) => sprocketPair(setting(), { front, rear }).change;
    expect(change(15, 45).speed).toBeCloseTo(-0.0625, 9);
    expect(change(15, 45).engine).toBeCloseTo(0.0666667, 6);
    expect(change(16, 48).speed).toBeCloseTo(-0.0625, 9);
    expect(change(15, 48).speed).toBeCloseTo(-0.121094, 6);
  });
  test('110 links, 16 to 15: the axle goes 3.695 mm back on the same chain (reference 5, from memory)', () => {
    const chain = chainFor(
      { front: 16, rear: 45 },
      { front: 15, rear: 45 },
      { pitch_mm: 15.875, links: 110 },
    );
    expect(chain?.links).toBe(0);
    expect(chain?.axleForward_mm).toBeCloseTo(-3.695, 2);
  });
  test('a chain is changed by an even number of links, and the axle never moves more than half a pitch', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 11, max: 17 }),
        fc.integer({ min: 38, max: 52 }),
        (front, rear) => {
          const chain = chainFor(
            { front: 14, rear: 45 },
            { front, rear },
            {
              pitch_mm: 15.875,
              links: 110,
            },
          );
          expect(Math.abs((chain?.links ?? 1) % 2)).toBe(0);
          // One link on both strands is a pitch less per two links; a little more for the wrap.
          expect(Math.abs(chain?.axleForward_mm ?? 99)).toBeLessThanOrEqual(15.875 / 2 + 0.2);
        },
      ),
      { seed: 5, numRuns: 200 },
    );
  });
  test('without a pitch nothing is said of the chain', () => {
    const { chain } = sprocketPair(setting({ chain: { pitch_mm: undefined, links: 110 } }), {
      front: 15,
      rear: 45,
    });
    expect(chain).toBeUndefined();
  });
  test('crawl times revs at the cruise is the same for every pair: sprockets move both', () => {
    const products = sprocketPairs(setting()).map((p) => p.crawl_kmh * p.cruise_rpm);
    for (const product of products) expect(product / (products[0] ?? 0)).toBeCloseTo(1, 9);
  });
  test('the fitted pair is among them, no front sprocket under 11 teeth is', () => {
    const small = { ...TRAIN, frontTeeth: 12 };
    const pairs = sprocketPairs(setting({ train: small }));
    expect(pairs.some((p) => p.front === 12 && p.rear === 45)).toBe(true);
    expect(Math.min(...pairs.map((p) => p.front))).toBe(11);
  });
});

describe('which pair to take', () => {
  const now = sprocketPair(setting(), { front: 16, rear: 45 });
  const wishing = (crawl_kmh: number, revsShare: number) =>
    pairFor(setting({ wishes: { crawl_kmh, revsShare } }));
  test('what is fitted, when it keeps both, to the last bit of the limit', () => {
    expect(wishing(now.crawl_kmh, now.revsShare).kind).toBe('now');
    expect(wishing(now.crawl_kmh * 0.999, now.revsShare * 1.2).kind).toBe('other');
    expect(wishing(now.crawl_kmh * 1.2, now.revsShare * 0.999).kind).toBe('other');
  });
  test('another one keeps both, by the least work: one countershaft sprocket before anything else', () => {
    const answer = wishing(now.crawl_kmh * 0.95, now.revsShare * 1.08);
    expect(answer).toMatchObject({ kind: 'other', pair: { front: 15, rear: 45 } });
  });
  test('where none keeps both, one for each wish is named, each keeping its own', () => {
    const answer = wishing(now.crawl_kmh * 0.9, now.revsShare * 0.95);
    if (answer.kind !== 'two') throw new Error(answer.kind);
    expect(answer.trail?.keeps).toEqual({ crawl: true, revs: false });
    expect(answer.road?.keeps).toEqual({ crawl: false, revs: true });
  });
  test('a wish that no pair keeps is left without one', () => {
    const answer = wishing(2, 1);
    expect(answer).toMatchObject({ kind: 'two', trail: undefined });
  });
  test('whatever is asked, a pair called fit keeps both wishes', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 3, max: 20, noNaN: true }),
        fc.double({ min: 0.3, max: 0.9, noNaN: true }),
        (crawl, revs) => {
          const answer = wishing(crawl, revs);
          const some = sprocketPairs(
            setting({ wishes: { crawl_kmh: crawl, revsShare: revs } }),
          ).some((p) => p.keeps.crawl && p.keeps.revs);
          expect(answer.kind === 'two').toBe(!some);
          if (answer.kind !== 'two') expect(answer.pair.keeps).toEqual({ crawl: true, revs: true });
        },
      ),
      { seed: 7, numRuns: 150 },
    );
  });
});

test('changing up at the peak of power: revs fall by the step, and the pull there is the engine’s', () => {
  // 2.714 to 1.9: 30 % (1 − 1.9 ÷ 2.714), by hand.
  const [first] = shiftsUp(TRAIN, {
    peaks: { power_rpm: 8000, torque_Nm: 60 },
    torqueAt: (rpm) => (rpm < 5600 ? 30 : 54),
  });
  expect(first?.gap).toBeCloseTo(0.29993, 4);
  expect(first?.lands_rpm).toBeCloseTo(5600.6, 0);
  expect(first?.torqueShare).toBeCloseTo(0.9, 9);
});

describe('speed and revs read together', () => {
  test('110 km/h at 4062.1 rpm by satellite is 27.08 km/h for each 1000 rpm (reference 5, from memory)', () => {
    const seen = watchedGear({ speed_kmh: 110, rpm: 4062.1, meter: 'satellite' });
    expect(seen.perThousand_kmh).toBeCloseTo(27.0796, 3);
    expect(seen.spread_kmh / seen.perThousand_kmh).toBeCloseTo(0.02, 9);
  });
  test('a dashboard’s 5 % are taken off, and its span is wider', () => {
    const dash = watchedGear({ speed_kmh: 105, rpm: 4000, meter: 'dash' });
    expect(dash.perThousand_kmh).toBeCloseTo(25, 9);
    expect(dash.spread_kmh).toBeCloseTo(1.25, 9);
  });
  test('read on other sprockets it is brought to those of the sheet, and computed back the same', () => {
    const on15 = speedPerThousand({ ...TRAIN, frontTeeth: 15 }, 6);
    const seen = watchedGear(
      { speed_kmh: on15 * 4, rpm: 4000, meter: 'satellite' },
      { front: 15, rear: 45 },
      { front: 16, rear: 45 },
    );
    expect(seen.perThousand_kmh).toBeCloseTo(speedPerThousand(TRAIN, 6), 9);
  });
});

describe('a pair as parts', () => {
  const catalogue = Object.fromEntries(SHIPPED_PARTS.map((p) => [p.id, p]));
  const parts = (front: number, rear: number, longer = false) =>
    sprocketParts({ front: 14, rear: 45 }, { front, rear }, catalogue, 'wren', longer);
  test('what is fitted takes none; a tooth less in front is the shipped part', () => {
    expect(parts(14, 45)).toEqual([]);
    expect(parts(13, 45).map((p) => p.id)).toEqual(['sprocket-front']);
    expect(parts(14, 48).map((p) => p.id)).toEqual(['sprocket-rear']);
  });
  test('another size is an own part that sets just these teeth, at the price of a shipped one', () => {
    const [part] = parts(14, 47);
    expect(part?.effects[0]).toEqual({ figure: 'sprocketRear', change: 'set', amount: 47 });
    expect(part?.own).toBe(true);
    expect(part?.price).toEqual(catalogue['sprocket-rear']?.price);
    expect(part?.fits).toEqual({ kind: 'donors', donorIds: ['wren'] });
    expect(part?.flags).toContain('speedometer');
  });
  test('a longer chain goes with it', () => {
    expect(parts(14, 48, true).map((p) => p.slot)).toEqual(['sprocket-rear', 'chain']);
  });
});
