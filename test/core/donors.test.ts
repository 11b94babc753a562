import { describe, expect, test } from 'vitest';
import { donorLine, resolveDonor, shortName, type Donor, type DonorTable } from '@/core/donor';
import { factInUse, isFactValue, rivalFacts } from '@/core/facts';
import { fittedWorth, repairs } from '@/core/money';
import { fitsDonor, type Part } from '@/core/part';
import { missingFigures, wantWeights } from '@/core/preference';
import { readingInUse } from '@/core/readings';
import { ESSENTIAL_KEYS, SHEET_KEYS } from '@/core/sheet';
import { FACT_KEYS } from '@/core/facts';
import { FIGURE_KEYS } from '@/core/readings';
import { quoted } from '@/demo/quoted';
import { demoDossier } from '@/demo/scenario';
import { assessmentOf, resolvedDonors, partsOf } from '@/store/queries';
import { BRIEF_KEY, newBrief, newDonor } from '@/store/records';
import { assessed } from '../cases';

const base: Donor = {
  ...newDonor('m'),
  maker: 'Hollin',
  model: 'Plover',
  version: '2025',
  donorClass: 'rally-twin',
  figures: quoted('m', {
    mass: [200, 'kg', 'claimed', 's'],
    seatHeight: [880, 'mm', 'claimed', 's'],
  }),
  facts: { abs: { readings: [{ id: 'a', value: 'fixed', origin: 'claimed', note: '' }] } },
  weakPoints: [{ id: 'w', what: 'gear', mend: false, origin: 'heard', note: '' }],
};
const low: Donor = {
  ...newDonor('v'),
  kind: 'variant',
  baseId: 'm',
  version: 'low',
  figures: quoted('v', { seatHeight: [845, 'mm', 'claimed', 's', 'low-seat'] }),
  variant: { seat: 'low' },
};
const sale: Donor = {
  ...newDonor('l'),
  kind: 'machine',
  baseId: 'v',
  state: 'for-sale',
  version: 'red one',
  machine: { fitted: [] },
  weakPoints: [
    {
      id: 'x',
      what: 'seal',
      cost: { amount: 120, currency: 'EUR' },
      mend: true,
      origin: 'measured',
      note: '',
    },
  ],
};
const table: DonorTable = { m: base, v: low, l: sale };

describe('variants and listings inherit and override', () => {
  test('a listing of a variant of a model', () => {
    const donor = resolveDonor(table, 'l');
    expect(donor).toMatchObject({
      maker: 'Hollin',
      model: 'Plover',
      version: 'low, red one',
      donorClass: 'rally-twin',
    });
    expect(readingInUse(donor?.figures.seatHeight)?.amount).toBe(845);
    expect(readingInUse(donor?.figures.mass)?.amount).toBe(200);
    expect(factInUse(donor?.facts?.abs)?.value).toBe('fixed');
    expect(donor?.weakPoints?.map((w) => w.id)).toEqual(['w', 'x']);
    expect(donorLine(table, 'l').map((d) => d.id)).toEqual(['l', 'v', 'm']);
    expect(donor && shortName(donor)).toBe('Plover (low, red one)');
  });
  test('a low version takes over the low seat of a sheet that names both, its model the standard one', () => {
    const seats = quoted('b', {
      seatHeight: [
        [880, 'mm', 'claimed', 's'],
        [850, 'mm', 'claimed', 's', 'low-seat'],
      ],
    });
    const { figures: _, ...bare } = low;
    const both: Donor = { ...base, figures: { ...base.figures, ...seats } };
    const seatOf = (variant: Donor, model: Donor = both) =>
      readingInUse(resolveDonor({ m: model, v: variant, l: sale }, 'l')?.figures.seatHeight)
        ?.amount;
    expect(readingInUse(both.figures.seatHeight)?.amount).toBe(880);
    expect(seatOf({ ...bare, figures: {} })).toBe(850);
    expect(seatOf({ ...bare, figures: {}, variant: {} })).toBe(880);
    expect(seatOf(low)).toBe(845);
    const [first] = seats.seatHeight?.readings ?? [];
    const insisted = {
      seatHeight: { readings: seats.seatHeight?.readings ?? [], pinned: first?.id },
    };
    expect(seatOf({ ...bare, figures: {} }, { ...both, figures: insisted })).toBe(880);
  });
  test('a model is itself; who is gone is gone', () => {
    expect(resolveDonor(table, 'm')).toBe(base);
    expect(resolveDonor(table, 'nobody')).toBeUndefined();
    expect(resolvedDonors({ donors: table, trials: {}, parts: {}, catalogues: {} }).get('m')).toBe(
      base,
    );
  });
  test('a base that is gone leaves what the record itself says', () =>
    expect(resolveDonor({ v: low }, 'v')).toBe(low));
  test('a ring in damaged data ends', () => {
    const ring: DonorTable = {
      a: { ...low, id: 'a', baseId: 'b' },
      b: { ...low, id: 'b', baseId: 'a' },
    };
    expect(donorLine(ring, 'a')).toHaveLength(2);
  });
});

const dossier = demoDossier();
const brief = dossier.briefs[BRIEF_KEY] ?? newBrief('EUR');
const part = (id: string): Part => {
  const found = partsOf(dossier)[id];
  if (!found) throw new Error(id);
  return found;
};

describe('a machine for sale', () => {
  test('parts aboard change what is inherited, not what was read on that machine', () => {
    const donor = resolveDonor(dossier.donors, 'drover-430-brenfold') ?? base;
    const bare = assessed(brief, donor);
    const aboard = assessed(brief, donor, [], { parts: [part('bash-plate')], readOnIt: ['price'] });
    const read = assessed(brief, donor, [], {
      parts: [part('bash-plate')],
      readOnIt: ['price', 'mass'],
    });
    const mass = (a: typeof bare) =>
      a.metrics.readyMass.estimate.kind === 'known'
        ? a.metrics.readyMass.estimate.interval.mid
        : NaN;
    expect(mass(aboard) - mass(bare)).toBeCloseTo(part('bash-plate').mass_kg, 9);
    expect(mass(read)).toBe(mass(bare));
    expect(aboard.cost.parts).toBe(0);
  });
  test('is worth what the build would pay, less wear', () => {
    const { price } = part('bash-plate');
    expect(fittedWorth([{ part: part('bash-plate'), wear: 0.25 }], brief.money).worth).toBeCloseTo(
      price.amount * 0.75,
      9,
    );
    expect(fittedWorth([{ part: part('bash-plate'), wear: 1 }], brief.money).worth).toBe(0);
    // Fitting by a workshop would have been paid too.
    const cartridges = part('fork-cartridges');
    expect(fittedWorth([{ part: cartridges, wear: 0 }], brief.money).worth).toBeCloseTo(
      cartridges.price.amount + cartridges.fitting_h * brief.money.shopRate_perHour,
      9,
    );
    expect(
      fittedWorth(
        [{ part: { ...cartridges, own: true, price: { amount: 5, currency: 'ZAR' } }, wear: 0 }],
        brief.money,
      ).noRate,
    ).toEqual(['fork-cartridges']);
  });
  test('what must be put right counts; a cost not known makes the sum not known, never 0', () => {
    const point = { id: 'p', what: 'seal', mend: true, origin: 'heard', note: '' } as const;
    expect(repairs([], brief.money)).toMatchObject({ kind: 'known', interval: { mid: 0 } });
    expect(
      repairs(
        [
          { ...point, cost: { amount: 100, currency: 'EUR' } },
          { ...point, cost: { amount: 100, currency: 'USD' } },
        ],
        brief.money,
      ),
    ).toMatchObject({ kind: 'known', interval: { mid: 191 } });
    expect(repairs([point], brief.money)).toMatchObject({
      kind: 'unknown',
      missing: ['repairCost'],
    });
    expect(
      repairs([{ ...point, cost: { amount: 1, currency: 'ZAR' } }], brief.money),
    ).toMatchObject({ kind: 'unknown', missing: ['rate:ZAR'] });
    expect(repairs([{ ...point, mend: false }], brief.money)).toMatchObject({
      kind: 'known',
      interval: { mid: 0 },
    });
  });
  test('a part made for a model fits its variants and listings', () => {
    const made = { fits: { kind: 'donors', donorIds: ['m'] } } as const;
    expect(fitsDonor(made, sale)).toBe(false);
    expect(fitsDonor(made, sale, ['l', 'v', 'm'])).toBe(true);
  });
});

describe('what is most worth finding out', () => {
  const weights = wantWeights(brief);
  test('a must that cannot be judged comes before points', () => {
    const assessment = assessmentOf(
      resolveDonor(dossier.donors, 'postmark-640-v') ?? base,
      dossier,
    );
    expect(assessment && missingFigures(assessment, weights)[0]).toMatchObject({
      name: 'maxMass',
      musts: ['payload'],
      wants: ['payloadLeft'],
    });
  });
  test('of a blank sheet everything the brief asks for, its points adding the wants', () => {
    const missing = missingFigures(assessed(brief, newDonor('blank')), weights);
    expect(missing.map((m) => m.name)).toEqual(
      expect.arrayContaining(['mass', 'power', 'tank', 'seatHeight', 'price']),
    );
    const mass = missing.find((m) => m.name === 'mass');
    expect(mass?.weight).toBeCloseTo(
      weights.readyMass +
        weights.powerToMass +
        weights.cruisePower +
        weights.range +
        weights.payloadLeft,
      9,
    );
  });
  test('of a sheet with every figure, only the facts that are left open', () => {
    const assessment = assessmentOf(resolveDonor(dossier.donors, 'drover-430') ?? base, dossier);
    expect(
      assessment &&
        missingFigures(assessment, weights)
          .map((m) => m.name)
          .sort(),
    ).toEqual(['crashBars', 'handGuards', 'sumpGuard']);
  });
});

describe('the sheet', () => {
  test('holds every figure and fact once', () => {
    expect([...SHEET_KEYS].sort()).toEqual([...FIGURE_KEYS, ...FACT_KEYS].sort());
    expect(ESSENTIAL_KEYS.length).toBeLessThanOrEqual(12);
  });
  test('facts: the firmer source counts, a pin before it; other values are named', () => {
    const fact = {
      readings: [
        { id: 'a', value: 'none', origin: 'heard', note: '' },
        { id: 'b', value: 'fixed', origin: 'measured', note: '' },
        { id: 'c', value: 'none', origin: 'claimed', note: '' },
      ],
    } as const;
    expect(factInUse(fact)?.id).toBe('b');
    expect(factInUse({ ...fact, pinned: 'a' })?.id).toBe('a');
    expect(factInUse(undefined)).toBeUndefined();
    expect(rivalFacts(fact).map((r) => r.id)).toEqual(['a', 'c']);
    expect(isFactValue('abs', 'none')).toBe(true);
    expect(isFactValue('abs', 'sometimes')).toBe(false);
    expect(isFactValue('tyreFront', '90/90-21 54H')).toBe(true);
    expect(isFactValue('tyreFront', 'round')).toBe(false);
  });
});
