import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

const read = (text: string) => readText(text).machines.flatMap((m) => m.proposals);
const figures = (text: string) =>
  read(text).flatMap((p) =>
    p.kind === 'figure' ? [`${p.key} ${p.amount} ${p.unit} ${p.basis}${p.ticked ? '' : '?'}`] : [],
  );

// Words of adverts and posts; common usage, no source.
describe('when something was last done is no interval', () => {
  test.each([
    '18 200 km, dernier entretien 17 500.',
    'dernière révision à 17 500 km.',
    'letzte Inspektion bei 17.500 km',
    'última revisión a los 17.500 km',
    'ultimo tagliando a 17.500 km',
    'laatste beurt bij 17.500 km',
    'ostatni przegląd przy 17 500 km',
    'senaste service vid 1750 mil',
  ])('%s', (line) => expect(figures(`Harrow Dust 701, ${line}`)).toEqual([]));
  test.each([
    ['entretien tous les 10 000 km', 10000],
    ['revisión cada 10.000 km, última revisión a los 17.500', 10000],
    ['Tagliando ogni 10.000 km', 10000],
  ])('%s: how often is', (line, km) =>
    expect(figures(`Harrow Dust 701. ${line}`)).toEqual([`serviceInterval ${km} km stated`]),
  );
});

test('of so much more to what came out, the latter counts, in the same unit', () =>
  expect(
    figures(
      'Belvane Trekka 800. Power is up 6 hp to 94, weight down 4 kg to 208, and the seat has gone up 15 mm to 860.',
    ),
  ).toEqual(['power 94 hp crank', 'mass 208 kg ready?', 'seatHeight 860 mm standard-seat']));

describe('rollers and scales', () => {
  test('what the maker quotes stays the crank’s, what the rollers gave is the wheel’s', () =>
    expect(
      figures(
        'Korrin 450 Ibis. Korrin quote forty-one and a half horsepower. We put it on our rollers and got thirty-seven.',
      ),
    ).toEqual(['power 41.5 hp crank?', 'power 37 hp wheel?']));
  test('a number behind the scales is a mass, in the unit of the text', () =>
    expect(
      figures(
        'Skarrow 450 Fjell, 3.4 gallon tank, 62 mpg. I rolled it onto the scales with a full tank and it was 341.',
      ),
    ).toContain('mass 341 lb ready?'));
});

describe('what is asked tells nothing', () => {
  const abs = (text: string) => read(text).filter((p) => p.key === 'abs');
  test('a question alone', () =>
    expect(abs('Korrin 450 Ibis, seat 840 mm. Can you turn the ABS off?')).toEqual([]));
  test('answered with yes', () =>
    expect(abs('Korrin 450 Ibis, seat 840 mm. Can the ABS be turned off? Yes.')).toMatchObject([
      { value: 'both-off' },
    ]));
  test('not all of it', () =>
    expect(
      abs("Korrin 450 Ibis, seat 840 mm. ABS can't be fully turned off, just the rear"),
    ).toMatchObject([{ value: 'rear-off' }]));
});

describe('sheets', () => {
  test('empty and full on one line', () =>
    expect(figures('Orlande Senda 500\nPeso (en vacío/lleno): 178/196 kg')).toEqual([
      'mass 178 kg dry',
      'mass 196 kg ready',
    ]));
  test('a unit in the cell before the number, behind other words', () =>
    expect(
      figures(
        'Model\tOstrel Senda 450\tHarrow Dust 701\nPower (kW)\t31\t55\nWeight wet (kg)\t168\t169\nTank (l)\t12\t13',
      ).filter((f) => f.startsWith('mass')),
    ).toEqual(['mass 168 kg ready', 'mass 169 kg ready']));
  test.each([
    ['Freins av/ar ...... 2 x 320 mm / 260 mm', 'twin-disc'],
    ['Bremsen v/h: 2 x 300 mm / 240 mm', 'twin-disc'],
    ['Altura asiento: 890 mm\nFrenos del./tras.: 2 discos 300 mm / disco 240 mm', 'twin-disc'],
    // A size alone does not say how many.
    ['Bremsen v/h: 300 mm / 240 mm', undefined],
  ])('%s', (line, discs) => {
    const told = read(`Varrick Tundra 900\nWheelbase: 1550 mm\n${line}`);
    expect(told.find((p) => p.key === 'brakeFront')?.['value' as never]).toBe(discs);
    expect(told.filter((p) => p.key.startsWith('travel'))).toEqual([]);
  });
  test('a shock is not an engine of one cylinder', () =>
    expect(
      read('Varrick Tundra 900\nHauteur de selle : 890 mm\nMono : déb. 230 mm').map((p) => p.key),
    ).toEqual(['seatHeight', 'travelRear']));
  test('the cash price of an example of credit is the price asked, and no second list price', () =>
    expect(
      figures(
        'NEW 2025 BELVANE TREKKA 800\nOur price: £9,799  RRP £10,499\nRepresentative example: Cash price £9,799, deposit £1,500',
      ),
    ).toEqual(['price 9799 GBP asked', 'price 10499 GBP list']));
});

// A pair in the place of another was fitted by its owner, unless a new model is spoken of; common usage, no source.
describe('sprockets in the place of others', () => {
  const pair = (text: string) => figures(text).map((f) => f.split(' ')[1]);
  test.each([
    'Varrick Tundra 900. Kettensatz bei 18.000 neu (14/46 statt 15/46).',
    'Varrick Tundra 900, gearing 14/46 instead of 15/46.',
  ])('%s', (line) => expect(pair(line)).toEqual(['15', '46']));
  test('of a new model the new one counts', () =>
    expect(
      pair('Varrick Tundra 900. For 2025 it comes with 14/46 gearing instead of 15/46.'),
    ).toEqual(['14', '46']));
});

describe('what is missing is not there', () => {
  const cruise = (line: string) =>
    read(`Senda 450, seat 890 mm. ${line}`).flatMap((p) =>
      p.key === 'cruiseControl' && p.kind === 'fact' ? [p.value] : [],
    );
  test.each([
    'Was fehlt: Tempomat und Windschild.',
    "What's missing: cruise control and a USB socket.",
    'Il manque un régulateur de vitesse.',
    'Manca il cruise control.',
    'Le falta control de crucero.',
  ])('%s', (line) => expect(cruise(line)).toEqual(['no']));
  test('what has it and misses nothing', () =>
    expect(cruise('It has cruise control. Nothing is missing.')).toEqual(['yes']));
});

describe('words between two numbers', () => {
  test('of the motorway and right before the second are said of that one', () =>
    expect(figures('Tarnik 700 Szlak. Spalanie mam ok. 4,5 l/100 km, na autostradzie 5,5')[0]).toBe(
      'consumption 4.5 L/100km mixed',
    ));
  test('behind the first without a mark are said of the first', () =>
    expect(figures('Tarnik 700 Szlak. Weight: 187 kg dry, 204 kg wet')).toEqual([
      'mass 187 kg dry',
      'mass 204 kg ready',
    ]));
  test('the standard seat in brackets behind the low one', () =>
    expect(figures('Larkspur Tern 400. Seat 32.8" with factory low seat (34.1 standard).')).toEqual(
      ['seatHeight 32.8 in low-seat', 'seatHeight 34.1 in standard-seat'],
    ));
});

describe('what is left open is asked about', () => {
  const ticks = (line: string) => read(`Senda 450. ${line}`).map((p) => p.ticked);
  test.each([
    'Le réservoir va de 16 à 18 litres selon version.',
    'Sitzhöhe 840 bis 870 mm je nach Ausführung.',
    'Tank 16-18 litres depending on version.',
    'Rider sag 70 mm of 205 mm travel.',
  ])('%s', (line) => expect(ticks(line)).toEqual([false]));
  test.each(['Tank 18 litres.', 'Front travel 205 mm.'])('%s is not', (line) =>
    expect(ticks(line)).toEqual([true]),
  );
  test('both of a stock pair are told', () =>
    expect(figures('Senda 450. Lowered 20 mm, 14/47 sprockets, stock is 15/45.')).toEqual([
      'sprocketFront 15 teeth stated',
      'sprocketRear 45 teeth stated',
    ]));
});
