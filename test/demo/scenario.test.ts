import { known } from '@/core/numeric';
import { describe, expect, test } from 'vitest';
import { DONOR_CLASSES, shortName } from '@/core/donor';
import { PART_KINDS } from '@/core/part';
import {
  crankFrom,
  findReadingFault,
  quotedInterval,
  readingInUse,
  type FigureKey,
} from '@/core/readings';
import { demoDossier } from '@/demo/scenario';
import { resolvedDonors, partsOf } from '@/store/queries';
import { BRIEF_KEY, RECORDS, TABLES } from '@/store/records';

const dossier = demoDossier();
const donors = Object.values(dossier.donors);
const readings = donors.flatMap((d) =>
  Object.entries(d.figures).flatMap(
    ([key, f]) => f?.readings.map((r) => ({ key: key as FigureKey, r, donor: d.id })) ?? [],
  ),
);

test('every record of the example is a good record', () => {
  for (const table of TABLES)
    for (const [key, record] of Object.entries(dossier[table]))
      expect(RECORDS[table].schema.safeParse(record).success, `${table} ${key}`).toBe(true);
  for (const { key, r, donor } of readings)
    expect(findReadingFault(key, r), `${donor} ${key}`).toBeUndefined();
});

test('one donor of each class, parts of every kind', () => {
  expect(
    donors
      .filter((d) => d.kind === 'model')
      .map((d) => d.donorClass)
      .toSorted(),
  ).toEqual([...DONOR_CLASSES].toSorted());
  expect(new Set(Object.values(partsOf(dossier)).map((p) => p.kind))).toEqual(new Set(PART_KINDS));
});

test('the trip: about 2400 km, a rider of about 1.66 m, improving, a gap of about 260 km', () => {
  expect(dossier.briefs[BRIEF_KEY]).toMatchObject({
    trip: { length_km: 2400, fuelGap_km: 260 },
    rider: { height_mm: 1660, skill: 'improving' },
  });
});

test('figures are quoted in the mixture that riders meet', () => {
  const units = new Set(readings.map(({ r }) => r.unit));
  for (const unit of [
    'kg',
    'lb',
    'hp',
    'kW',
    'PS',
    'Nm',
    'lbf-ft',
    'L',
    'gal-us',
    'gal-imp',
    'mpg-us',
    'mpg-imp',
    'L/100km',
    'mm',
    'in',
    'km',
    'mi',
    'EUR',
    'USD',
    'GBP',
  ] as const)
    expect(units.has(unit), unit).toBe(true);
  const bases = new Set(readings.map(({ r }) => r.basis));
  for (const basis of [
    'dry',
    'ready',
    'ready-90',
    'crank',
    'wheel',
    'claimed-travel',
    'taped-travel',
    'cycle',
    'mixed',
    'own-fills',
    'list',
    'on-the-road',
    'asked',
  ] as const)
    expect(bases.has(basis), basis).toBe(true);
  expect(new Set(readings.map(({ r }) => r.origin)).size).toBe(4);
});

describe('power, torque and their speeds do not contradict each other (P = T·ω)', () => {
  test.each([...resolvedDonors(dossier).values()].map((d) => [shortName(d), d] as const))(
    '%s',
    (_model, donor) => {
      const at = (key: FigureKey) => {
        const reading = readingInUse(donor.figures[key]);
        if (!reading) throw new Error(key);
        return crankFrom(known(quotedInterval(key, reading)), reading.basis, '').mid;
      };
      const [power, powerRpm, torque, torqueRpm] = [
        at('power'),
        at('powerRpm'),
        at('torque'),
        at('torqueRpm'),
      ];
      const powerAtTorque = (torque * torqueRpm * Math.PI) / 30 / 1000;
      const torqueAtPower = (power * 1000) / ((powerRpm * Math.PI) / 30);
      expect(torqueRpm).toBeLessThan(powerRpm);
      expect(at('redline')).toBeGreaterThan(powerRpm);
      expect(torqueAtPower).toBeLessThanOrEqual(torque * 1.005);
      expect(powerAtTorque).toBeLessThanOrEqual(power * 1.005);
    },
  );
});
