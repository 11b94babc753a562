import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { measuredSag, SAG_SCHOOLS, springAdvice, type SpringOf } from '@/core/set-up';
import { wheelRate, wheelSag } from '@/core/suspension';
import { STANDARD_GRAVITY } from '@/core/units';

/**
 * A rear end as a spring obeys Hooke (engineering reference 8, from memory: sag = W ÷ k·MR² − preload ÷ MR): its lengths are made from the
 * physics, the advice must lead back to it.
 */
interface Bench {
  readonly spring: Parameters<typeof wheelSag>[0];
  readonly travel_mm: number;
  /** Sprung mass of the machine on that end, and what the rider adds there, kg. */
  readonly machine_kg: number;
  readonly rider_kg: number;
}

const HANGING = 640;
const sags = ({ spring, machine_kg, rider_kg }: Bench) => ({
  free: wheelSag(spring, machine_kg),
  rider: wheelSag(spring, machine_kg + rider_kg),
});
const adviceFor = (bench: Bench, more: Partial<SpringOf> = {}) => {
  const { free, rider } = sags(bench);
  const sag = measuredSag(
    {
      extended_mm: HANGING,
      freeAbove_mm: HANGING - free - 3,
      freeBelow_mm: HANGING - free + 3,
      riderAbove_mm: HANGING - rider - 3,
      riderBelow_mm: HANGING - rider + 3,
    },
    'tape',
    bench.travel_mm,
  );
  return springAdvice(sag, {
    end: 'rear',
    travel_mm: bench.travel_mm,
    school: 'adventure',
    wheelPerPreload: 1 / bench.spring.motionRatio,
    rate_Npmm: bench.spring.rate_Npmm,
    pitch_mm: 1.5,
    turns: undefined,
    turnsMost: undefined,
    measured_kg: bench.rider_kg,
    loads: { solo: bench.rider_kg, loaded: bench.rider_kg + 20, passenger: bench.rider_kg + 70 },
    ...more,
  });
};

const benches = fc.record({
  rate: fc.double({ min: 40, max: 160, noNaN: true }),
  ratio: fc.double({ min: 0.33, max: 0.6, noNaN: true }),
  preload: fc.double({ min: 2, max: 16, noNaN: true }),
  travel: fc.double({ min: 150, max: 310, noNaN: true }),
  machine: fc.double({ min: 45, max: 110, noNaN: true }),
  rider: fc.double({ min: 35, max: 85, noNaN: true }),
  school: fc.constantFrom(...SAG_SCHOOLS),
});
type Drawn = typeof benches extends fc.Arbitrary<infer T> ? T : never;
const benchOf = ({ rate, ratio, preload, travel, machine, rider }: Drawn): Bench => ({
  spring: { rate_Npmm: rate, motionRatio: ratio, preload_mm: preload },
  travel_mm: travel,
  machine_kg: machine,
  rider_kg: rider,
});
/** Only ends that neither top out nor bottom: others have no sag to be read. */
const isReadable = (bench: Bench): boolean => {
  const { free, rider } = sags(bench);
  return free > 1 && rider < bench.travel_mm * 0.95;
};

describe('advice on springs that obey Hooke', () => {
  test('done as told, rider sag lands inside its window', () => {
    let looked = 0;
    fc.assert(
      fc.property(benches, (drawn) => {
        const bench = benchOf(drawn);
        fc.pre(isReadable(bench));
        const advice = adviceFor(bench, { school: drawn.school });
        if (!advice) throw new Error('no advice');
        const by = advice.preload.spring_mm ?? Number.NaN;
        const after = {
          ...bench,
          spring: { ...bench.spring, preload_mm: bench.spring.preload_mm + by },
        };
        const share = sags(after).rider / bench.travel_mm;
        expect(share).toBeGreaterThanOrEqual(advice.asked.rider[0] - 1e-6);
        expect(share).toBeLessThanOrEqual(advice.asked.rider[1] + 1e-6);
        expect(sags(after).free / bench.travel_mm).toBeCloseTo(advice.freeThen, 6);
        looked += 1;
      }),
      { seed: 11, numRuns: 300 },
    );
    expect(looked).toBeGreaterThan(100);
  });
  test('the rate that it names makes rider less free sag what is wanted, whatever the preload', () => {
    fc.assert(
      fc.property(benches, (drawn) => {
        const bench = benchOf(drawn);
        fc.pre(isReadable(bench));
        const advice = adviceFor(bench, { school: drawn.school });
        const solo = advice?.springs.find((s) => s.load === 'solo');
        if (!advice || solo?.rate_Npmm === undefined) throw new Error('no spring');
        const wanted = advice.asked.difference * bench.travel_mm;
        const k = wheelRate({ rate_Npmm: solo.rate_Npmm, motionRatio: bench.spring.motionRatio });
        expect((bench.rider_kg * STANDARD_GRAVITY) / k).toBeCloseTo(wanted, 6);
      }),
      { seed: 12, numRuns: 200 },
    );
  });
  test('a spring for more load is stiffer by just that load', () => {
    const bench = benchOf({
      rate: 70,
      ratio: 0.4,
      preload: 8,
      travel: 220,
      machine: 70,
      rider: 55,
      school: 'adventure',
    });
    const springs = adviceFor(bench)?.springs ?? [];
    const rate = (load: string) => springs.find((s) => s.load === load)?.rate_Npmm ?? Number.NaN;
    expect(rate('loaded') / rate('solo')).toBeCloseTo(75 / 55, 9);
    expect(rate('passenger') / rate('solo')).toBeCloseTo(125 / 55, 9);
  });
  test('stiffer and softer springs than the wanted one are told apart, and preload changes none of it', () => {
    const verdictOf = (rate: number, preload: number) => {
      const bench = benchOf({
        rate,
        ratio: 0.4,
        preload,
        travel: 220,
        machine: 70,
        rider: 55,
        school: 'adventure',
      });
      const { soft = 0, stiff = 0 } = adviceFor(bench)?.chances ?? {};
      return soft > 0.8 ? 'soft' : stiff > 0.8 ? 'stiff' : 'suits';
    };
    // Wanted: 55 kg × 9.80665 ÷ (0.2 × 220 mm) ÷ 0.4² = 76.6 N/mm; the windows let pass 10 to 25 % of the travel: 61 to 153.
    for (const preload of [4, 8, 12]) {
      expect(verdictOf(50, preload)).toBe('soft');
      expect(verdictOf(77, preload)).toBe('suits');
      expect(verdictOf(110, preload)).toBe('suits');
      // At 12 mm of preload so stiff a spring tops out under the machine alone, and nothing can be read.
      if (preload < 12) expect(verdictOf(190, preload)).toBe('stiff');
    }
  });
  test('twice the noise makes the chances less sure, never turns them', () => {
    const bench = benchOf({
      rate: 60,
      ratio: 0.4,
      preload: 8,
      travel: 220,
      machine: 70,
      rider: 55,
      school: 'adventure',
    });
    const { free, rider } = sags(bench);
    const lengths = {
      extended_mm: HANGING,
      freeAbove_mm: HANGING - free,
      freeBelow_mm: HANGING - free,
      riderAbove_mm: HANGING - rider,
      riderBelow_mm: HANGING - rider,
    };
    const of = (tool: 'tape' | 'meter') =>
      springAdvice(measuredSag(lengths, tool, 220), {
        end: 'rear',
        travel_mm: 220,
        school: 'adventure',
        wheelPerPreload: 2.5,
        rate_Npmm: 60,
        pitch_mm: 1.5,
        turns: undefined,
        turnsMost: undefined,
        measured_kg: 55,
        loads: { solo: 55, loaded: undefined, passenger: undefined },
      })?.chances;
    const [tape, meter] = [of('tape'), of('meter')];
    const surest = (c: typeof tape) => Math.max(c?.soft ?? 0, c?.right ?? 0, c?.stiff ?? 0);
    expect(surest(meter)).toBeGreaterThanOrEqual(surest(tape));
    expect((meter?.soft ?? 0) > 0.5).toBe((tape?.soft ?? 0) > 0.5);
  });
});
