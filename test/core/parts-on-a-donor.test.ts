import { describe, expect, test } from 'vitest';
import { reckon, caseOf, type Reckoning } from '@/core/assessment';
import { SHIPPED } from '@/core/catalogue';
import { resolveDonor, type Donor } from '@/core/donor';
import { fitsDonor, LOOSE_LIMIT_L, looseFuel, madeFor, type Part } from '@/core/part';
import { FUEL_DENSITY } from '@/core/readings';
import { quoted } from '@/demo/quoted';
import { demoDossier } from '@/demo/scenario';
import { BRIEF_KEY, newBrief, newDonor } from '@/store/records';

const part = (id: string): Part => {
  const found = SHIPPED.parts[id];
  if (!found) throw new Error(id);
  return found;
};
const dossier = demoDossier();
const brief = dossier.briefs[BRIEF_KEY] ?? newBrief('EUR');
const donor = (id: string): Donor => resolveDonor(dossier.donors, id) ?? newDonor(id);
const with_ = (d: Donor, ...ids: readonly string[]): Reckoning =>
  reckon(caseOf({ brief, donor: d, parts: ids.map(part) }));
const mid = (
  r: Reckoning,
  key: 'range' | 'readyMass' | 'loadedMass' | 'heelGap' | 'powerToMass',
) => {
  const { estimate } = r.metrics[key];
  return estimate.kind === 'known' ? estimate.mid : Number.NaN;
};

describe('fuel outside the tank is no tank', () => {
  const stock = with_(donor('sorrel-300'));
  const can = with_(donor('sorrel-300'), 'can-5');
  test('the machine ready to ride gains the can alone, the load its fuel as well', () => {
    expect(mid(can, 'readyMass') - mid(stock, 'readyMass')).toBeCloseTo(1.5, 6);
    expect(mid(can, 'loadedMass') - mid(stock, 'loadedMass')).toBeCloseTo(
      1.5 + 5 * FUEL_DENSITY.mid,
      6,
    );
  });
  test('it adds range by what is in it, a little less for carrying it', () => {
    const { consumption } = can.metrics;
    const used = consumption.estimate.kind === 'known' ? consumption.estimate.mid : Number.NaN;
    expect(mid(can, 'range') - mid(stock, 'range')).toBeLessThan((5 / used) * 100);
    expect(mid(can, 'range') - mid(stock, 'range')).toBeGreaterThan((4.4 / used) * 100);
  });
  test('never more than may be carried, and never two of a kind', () => {
    const many = [1, 2, 3].map((i) => ({ ...part('can-5'), id: `can-${i}` }));
    expect(looseFuel(many.slice(0, 2))).toBe(10);
    expect(looseFuel(many)).toBe(LOOSE_LIMIT_L);
    expect(looseFuel([part('tank-rear-4')])).toBe(0);
    expect(part('can-5').slot).toBe(part('bladder-7').slot);
  });
});

describe('unlocking goes by the donor’s sheet', () => {
  const restricted: Donor = {
    ...newDonor('shut'),
    donorClass: 'rally-twin',
    figures: quoted('shut', {
      mass: [205, 'kg', 'claimed', 'sheet', 'ready'],
      power: [35, 'kW', 'claimed', 'sheet'],
      unrestrictedPower: [58, 'kW', 'claimed', 'sheet'],
      unlockPrice: [410, 'EUR', 'claimed', 'dealer'],
    }),
  };
  test('full power, for the price on the sheet', () => {
    const own = madeFor(part('unlock'), restricted);
    expect(own.price).toEqual({ amount: 410, currency: 'EUR' });
    const { power } = with_(restricted, 'unlock').figures;
    expect(power.estimate.kind === 'known' && power.estimate.mid).toBeCloseTo(58, 6);
    expect(madeFor(part('unlock'), restricted)).toBe(own);
    expect(with_(restricted, 'unlock').cost.parts).toBe(410);
  });
  test('the same machine is legal on A2 as it is, and not unlocked', () => {
    const onA2 = { ...brief, rider: { ...brief.rider, licence: 'A2' as const } };
    const check = (...parts: Part[]) =>
      reckon(caseOf({ brief: onA2, donor: restricted, parts })).licence.kind;
    expect(check()).toBe('legal');
    expect(check(part('unlock'))).toBe('not-legal');
  });
  test('it fits nobody who is not restricted', () => {
    expect(fitsDonor(part('unlock'), restricted)).toBe(true);
    expect(fitsDonor(part('unlock'), { ...restricted, figures: {} })).toBe(false);
  });
  test('every other part is the same for everybody', () =>
    expect(madeFor(part('can-5'), restricted)).toBe(part('can-5')));
});

test('a wide seat takes reach by more than its height', () => {
  const d = donor('sorrel-300');
  const more = mid(with_(d, 'seat-comfort'), 'heelGap') - mid(with_(d), 'heelGap');
  expect(more).toBeGreaterThan(12 + 20);
});
