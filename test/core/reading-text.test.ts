import { describe, expect, test } from 'vitest';
import { DONOR_CLASSES } from '@/core/donor';
import { isClassGuessed, readHeader, readText, type Proposal } from '@/core/spec-text';
import { guessColumns, readDonorRow, upright } from '@/core/tables';
import { CLASS_WORDS } from '@/ui/messages';

const all = (text: string): readonly Proposal[] =>
  readText(text).machines.flatMap((m) => m.proposals);
const figure = (text: string, key: string) => all(text).find((p) => p.key === key);
const keys = (text: string) => all(text).map((p) => p.key);

describe('seen wrong and ticked before', () => {
  test('three lengths in a row each find their own label', () => {
    const text = 'travel 8.7 in front, 7.3 in rear, ground clearance 9.6 in';
    expect(figure(text, 'travelFront')).toMatchObject({ amount: 8.7, ticked: true });
    expect(figure(text, 'travelRear')).toMatchObject({ amount: 7.3, ticked: true });
    expect(figure(text, 'clearance')).toMatchObject({ amount: 9.6, ticked: true });
  });
  test.each(['Maximum laden weight 335 kg', 'Max permitted weight (kg): 335'])(
    '%s is a limit, not the mass',
    (text) => expect(keys(text)).toEqual(['maxMass']),
  );
  test('a code behind a dollar sum says whose it is', () =>
    expect(figure('asking $10,400 AUD for my Tolga 700 trail bike', 'price')).toMatchObject({
      amount: 10400,
      unit: 'AUD',
      basis: 'asked',
    }));
});

describe('what is none of the sheet', () => {
  test.each([
    ['2017 Marrow Vantage, 18,400 miles, full service history', 'serviceInterval'],
    ['For sale: chain and sprockets done at 17k, 20,000 km', 'sprocketFront'],
    ['Bike has panniers of 37 L each and a top box', 'tank'],
    ['The bike is great. I weigh 90 kg and she is 61 kg.', 'mass'],
    ['Motorcycle for sale, £38.50 per week, £299 deposit', 'price'],
    ['My old bike weighed 228 kg, seat 840 mm', 'mass'],
    ['Which bike has a seat below 850 mm?', 'seatHeight'],
    ["No, it's not 145 kg wet.", 'mass'],
  ])('%s', (text, key) => expect(keys(text)).not.toContain(key));
  test('what was passed over can be looked at, with the reason, and taken', () => {
    const [m] = readText(
      'My old bike weighed 228 kg. The new one has a seat height of 840 mm.',
    ).machines;
    expect(m?.passedOver).toMatchObject([
      {
        why: { code: 'other-machine' },
        as: { key: 'mass', amount: 228, unit: 'kg', ticked: false },
      },
    ]);
  });
  test('a price that was, and what it is now', () => {
    const text = 'For sale: trail bike, was £4,995, now £4,650, 9,000 miles';
    expect(figure(text, 'price')).toMatchObject({ amount: 4650, unit: 'GBP' });
    expect(all(text).filter((p) => p.key === 'price')).toHaveLength(1);
  });
});

describe('whose gallons and whose money: decided once for the text', () => {
  test.each([
    ['Tank 3.3 gallons, kerb weight 188 kg, £6,449', 'gal-imp', true],
    ['Fuel capacity 3.3 gal, curb weight 410 lb, MSRP $6,449', 'gal-us', true],
    ['Tank 3.3 gallons', 'gal-us', false],
  ] as const)('%s', (text, unit, ticked) =>
    expect(figure(text, 'tank')).toMatchObject({ unit, ticked }),
  );
  test('it is said by which words', () =>
    expect(readText('Tank 3.3 gallons, £6,449 with new tyres').countryBy).toContain('£'));
  test('kilograms beside gallons are told by the word at their end, and not by the first of the text', () =>
    expect(readText('So it weighs 194 kilos, and does 60 miles to the gallon').countryBy).toEqual([
      'gallon',
    ]));
  test('a dollar of nobody is not ticked', () =>
    expect(figure('Price $6,400, mass 180 kg ready to ride', 'price')).toMatchObject({
      ticked: false,
      doubts: [{ code: 'currency-unclear' }],
    }));
});

describe('doubt', () => {
  test('both sides of a contradiction are marked', () =>
    expect(
      all('Seat height 880 mm.\nSeat height 860 mm.').map((p) => [
        p.ticked,
        p.doubts.map((d) => d.code),
      ]),
    ).toEqual([
      [false, ['said-otherwise']],
      [false, ['said-otherwise']],
    ]));
  test('what was measured and what is claimed are two readings', () =>
    expect(
      all('Measured wet weight 463 lb (claimed 452 lb)').map((p) => [
        p.kind === 'figure' && p.origin,
        p.kind === 'figure' && p.amount,
        p.ticked,
      ]),
    ).toEqual([
      ['measured', 463, true],
      ['claimed', 452, true],
    ]));
  test.each(['61 hp', '44 Nm', 'Seat height 880', '449 cc'])(
    '%s: recognised by its unit or without one, so never ticked',
    (text) => expect(all(text).filter((p) => p.ticked)).toEqual([]),
  );
  test('a footnote carries the basis', () =>
    expect(figure('Weight: 149 kg*\n* without fuel', 'mass')).toMatchObject({
      basis: 'dry',
      ticked: true,
    }));
});

describe('classes and machines', () => {
  test.each([
    ['Air-cooled single, 15 kW, kerb weight 128 kg, 9 litre tank', 'air-trail-single'],
    ['Parallel twin, 73 hp, wet weight 206 kg, seat height 872 mm, tank 18 L', 'rally-twin'],
    ['Boxer twin, shaft drive, 100 kW, 249 kg ready to ride', 'large-adventure-twin'],
  ])('%s', (text, donorClass) =>
    expect(readText(text).machines[0]?.donorClass?.donorClass).toBe(donorClass),
  );
  test('what the engine gives and the number in the name speak for the class, ticked or not', () => {
    const text =
      'For sale: Wandal 650, 2021, 14,300 km, asking $8,200 ono. 196 kg wet, 14.5 L tank, seat 835 mm, 62 hp. Clearance 190 mm, travel 170 mm front and rear.';
    expect(readText(text).machines[0]?.donorClass?.donorClass).toBe('rally-twin');
  });
  test('a single is of no class of twins, nor a twin of one of singles, whatever its figures', () => {
    const read = (engine: string, cc: number, kW: number, kg: number) =>
      readText(
        `Marrick ${cc} Ostler\nCurb weight: ${kg} kg\nSeat height: 850 mm\nMax power: ${kW} kW\nEngine: ${engine}, liquid cooled, ${cc} cc`,
      ).machines[0]?.donorClass;
    expect(read('four-stroke', 510, 41, 196)?.donorClass).toBe('rally-twin');
    expect(read('single', 510, 41, 196)?.donorClass).toMatch(/single$/);
    expect(read('single', 510, 41, 196)?.chance).toBeLessThanOrEqual(0.6);
    expect(read('single', 250, 18, 140)?.donorClass).toBe('dual-sport-single');
    // The nearest of the twins, though none is so small.
    expect(read('parallel twin', 250, 18, 140)).toMatchObject({ donorClass: 'rally-twin' });
  });
  test('a machine that none of the classes is like is a guess', () => {
    const read = (mass: string, power: string) =>
      readText(
        `Corran Range. Kerb weight ${mass}, 18 L tank, seat height 870 mm, power ${power}, travel 220 mm front and rear, clearance 240 mm.`,
      ).machines[0]?.donorClass;
    // A rally twin has 48 to 72 kW, nine times in ten (the table of classes); this one would have 31.
    expect(read('205 kg', '75 hp')).toMatchObject({ donorClass: 'rally-twin' });
    expect(read('205 kg', '75 hp')?.chance).toBeGreaterThan(0.8);
    expect(read('180 kg', '41 hp')?.chance ?? 0).toBeLessThanOrEqual(0.6);
  });
  test('one figure far out of the class makes it a guess, one at the end of its nine in ten does not', () => {
    const read = (kg: number) =>
      readText(
        `Corran Range. Kerb weight ${kg} kg, 18 L tank, seat height 870 mm, power 75 hp, travel 220 mm front and rear, clearance 240 mm.`,
      ).machines[0]?.donorClass;
    // A rally twin weighs 197 to 222 kg ready to ride, nine times in ten (the table of classes).
    expect(isClassGuessed(read(197))).toBe(false);
    expect(isClassGuessed(read(222))).toBe(false);
    expect(read(183)?.donorClass).toBe('rally-twin');
    expect(isClassGuessed(read(183))).toBe(true);
  });
  test('talk of three figures between the classes is a guess', () => {
    const { machines } = readText(
      'So the Marrick Ostler weighs 184 kilos wet, the seat is 880 mm and it makes 51 horsepower.',
    );
    expect(isClassGuessed(machines[0]?.donorClass)).toBe(true);
    expect(isClassGuessed(undefined)).toBe(true);
  });
  test('a text of no figures has no class', () =>
    expect(readText('A motorcycle.').machines[0]?.donorClass).toBeUndefined());
});

describe('long and odd texts', () => {
  test('five million characters are cut off, and it says how many', () => {
    const read = readText('Seat height 880 mm.\n'.repeat(250_000));
    expect(read.leftOut).toBe(5_000_000 - 100_000);
  });
});

describe('tables', () => {
  test.each([
    ['kW', { key: 'power', unit: 'kW' }],
    ['Wet kg', { key: 'mass', unit: 'kg', basis: 'ready' }],
    ['MPG', { key: 'consumption', unit: undefined, gallonUnclear: true }],
    ['GC', { key: 'clearance' }],
    ['Displ. cc', { key: 'displacement', unit: 'cc' }],
    ['Travel R', { key: 'travelRear' }],
    ['kerb weight/kg', { key: 'mass', unit: 'kg', basis: 'ready' }],
    ['Sitzhöhe (mm)', { key: 'seatHeight', unit: 'mm' }],
    ['Réservoir (L)', { key: 'tank', unit: 'L' }],
    ['weight_lb_wet', { key: 'mass', unit: 'lb', basis: 'ready' }],
  ] as const)('%s', (heading, meaning) => expect(readHeader(heading)).toMatchObject(meaning));
  test('machines as columns are turned', () => {
    const turned = upright({
      headings: ['', 'Vantage 310', 'Ridge 450'],
      rows: [
        ['Power (kW)', '24.5', '33'],
        ['Seat (mm)', '868', '871'],
      ],
    });
    expect(turned).toEqual({
      headings: ['Model', 'Power (kW)', 'Seat (mm)'],
      rows: [
        ['Vantage 310', '24.5', '868'],
        ['Ridge 450', '33', '871'],
      ],
      turned: true,
    });
    expect(upright({ headings: ['Model', 'kW'], rows: [['A', '20']] }).turned).toBe(false);
  });
  test.each(
    DONOR_CLASSES.flatMap((c) =>
      [c, CLASS_WORDS[c], CLASS_WORDS[c].toUpperCase()].map((w) => [w, c] as const),
    ),
  )('the class “%s” is accepted', (words, donorClass) => {
    const columns = guessColumns(['Model', 'Class'], undefined);
    expect(
      readDonorRow(['X', words], {
        columns,
        origin: 'heard',
        note: '',
        donorClass: 'rally-twin',
        id: 'd',
      }),
    ).toMatchObject({ kind: 'donor', donor: { donorClass } });
  });
});
