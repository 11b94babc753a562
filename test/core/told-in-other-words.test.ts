import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';
import { keys, keysByRule, read, ticked } from '../reading';

const ABOUT = 'The bike has 220 mm of suspension travel.';

// What is meant is common usage, no source.
describe('a seat, by a remark and its number', () => {
  test.each([
    ["Seat's the bad bit, 840 and hard.", 840],
    ['Seat is a proper plank, 980 up there.', 980],
    ['The saddle is a plank, 740 though.', 740],
  ])('%s', (said, height) => {
    expect(read(`${ABOUT} ${said}`)).toContain(`seatHeight ${height} mm standard-seat`);
  });
  test.each([
    "Seat's the bad bit, 739 and hard.",
    'Seat is a proper plank, 981 up there.',
    "Seat's the bad bit; I rode 840 that week.",
  ])('%s: none', (said) => {
    expect(keysByRule(`${ABOUT} ${said}`)).not.toContain('seatHeight');
  });
  test('of two heights the one that is called low is the low seat’s', () => {
    const found = read(`${ABOUT} Seat? Stock 870, I have the 850 low.`);
    expect(found).toContain('seatHeight 850 mm low-seat');
  });
});

describe('what it weighs', () => {
  test.each([
    ['Fuelled it was 196 kg on the shop scale.', 'mass 196 kg ready'],
    ["Mine's 144, fuelled, on a proper scale.", 'mass 144 kg ready'],
    ['They took four kilos out of it, so it’s 186 now.', 'mass 186 kg ready'],
    ['And the bike alone is 228.', 'mass 228 kg ready'],
    ['Weighed with a full tank and the crash bars: 217.5 kg.', 'mass 217.5 kg ready'],
  ])('%s', (said, mass) => {
    expect(read(`${ABOUT} ${said}`)).toContain(mass);
  });
  test.each([
    'Weighed it at work: 187 kg with about a gallon in it.',
    'On the bathroom scales: 92 F, 104 R.',
    '12 kg less would make it 184 wet.',
  ])('%s: not what it weighs ready', (said) => {
    expect(ticked(`${ABOUT} ${said}`)).not.toContain('mass');
    expect(read(`${ABOUT} ${said}`)).not.toContain('mass 92 kg ready');
  });
});

describe('what it uses', () => {
  test('what was promised is not what it does', () => {
    const found = read(`${ABOUT} I was promised four litres, I'm getting five and a half.`);
    expect(found).toContain('consumption 5.5 L/100km own-fills');
    expect(found.filter((f) => f.startsWith('consumption'))).toHaveLength(1);
  });
  test('what one gallon does is no range', () => {
    const found = read(`${ABOUT} A gallon takes me 81 miles. It has MOT and new tyres.`);
    expect(found).toContain('consumption 81 mpg-imp mixed');
    expect(keys(`${ABOUT} A gallon takes me 81 miles.`)).not.toContain('statedRange');
  });
  test.each([
    ['It does 22 kays to the litre.', 'consumption 22 km/L mixed'],
    ['I make that four litres a hundred.', 'consumption 4 L/100km mixed'],
    ['Conso entre 4,3 et 4,9.', 'consumption 4.6 L/100km mixed'],
    ['Im Schnitt nimmt sie sich viereinhalb Liter.', 'consumption 4.5 L/100km mixed'],
  ])('%s', (said, use) => {
    expect(read(`${ABOUT} ${said}`)).toContain(use);
  });
});

describe('how far, and what it holds', () => {
  test.each([
    ['With ten litres on board that’s 300 km.', 300, 10],
    ['The tank holds 19 litres, so you are looking at 330 or so before you need a pump.', 330, 19],
    ['Der Tank hat 16 Liter, ich komm 300 weit.', 300, 16],
    ['Bei 18 Litern im Tank sind das gut und gern 380 Kilometer.', 380, 18],
    ['The range is 420 km from sixteen litres.', 420, 16],
  ])('%s', (said, range, tank) => {
    const found = read(`${ABOUT} ${said}`);
    expect(found.some((f) => f.startsWith(`statedRange ${range} `))).toBe(true);
    expect(found).toContain(`tank ${tank} L stated`);
  });
  test('what lies between two pumps is the road’s', () => {
    expect(
      keysByRule(`${ABOUT} A twenty litre tank, because there’s 300 km between servos.`),
    ).not.toContain('statedRange');
  });
});

describe('what is not on the machine', () => {
  test('spare sprockets', () => {
    expect(keys(`${ABOUT} Extra set of sprockets 13/50.`)).not.toContain('sprocketFront');
    expect(read(`${ABOUT} Sprockets 13/50.`)).toContain('sprocketFront 13 teeth stated');
  });
  test('how wide its bars are is no height of them', () => {
    expect(keys(`${ABOUT} Bars 32" wide.`)).not.toContain('barHeight');
    expect(keys(`${ABOUT} Bar height 45".`)).toContain('barHeight');
  });
  test('a wish', () => {
    expect(ticked('Want something lower, under 34" seat, under 400 lb.')).toEqual([]);
  });
});

describe('lists with slashes between blanks', () => {
  test('neighbours are no pair', () => {
    const found = read(
      '650cc / 48.5kW / 63Nm / 18L / 201kg wet / 850mm / 21-18 / 220mm-220mm / 225mm GC',
    );
    expect(found).toContain('clearance 225 mm stated');
    expect(found).toContain('travelFront 220 mm claimed-travel');
    expect(found.filter((f) => f.startsWith('clearance'))).toHaveLength(1);
  });
  test('with a heading they are a table of machines', () => {
    const { machines } = readText(
      'Model / kg / hp / L / mm seat / €\nVorrin 390 / 163 / 43 / 14.5 / 855 / 6,349\nThalmark 450 / 175 / 42 / 14 / 845 / 5,699',
    );
    expect(
      machines.map((m) => m.proposals.flatMap((p) => (p.kind === 'figure' ? [p.amount] : []))),
    ).toEqual([
      [163, 43, 14.5, 855, 6349],
      [175, 42, 14, 845, 5699],
    ]);
  });
});

describe('where nobody writes a unit', () => {
  test('German talk is in PS, kilometres and euros, whatever “in” and “Liter” may mean elsewhere', () => {
    const found = read(
      'Was wiegt die denn? 204, vollgetankt. Wie viel geht in den Tank? 17 Liter. PS? 73. Was kostet der Spaß? 11400. Wann muss sie zum Service? Alle 10000.',
    );
    expect(found).toContain('power 73 PS crank');
    expect(found).toContain('serviceInterval 10000 km stated');
    expect(found.find((f) => f.startsWith('price'))).toMatch(/11400 EUR/);
  });
  test('English talk with a foreign word in it stays in dollars', () => {
    const found = read(
      'It weighs 395 pounds with a full tank, 3.7 gallons that is, and the seat is 32.3 inches. It cost me 5700 dollars out the door.',
    );
    expect(found.find((f) => f.startsWith('price'))).toMatch(/5700 USD/);
  });
  test('“mpg (US)” decides on the gallon', () => {
    expect(read(`${ABOUT} Gets 51 mpg (US) and holds 5.3 gallons.`)).toContain(
      'tank 5.3 gal-us stated',
    );
  });
});

describe('whose price', () => {
  test('“around” behind a word for a price says nothing of its own', () => {
    expect(read(`${ABOUT} MSRP: around €8,499.`)).toContain('price 8499 EUR list');
    expect(read(`${ABOUT} Price around €8,499.`).find((f) => f.startsWith('price'))).not.toMatch(
      /asked/,
    );
  });
  test('“5.990 €” in a list is no six euros', () => {
    expect(read('47 CV, 189 kg, depósito 17,5 l, 845 mm, 5.990 €.')).toContain(
      'price 5990 EUR list',
    );
  });
});

describe('a class by what is fitted', () => {
  const classOf = (text: string) => readText(text).machines[0]?.donorClass;
  const TWIN = 'Parallel twin, wet weight 214 kg, 70 hp, seat height 855 mm, 18 L tank.';
  test('another rim makes it less sure', () => {
    const usual = classOf(`${TWIN} Wheels 21/18, spoked.`);
    const other = classOf(`${TWIN} Wheels 19/17, cast.`);
    expect(usual?.donorClass).toBe('rally-twin');
    expect(other?.chance ?? 0).toBeLessThan(usual?.chance ?? 0);
  });
});
