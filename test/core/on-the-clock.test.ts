import { describe, expect, test } from 'vitest';
import { readHeader, readText } from '@/core/spec-text';

/** What has been run, as adverts say it; common practice, no source. Machines are made up. */
const clockOf = (text: string) => {
  const clock = readText(text).machines[0]?.sale?.odometer;
  return clock && `${clock.amount} ${clock.unit}`;
};

describe('what a machine for sale has run', () => {
  test.each([
    '18,400 km',
    '18.400 km',
    '18 400 km',
    '18.4k km',
    'Km 18.400',
    'KM: 18,400',
    'Mileage: 18,400 km',
    'Kilometerstand: 18.400',
    'Laufleistung 18.400 km',
    'kmstand 18.400',
    'Kilométrage : 18 400 km',
    'percorsi 18.400 km',
    'przebieg 18 400 km',
    'has done 18,400 km',
    'ridden 18,400 km',
    'gelaufen 18.400 km',
  ])('%s', (said) => {
    expect(clockOf(`Verkaufe Tovaro Lunet 570, Baujahr 2019, ${said}. VB 4.200 €.`)).toBe(
      '18400 km',
    );
    expect(clockOf(`For sale 2019 Tovaro Lunet 570. ${said}. Asking $6,800, rego May`)).toBe(
      '18400 km',
    );
  });
  test.each([
    '18,400 miles',
    '18.4k miles',
    'Mileage 18,400',
    'Mileage: 18,400',
    'odometer: 18,400',
    'odo reads 18,400 miles',
    'miles: 18,400',
  ])('%s', (said) => {
    expect(clockOf(`For sale: 2019 Tovaro Lunet 570, ${said}. £4,200 ono. MOT May.`)).toBe(
      '18400 mi',
    );
    expect(clockOf(`FS 2019 Tovaro Lunet 570. ${said}, $5,200 obo, clean title`)).toBe('18400 mi');
  });
  test('a year behind the word is none, and mileage per gallon is none', () => {
    expect(clockOf('For sale: Lunet 570, mileage 2019. £4,200 ono. MOT May.')).toBeUndefined();
    expect(clockOf('For sale: 2019 Lunet 570, mileage 62 mpg. £4,200 ono.')).toBeUndefined();
  });
});

test('a Finnish advert: name, year, clock and how it was weighed', () => {
  const text =
    'Myydään Vadrun Dray 610 vm. 2019, ajettu 31 500 km. Paino 204 kg ajokunnossa. Hinta 5 950 €.';
  const [machine] = readText(text).machines;
  expect(machine).toMatchObject({ maker: 'Vadrun', model: 'Dray 610', year: 2019 });
  expect(clockOf(text)).toBe('31500 km');
  expect(machine?.proposals).toContainEqual(
    expect.objectContaining({ key: 'mass', amount: 204, basis: 'ready', ticked: true }),
  );
});

describe('headings of tables with a gallon of its country', () => {
  test.each([
    ['Tank / US gal', 'tank', 'gal-us'],
    ['tank_US gal', 'tank', 'gal-us'],
    ['Fuel capacity, imp gal', 'tank', 'gal-imp'],
    ['Fuel consumption in mpg US', 'consumption', 'mpg-us'],
    ['Economy: mpg UK', 'consumption', 'mpg-imp'],
  ])('%s', (heading, key, unit) =>
    expect(readHeader(heading)).toMatchObject({ kind: 'figure', key, unit, gallonUnclear: false }),
  );
  test('a gallon of no country stays open', () =>
    expect(readHeader('Tank / gal')).toMatchObject({ key: 'tank', gallonUnclear: true }));
});
