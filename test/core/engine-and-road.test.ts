import fc from 'fast-check';
import { derivative, evaluate } from 'mathjs';
import { describe, expect, test } from 'vitest';
import { airAt, powerInAir, torqueCurve, type EnginePeaks } from '@/core/engine';
import {
  centreDistance,
  chainLinks,
  CHAIN_PITCH_MM,
  crawlSpeed,
  gearGaps,
  rollingCircumference,
  rpmAt,
  speedPerThousand,
  sprocketChange,
  totalRatio,
  type Drivetrain,
} from '@/core/gearing';
import { bisect } from '@/core/numeric';
import {
  bestGear,
  gripLimit,
  launch,
  powerToHold,
  resistance,
  rollOn,
  steepestGrade,
  thrust,
  timeBetween,
  topSpeed,
  wheelieLimit,
  type Propulsion,
  type RoadLoad,
} from '@/core/road-load';

// An invented machine, worked by hand from the formulas in the doc blocks.
const PEAKS: EnginePeaks = {
  power_kW: 54,
  power_rpm: 9000,
  torque_Nm: 68,
  torque_rpm: 6500,
  idle_rpm: 1400,
  limiter_rpm: 10000,
};
const TRAIN: Drivetrain = {
  primary: 1.9,
  gears: [2.75, 1.9, 1.45, 1.15, 0.97, 0.85],
  frontTeeth: 16,
  rearTeeth: 45,
  circumference_m: 2.05,
};
const LOAD: RoadLoad = {
  mass_kg: 300,
  rollingCoefficient: 0.02,
  dragArea_m2: 0.55,
  airDensity_kgm3: 1.225,
};
const curveOf = (peaks: Partial<EnginePeaks> = {}) => {
  const curve = torqueCurve({ ...PEAKS, ...peaks });
  if (curve.kind !== 'curve') throw new Error(curve.code);
  return curve;
};
const propulsion: Propulsion = { curve: curveOf(), train: TRAIN, efficiency: 0.9 };

describe('torque curve through both quoted peaks', () => {
  test.each([
    [3000, 58.3922],
    [5000, 66.2353],
    [6500, 68],
    [8000, 62.9916],
    [9000, 57.2958],
    [9500, 53.6017],
  ] as const)('%d rpm: %d N·m', (rpm, torque) =>
    expect(curveOf().torqueAt(rpm)).toBeCloseTo(torque, 4),
  );
  test('power at 8000 rpm 52.7717 kW, at the peak 54, at the limiter 95 %', () => {
    expect(curveOf().powerAt(8000)).toBeCloseTo(52.7717, 4);
    expect(curveOf().powerAt(9000)).toBeCloseTo(54, 9);
    expect(curveOf().powerAt(10000)).toBeCloseTo(0.95 * 54, 9);
  });
  test('nothing below idle or beyond the limiter', () =>
    expect([curveOf().torqueAt(1300), curveOf().torqueAt(10100)]).toEqual([0, 0]));
  test('both peaks are true peaks for any peaks that do not contradict each other', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 15, max: 100 }),
        fc.integer({ min: 6000, max: 11000 }),
        fc.double({ min: 0.55, max: 0.9, noNaN: true }),
        fc.double({ min: 1.03, max: 1.3, noNaN: true }),
        (power_kW, power_rpm, at, more) => {
          const atPower = (power_kW * 1000) / ((power_rpm * Math.PI) / 30);
          const curve = torqueCurve({
            power_kW,
            power_rpm,
            torque_Nm: atPower * more,
            torque_rpm: power_rpm * at,
            idle_rpm: 1300,
            limiter_rpm: power_rpm * 1.1,
          });
          if (curve.kind !== 'curve' || curve.flags.includes('clamped')) return;
          for (let rpm = 1300; rpm <= power_rpm * 1.1; rpm += 97) {
            expect(curve.torqueAt(rpm)).toBeLessThanOrEqual(atPower * more * (1 + 1e-9));
            expect(curve.powerAt(rpm)).toBeLessThanOrEqual(power_kW * (1 + 1e-9));
          }
        },
      ),
      { seed: 81 },
    );
  });
  test('contradictions are refused, with which', () => {
    expect(
      torqueCurve({ ...PEAKS, power_kW: 60, power_rpm: 6000, torque_Nm: 90, torque_rpm: 5000 }),
    ).toMatchObject({ kind: 'contradiction', code: 'torque-too-low' });
    expect(
      torqueCurve({ ...PEAKS, power_kW: 40, power_rpm: 6000, torque_Nm: 76, torque_rpm: 5200 }),
    ).toMatchObject({ kind: 'contradiction', code: 'power-too-low' });
    expect(torqueCurve({ ...PEAKS, torque_rpm: 9500 })).toMatchObject({
      kind: 'contradiction',
      code: 'order',
    });
  });
  test('a curve that cannot be concave is clamped and says so', () => {
    const curve = curveOf({
      power_kW: 40,
      power_rpm: 6000,
      torque_Nm: 72.5,
      torque_rpm: 5200,
      limiter_rpm: 7000,
    });
    expect(curve.flags).toEqual(['clamped']);
    expect(Math.max(...Array.from({ length: 800 }, (_, i) => curve.powerAt(5200 + i)))).toBeCloseTo(
      40.016,
      2,
    );
  });
});

describe('air', () => {
  // ISO 2533 (from memory).
  test.each([
    [0, 1.225],
    [1000, 1.1116],
    [2000, 1.0065],
    [3000, 0.9091],
    [4000, 0.8191],
  ] as const)('%d m: %d kg/m³', (h, density) =>
    expect(airAt(h).density_kgm3).toBeCloseTo(density, 4),
  );
  test('2000 m at 35 °C: 0.8987', () =>
    expect(airAt(2000, 35).density_kgm3).toBeCloseTo(0.8987, 4));
  // ISO 1585 / 4106 (from memory), dry air.
  test.each([
    [0, 1.0492],
    [1000, 0.9211],
    [2000, 0.8062],
    [3000, 0.7034],
    [4000, 0.6116],
  ] as const)('%d m: power × %d', (h, factor) =>
    expect(powerInAir(airAt(h))).toBeCloseTo(factor, 4),
  );
  test('3000 m against sea level: 0.6704', () =>
    expect(powerInAir(airAt(3000)) / powerInAir(airAt(0))).toBeCloseTo(0.6704, 4));
});

describe('gearing (exact kinematics)', () => {
  test.each([
    [1, 8.37],
    [3, 15.8742],
    [6, 27.0795],
  ] as const)('gear %d: %d km/h per 1000 rpm', (gear, speed) =>
    expect(speedPerThousand(TRAIN, gear)).toBeCloseTo(speed, 4),
  );
  test('110 km/h in top: 4062.1 rpm; with a 15-tooth sprocket 4332.9', () => {
    expect(rpmAt(TRAIN, 6, 110)).toBeCloseTo(4062.1, 1);
    expect(rpmAt({ ...TRAIN, frontTeeth: 15 }, 6, 110)).toBeCloseTo(4332.9, 1);
    expect(totalRatio(TRAIN, 6)).toBeCloseTo(4.542187, 6);
  });
  test('16 → 15: speed −6.25 %, revs +6.667 %; 45 → 48 the same speed; both −12.1094 %', () => {
    expect(sprocketChange(TRAIN, 15, 45)).toMatchObject({
      speed: expect.closeTo(-0.0625, 9) as number,
      engine: expect.closeTo(0.0666667, 6) as number,
    });
    expect(sprocketChange(TRAIN, 16, 48).speed).toBeCloseTo(-0.0625, 9);
    expect(sprocketChange(TRAIN, 15, 48).speed).toBeCloseTo(-0.121094, 6);
    expect(100 * sprocketChange(TRAIN, 15, 45).speedometer).toBeCloseTo(106.67, 2);
  });
  // Common practice, no source: 14 → 15 is 7.1 % taller, 15 → 14 6.7 % shorter, 43 → 47 at the rear about 8.5 to 9.3 % shorter by either count.
  test('what riders say of sprockets', () => {
    expect(sprocketChange({ frontTeeth: 14, rearTeeth: 43 }, 15, 43).speed).toBeCloseTo(0.071, 3);
    expect(sprocketChange({ frontTeeth: 15, rearTeeth: 43 }, 14, 43).speed).toBeCloseTo(-0.0667, 4);
    expect(sprocketChange({ frontTeeth: 15, rearTeeth: 43 }, 15, 47).engine).toBeCloseTo(0.093, 3);
    expect(rpmAt({ ...TRAIN }, 6, 70) / rpmAt({ ...TRAIN }, 6, 65)).toBeCloseTo(7000 / 6500, 9);
  });
  test('gaps and crawl', () => {
    expect(gearGaps(TRAIN)[0]).toBeCloseTo(1 - 1.9 / 2.75, 9);
    expect(crawlSpeed(TRAIN, 1400)).toBeCloseTo(11.718, 3);
  });
  // Machinery's Handbook (from memory).
  test('chain: 16/45, 620 mm → 109.1557 links, 110 give 626.748 mm; 15 teeth move the axle 3.695 mm', () => {
    expect(chainLinks(16, 45, 620, 15.875)).toBeCloseTo(109.1557, 4);
    expect(centreDistance(16, 45, 110, 15.875)).toBeCloseTo(626.748, 3);
    expect(centreDistance(15, 45, 110, 15.875) - centreDistance(16, 45, 110, 15.875)).toBeCloseTo(
      3.695,
      3,
    );
    expect(() => centreDistance(16, 45, 20, 15.875)).toThrow(RangeError);
    expect(CHAIN_PITCH_MM['428']).toBe(12.7);
  });
  test('rolling circumference 3.05·D', () =>
    expect(rollingCircumference(695.4)).toBeCloseTo(2.121, 3));
});

describe('road load', () => {
  test('power to hold 90 and 110 km/h: 7.483 and 12.676 kW (269.39 and 373.36 N)', () => {
    expect(resistance(LOAD, 25)).toBeCloseTo(269.39, 2);
    expect(powerToHold(LOAD, 90, 0.9)).toBeCloseTo(7.483, 3);
    expect(powerToHold(LOAD, 110, 0.9)).toBeCloseTo(12.676, 3);
  });
  test('at 110: headwind 10 m/s 20.809, 5 % grade 17.661, air of 3000 m 9.922 kW', () => {
    expect(powerToHold({ ...LOAD, headwind_ms: 10 }, 110, 0.9)).toBeCloseTo(20.809, 3);
    expect(powerToHold({ ...LOAD, grade: 0.05 }, 110, 0.9)).toBeCloseTo(17.661, 3);
    expect(
      powerToHold({ ...LOAD, airDensity_kgm3: airAt(3000).density_kgm3 }, 110, 0.9),
    ).toBeCloseTo(9.922, 3);
  });
  test('30 km/h: asphalt 0.761, sand 5.665 kW', () => {
    expect(powerToHold(LOAD, 30, 0.9)).toBeCloseTo(0.761, 3);
    expect(powerToHold({ ...LOAD, rollingCoefficient: 0.2 }, 30, 0.9)).toBeCloseTo(5.665, 3);
  });
  test('climb at 6500 rpm: third 41.27 %, fifth 10.09 %, sixth −0.41 %', () => {
    for (const [gear, grade] of [
      [3, 0.4127],
      [5, 0.1009],
      [6, -0.0041],
    ] as const) {
      const speed = speedPerThousand(TRAIN, gear) * 6.5;
      expect(steepestGrade(thrust(propulsion, gear, speed), LOAD, speed)).toBeCloseTo(grade, 4);
    }
  });
  test('a climb at the steepest grade is held exactly', () => {
    const speed = speedPerThousand(TRAIN, 3) * 6.5;
    const push = thrust(propulsion, 3, speed);
    expect(
      resistance({ ...LOAD, grade: steepestGrade(push, LOAD, speed) }, speed / 3.6),
    ).toBeCloseTo(push, 6);
  });
  test('top speed of 48.6 kW at the wheel: 184.814 km/h, against the cubic formula', () => {
    // P = a·v + b·v³ solved by Cardano (general-purpose expression evaluator).
    const [a, b, p] = [300 * 9.80665 * 0.02, 0.5 * 1.225 * 0.55, 48600];
    const cardano = evaluate(`cbrt(q + sqrt(q^2 + r^3)) + cbrt(q - sqrt(q^2 + r^3))`, {
      q: p / (2 * b),
      r: a / (3 * b),
    }) as number;
    expect(cardano * 3.6).toBeCloseTo(184.814, 3);
    expect(resistance(LOAD, cardano) * cardano).toBeCloseTo(p, 6);
  });
  test('through the gears it is at most that, in the gear that balances', () => {
    const top = topSpeed(propulsion, LOAD);
    expect(top?.speed_kmh).toBeLessThanOrEqual(184.8141);
    expect(top?.speed_kmh).toBeGreaterThan(165);
    expect(top?.by).toBe('balance');
    expect(topSpeed({ ...propulsion, train: { ...TRAIN, gears: [2.75] } }, LOAD)).toMatchObject({
      by: 'limiter',
      gear: 1,
    });
    expect(topSpeed(propulsion, { ...LOAD, grade: 3 })).toBeUndefined();
  });
  test('the slope of resistance over speed agrees with a symbolic derivative', () => {
    const slope = derivative('58.8399 + 0.5*1.225*0.55*v^2', 'v').evaluate({ v: 25 }) as number;
    expect((resistance(LOAD, 25.001) - resistance(LOAD, 24.999)) / 0.002).toBeCloseTo(slope, 6);
  });
});

describe('acceleration', () => {
  const setting = {
    stance: { wheelbase_m: 1.5, ahead_m: 0.7, height_m: 0.65, grip: 0.9 },
    launch_rpm: 5500,
    shift_rpm: 9800,
    shift_s: 0.2,
  };
  // Closed forms: constant power v = √(v₀² + 2Pt/m); constant force with quadratic drag through atanh.
  test('the integral against closed forms: 2.23981 s and 6.46169 s', () => {
    expect(timeBetween((v) => 50000 / (300 * v), 5, 100 / 3.6)).toBeCloseTo(2.23981, 4);
    expect(
      timeBetween((v) => (1500 - resistance({ ...LOAD, rollingCoefficient: 0 }, v)) / 300, 0, 30),
    ).toBeCloseTo(6.46169, 3);
  });
  test('limits: wheelie 10.561, grip 6.404 at μ 0.8 and 3.338 at 0.5 m/s²', () => {
    expect(wheelieLimit(setting.stance)).toBeCloseTo(10.561, 3);
    expect(gripLimit({ ...setting.stance, grip: 0.8 })).toBeCloseTo(6.404, 3);
    expect(gripLimit({ ...setting.stance, grip: 0.5 })).toBeCloseTo(3.338, 3);
  });
  test('0–100 km/h in 4.57 s over 71.3 m; 80 kg more 5.77 s: within the honest half second', () => {
    const first = launch(propulsion, LOAD, setting, 100);
    expect(Math.abs((first?.time_s ?? 0) - 4.57)).toBeLessThan(0.1);
    expect(Math.abs((first?.distance_m ?? 0) - 71.3)).toBeLessThan(3);
    expect(
      Math.abs((launch(propulsion, { ...LOAD, mass_kg: 380 }, setting, 100)?.time_s ?? 0) - 5.77),
    ).toBeLessThan(0.15);
  });
  test('80–110 km/h in sixth: 5.575 s', () =>
    expect(rollOn(propulsion, LOAD, 6, 80, 110)).toBeCloseTo(5.575, 2));
  test('what cannot be reached is not reached', () => {
    expect(launch(propulsion, { ...LOAD, grade: 0.9 }, setting, 100)).toBeUndefined();
    expect(rollOn(propulsion, LOAD, 1, 80, 110)).toBeUndefined();
  });
  test('more mass never shortens 0–100, less power never either', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 150 }),
        fc.double({ min: 0.6, max: 1, noNaN: true }),
        (more, factor) => {
          const base = launch(propulsion, LOAD, setting, 100)?.time_s ?? Infinity;
          expect(
            launch(propulsion, { ...LOAD, mass_kg: 300 + more }, setting, 100)?.time_s ?? Infinity,
          ).toBeGreaterThanOrEqual(base - 1e-9);
          expect(
            launch({ ...propulsion, powerFactor: factor }, LOAD, setting, 100)?.time_s ?? Infinity,
          ).toBeGreaterThanOrEqual(base - 1e-9);
        },
      ),
      { seed: 82, numRuns: 12 },
    );
  });
  test('no gear pushes harder than the best one', () => {
    for (const speed of [10, 40, 80, 120])
      for (let g = 1; g <= 6; g += 1)
        expect(bestGear(propulsion, speed)?.thrust_N ?? 0).toBeGreaterThanOrEqual(
          thrust(propulsion, g, speed),
        );
    expect(bestGear(propulsion, 400)).toBeUndefined();
  });
});

test('bisection finds roots, ends included, and refuses what has none', () => {
  expect(bisect((x) => x * x - 2, 0, 2)).toBeCloseTo(Math.SQRT2, 8);
  expect(bisect((x) => x, 0, 1)).toBe(0);
  expect(bisect((x) => x - 1, 0, 1)).toBe(1);
  expect(() => bisect((x) => x * x + 1, -1, 1)).toThrow(RangeError);
});
