import fc from 'fast-check';
import { partsOf } from '@/store/queries';
import { describe, expect, test } from 'vitest';
import { judge, BASE_METRIC_KEYS } from '@/core/assessment';
import type { Donor, DonorSheet } from '@/core/donor';
import { between, known, unknown } from '@/core/numeric';
import { applyParts, fitsDonor, type Part } from '@/core/part';
import { FIGURE_KEYS, normalFigures } from '@/core/readings';
import { demoDossier } from '@/demo/scenario';
import { BRIEF_KEY, newBrief } from '@/store/records';
import { assessed } from '../cases';
import { formulaWords } from '@/ui/messages';

const dossier = demoDossier();
const brief = dossier.briefs[BRIEF_KEY] ?? newBrief('EUR');
const donor = (id: string): Donor => {
  const found = dossier.donors[id];
  if (!found) throw new Error(id);
  return found;
};
const part = (id: string): Part => {
  const found = partsOf(dossier)[id];
  if (!found) throw new Error(id);
  return found;
};
const mid = (e: { kind: string; interval?: { mid: number } }) =>
  e.kind === 'known' ? (e.interval?.mid ?? Number.NaN) : Number.NaN;
const bare = (over: Partial<DonorSheet> = {}): Donor => ({
  kind: 'model',
  id: 'x',
  maker: '',
  model: '',
  version: '',
  donorClass: 'rally-twin',
  figures: {},
  note: '',
  ...over,
});

test('of a machine nobody knows anything about every number is marked as typical of its class, with what it stands in for', () => {
  const a = assessed(brief, bare());
  for (const key of BASE_METRIC_KEYS) {
    const { estimate, typical } = a.metrics[key];
    if (estimate.kind === 'known') {
      expect(typical?.length, key).toBeGreaterThan(0);
      if (key !== 'wheels')
        expect(estimate.interval.high, key).toBeGreaterThan(estimate.interval.low);
    } else expect(estimate.missing.length, key).toBeGreaterThan(0);
  }
  expect(a.metrics.range.typical).toEqual(['tank', 'consumption', 'mass']);
  // What nothing is typical of stays not known.
  expect(a.metrics.outlay.estimate).toEqual({ kind: 'unknown', missing: ['price'] });
  expect(a.musts.find((m) => m.key === 'payload')).toMatchObject({
    verdict: 'not-known',
    missing: ['maxMass', 'mass'],
  });
});

test('leaving any one figure out leaves every metric as it was, unless it says that it is not known or rests on what is typical', () => {
  const whole = donor('dunelark-720');
  for (const key of FIGURE_KEYS) {
    const { [key]: _left, ...figures } = whole.figures;
    const without = assessed(brief, { ...whole, figures });
    for (const metric of BASE_METRIC_KEYS) {
      const [before, after] = [
        assessed(brief, whole).metrics[metric].estimate,
        without.metrics[metric].estimate,
      ];
      const { typical } = without.metrics[metric];
      if (typical?.includes(key)) continue;
      // Without its rate a spring counts as its class has it.
      if (typical?.some((k) => !assessed(brief, whole).metrics[metric].typical?.includes(k)))
        continue;
      if (after.kind === 'known' && before.kind === 'known') {
        // An index over several facts may lose one: then it spans what that one may be worth.
        expect(after.interval.low, `${metric} without ${key}`).toBeLessThanOrEqual(
          before.interval.low,
        );
        expect(after.interval.high, `${metric} without ${key}`).toBeGreaterThanOrEqual(
          before.interval.high,
        );
        if (metric !== 'wheels')
          expect(after.interval, `${metric} without ${key}`).toEqual(before.interval);
      }
      if (after.kind === 'unknown') expect(after.missing.length).toBeGreaterThan(0);
    }
  }
});

test('every metric carries its formula, its inputs and its source', () => {
  const a = assessed(brief, donor('wren-230'));
  for (const key of BASE_METRIC_KEYS) {
    const { working } = a.metrics[key];
    expect(formulaWords(working.formula).formula.length).toBeGreaterThan(5);
    expect(formulaWords(working.formula).source.length).toBeGreaterThan(3);
    expect(working.inputs.length).toBeGreaterThan(0);
  }
  expect(a.metrics.readyMass.working.inputs[0]?.reading).toMatchObject({
    amount: 114,
    unit: 'kg',
    basis: 'dry',
  });
});

describe('musts', () => {
  test('kept, doubtful and broken by how likely each holds', () => {
    const verdict = (need: number) => judge(known(between(300, 320)), need, 'more').verdict;
    expect([290, 310, 330].map(verdict)).toEqual(['pass', 'unsure', 'fail']);
    const other = (need: number) => judge(known(between(300, 320)), need, 'less').verdict;
    expect([330, 290].map(other)).toEqual(['pass', 'fail']);
    expect(judge(unknown('tank'), 290, 'less').verdict).toBe('not-known');
  });
  test('the example: the small tank fails the gap, the dear machines the money, an unread plate leaves the payload open', () => {
    const verdict = (id: string, key: string) =>
      assessed(brief, donor(id)).musts.find((m) => m.key === key)?.verdict;
    expect(verdict('wren-230', 'range')).toBe('fail');
    expect(verdict('bastion-1160', 'money')).toBe('fail');
    expect(verdict('postmark-640-v', 'payload')).toBe('not-known');
    expect(verdict('drover-430', 'money')).toBe('pass');
  });
});

describe('parts', () => {
  const stock = normalFigures(donor('sorrel-300').figures, () => unknown('price'));
  test('set, then scale, then add, whatever the order of the list', () => {
    const a: Part = {
      ...part('seat-low'),
      mass_kg: 0,
      effects: [{ figure: 'tank', change: 'add', amount: 4 }],
    };
    const b: Part = {
      ...part('seat-low'),
      mass_kg: 0,
      effects: [{ figure: 'tank', change: 'set', amount: 12 }],
    };
    expect(applyParts(stock, [a, b]).tank.estimate).toEqual(
      applyParts(stock, [b, a]).tank.estimate,
    );
    expect(mid(applyParts(stock, [a, b]).tank.estimate)).toBe(16);
  });
  test('a larger tank brings the mass of its fuel: petrol 0.745 kg/L (EN 228 range, from memory)', () => {
    const fitted = applyParts(stock, [part('tank-dual-12')]);
    expect(mid(fitted.mass.estimate) - mid(stock.mass.estimate)).toBeCloseTo(
      1.3 + (12.6 - 8.3) * 0.745,
      6,
    );
  });
  test('what is not known stays so unless a part sets it', () => {
    const none = normalFigures({}, () => unknown('price'));
    const fitted = applyParts(none, [part('seat-low'), part('tank-dual-12')]);
    expect(fitted.seatHeight.estimate.kind).toBe('unknown');
    expect(fitted.mass.estimate.kind).toBe('unknown');
    expect(mid(fitted.tank.estimate)).toBe(12.6);
  });
  test('no parts change nothing', () => expect(applyParts(stock, [])).toEqual(stock));
  test('every shipped part fits some donor of the example, and only what it says', () => {
    for (const p of Object.values(partsOf(dossier)))
      expect(
        Object.values(dossier.donors).some((d) => fitsDonor(p, d)),
        p.id,
      ).toBe(true);
    expect(fitsDonor(part('tank-trail-11'), donor('bastion-1160'))).toBe(false);
    expect(fitsDonor({ fits: { kind: 'donors', donorIds: ['x'] } }, bare())).toBe(true);
  });
  test('more parts never cost less, and lowering never raises the seat', () => {
    const all = Object.values(partsOf(dossier));
    fc.assert(
      fc.property(fc.subarray(all, { maxLength: 8 }), fc.constantFrom(...all), (some, more) => {
        const [a, b] = [
          assessed(brief, donor('sorrel-300'), some),
          assessed(brief, donor('sorrel-300'), [...some, more]),
        ];
        expect(mid(b.metrics.outlay.estimate)).toBeGreaterThanOrEqual(
          mid(a.metrics.outlay.estimate) - 1e-9,
        );
      }),
      { seed: 17, numRuns: 60 },
    );
    expect(
      mid(assessed(brief, donor('sorrel-300'), [part('seat-low')]).metrics.heelGap.estimate),
    ).toBeLessThan(mid(assessed(brief, donor('sorrel-300')).metrics.heelGap.estimate));
  });
});

describe('cautions', () => {
  const codes = (id: string, parts: readonly string[] = []) =>
    assessed(brief, donor(id), parts.map(part)).cautions.map((c) => c.code);
  test('lowering without a shorter stand, at one end, and with it', () => {
    expect(codes('sorrel-300', ['lowering-link'])).toEqual(
      expect.arrayContaining(['lowered-without-stand', 'lowered-one-end', 'tell-insurer']),
    );
    expect(codes('sorrel-300', ['lowering-link', 'stand-short'])).toContain('lowered');
    expect(codes('sorrel-300', ['lowering-link', 'stand-short'])).not.toContain(
      'lowered-without-stand',
    );
  });
  test('approval, brakes, shock, load, reach and range', () => {
    expect(
      codes('sorrel-300', ['silencer-free', 'brake-lines', 'shock-rebuildable', 'lights-aux']),
    ).toEqual(
      expect.arrayContaining([
        'ends-approval',
        'brake-hydraulics',
        'specialist-shock',
        'electrical-load',
      ]),
    );
    expect(codes('bastion-1160')).toEqual(
      expect.arrayContaining(['tiptoe-on-loose', 'fuel-gap-over-range']),
    );
    expect(codes('wren-230')).not.toContain('tiptoe-on-loose');
  });
  test('over the permitted maximum is said at the worst end of the figures', () => {
    const heavy = { ...brief, trip: { ...brief.trip, luggage_kg: 80 } };
    const over = assessed(heavy, donor('wren-230')).cautions.find(
      (c) => c.code === 'over-permitted-mass',
    );
    expect(over?.code === 'over-permitted-mass' && over.over_kg).toBeGreaterThan(0);
  });
});

test('a claimed 35 kW machine of 180 kg may be ridden on A2: licence law goes by the papers', () => {
  const claimed = (
    amount: number,
    unit: 'kW' | 'kg' | 'L',
    basis: 'crank' | 'ready' | 'stated',
  ) => ({ readings: [{ id: 'r', amount, unit, basis, origin: 'claimed' as const, note: '' }] });
  const a2 = { ...brief, rider: { ...brief.rider, licence: 'A2' as const } };
  const machine = bare({
    figures: {
      power: claimed(35, 'kW', 'crank'),
      mass: claimed(180, 'kg', 'ready'),
      tank: claimed(14, 'L', 'stated'),
    },
  });
  expect(assessed(a2, machine).licence.kind).toBe('legal');
  expect(
    assessed(a2, {
      ...machine,
      figures: { ...machine.figures, power: claimed(35.3, 'kW', 'crank') },
    }).licence.kind,
  ).toBe('not-legal');
});
