import { describe, expect, test } from 'vitest';
import { licenceCheck } from '@/core/licence';
import { between, exactly, known, unknown, type Estimate } from '@/core/numeric';
import { kilograms, kilowatts, type Kilograms, type Kilowatts } from '@/core/units';

const kW = (low: number, high = low): Estimate<Kilowatts> =>
  known(low === high ? exactly(kilowatts(low)) : between(kilowatts(low), kilowatts(high)));
const kg = (mass: number): Estimate<Kilograms> => known(exactly(kilograms(mass)));

// Limits of Directive 2006/126/EC Art. 4 (from memory): A1 11 kW and 0.1 kW/kg; A2 35 kW, 0.2 kW/kg, base at most 2 P.
describe('which rule is broken is named', () => {
  test('power alone, power by mass alone, both', () => {
    expect(licenceCheck('A2', kW(36), kg(200), undefined)).toMatchObject({
      kind: 'not-legal',
      rules: ['power'],
    });
    expect(licenceCheck('A2', kW(34), kg(150), undefined)).toMatchObject({
      kind: 'not-legal',
      rules: ['power-to-mass'],
    });
    expect(licenceCheck('A1', kW(12), kg(100), undefined)).toMatchObject({
      kind: 'not-legal',
      rules: ['power', 'power-to-mass'],
    });
  });
  test('a restricted machine on A2: its base may have twice the power, no more', () => {
    expect(licenceCheck('A2', kW(35), kg(200), kW(70))).toMatchObject({ kind: 'legal' });
    expect(licenceCheck('A2', kW(35), kg(200), kW(70.1))).toMatchObject({
      kind: 'not-legal',
      rules: ['base-power'],
    });
  });
  test('the base says nothing on A1', () => {
    expect(licenceCheck('A1', kW(11), kg(120), kW(90))).toMatchObject({ kind: 'legal' });
    expect(licenceCheck('A1', kW(11), kg(120), unknown('unrestrictedPower'))).toMatchObject({
      kind: 'legal',
    });
  });
});

describe('too near to say, or too little known', () => {
  test.each([
    ['power', kW(34, 36), kg(300), undefined],
    ['power-to-mass', kW(30, 34), kg(160), undefined],
    ['base-power', kW(30), kg(300), kW(59, 61)],
  ] as const)('%s with its limit inside the interval', (rule, power, mass, base) => {
    expect(licenceCheck('A2', power, mass, base)).toMatchObject({
      kind: 'not-known',
      missing: [],
      near: [rule],
    });
  });
  test('an interval whose upper end is the limit keeps it, one whose lower end is the limit is too near', () => {
    expect(licenceCheck('A2', kW(34, 35), kg(300), undefined).kind).toBe('legal');
    expect(licenceCheck('A2', kW(35, 36), kg(300), undefined).kind).toBe('not-known');
  });
  test('what is missing is named', () => {
    expect(licenceCheck('A2', unknown('power'), kg(200), undefined)).toMatchObject({
      kind: 'not-known',
      missing: ['power'],
      near: [],
    });
    expect(licenceCheck('A2', kW(30), unknown('mass'), unknown('unrestrictedPower'))).toMatchObject(
      {
        kind: 'not-known',
        missing: ['mass', 'unrestrictedPower'],
        near: [],
      },
    );
  });
  test('a broken rule stays broken whatever else is missing', () =>
    expect(licenceCheck('A2', kW(40), unknown('mass'), undefined)).toMatchObject({
      kind: 'not-legal',
      rules: ['power'],
    }));
});

test('A asks for nothing', () =>
  expect(licenceCheck('A', unknown('power'), unknown('mass'), undefined)).toMatchObject({
    kind: 'legal',
  }));

/** The rule in each row: by the definition of a chance over the table of draws. */
describe('in how many rows a licence holds', () => {
  const mid = ({ holds }: ReturnType<typeof licenceCheck>) =>
    holds.kind === 'known' ? holds.mid : holds.missing;
  test('kept, broken, and broken whatever is missing', () => {
    expect(mid(licenceCheck('A2', kW(35), kg(175), undefined))).toBe(1);
    expect(mid(licenceCheck('A2', kW(35.1), kg(200), undefined))).toBe(0);
    expect(mid(licenceCheck('A2', kW(36), unknown('mass'), undefined))).toBe(0);
  });
  test('nothing broken and something missing: not known, and by what', () =>
    expect(mid(licenceCheck('A2', kW(30), unknown('mass'), undefined))).toEqual(['mass']));
  test('broken with everything known stays a figure of its rows, not a bare nought', () => {
    const { holds } = licenceCheck('A2', kW(35.5, 36.5), kg(200), undefined);
    expect(holds.kind === 'known' && holds.mid).toBe(0);
    expect(holds.kind === 'known' && holds.rows).toBeDefined();
  });
  test('a limit in the middle of an interval holds in about half the rows', () => {
    const { holds } = licenceCheck('A2', kW(34, 36), kg(300), undefined);
    const rows = holds.kind === 'known' ? [...(holds.rows ?? [])] : [];
    expect(rows.length).toBeGreaterThan(0);
    const share = rows.reduce((sum, x) => sum + x, 0) / rows.length;
    expect(share).toBeGreaterThan(0.45);
    expect(share).toBeLessThan(0.55);
  });
});
