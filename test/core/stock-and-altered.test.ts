import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

/** "T tank 16 L" of each figure, ticked ones with a T. */
const read = (text: string): readonly string[] =>
  readText(text).machines.flatMap((m) =>
    m.proposals.flatMap((p) =>
      p.kind === 'figure' ? [`${p.ticked ? 'T' : '-'} ${p.key} ${p.amount} ${p.unit}`] : [],
    ),
  );
const ticked = (text: string): readonly string[] => read(text).filter((f) => f.startsWith('T'));

// Sentences as owners write them; machines and figures made up, what should come of them by reading them.
describe('the number that it came with, told behind what it became', () => {
  test.each([
    ['17/45 sprockets, stock is 15/45.', ['T sprocketFront 15 teeth', 'T sprocketRear 45 teeth']],
    [
      'Running 14/48 sprockets. Stock was 15/46.',
      ['T sprocketFront 15 teeth', 'T sprocketRear 46 teeth'],
    ],
    ['I have the 22 litre tank. Standard is 16 litres.', ['T tank 16 L']],
    ["Seat's 880 mm. Stock it's 850 mm.", ['T seatHeight 850 mm']],
    ['Forks travel 250 mm, stock is 220 mm.', ['T travelFront 220 mm']],
    ['Power 78 hp. Stock was 72 hp.', ['T power 72 hp']],
    ['Rear spring 95 N/mm. Stock 85 N/mm.', ['T shockRate 85 N/mm']],
    ['My bike: 180 kg wet. Stock weight is 208 kg wet.', ['T mass 208 kg']],
    ['Mods: 26 litre tank (stock 20 litre tank).', ['T tank 20 L']],
    [
      'Tank 22 L (orig. 16 L). Sitzhöhe 830 mm (Serie 850 mm).',
      ['T tank 16 L', 'T seatHeight 850 mm'],
    ],
    [
      "Réservoir 22 L (16 L d'origine), selle 880 mm (850 d'origine)",
      ['T tank 16 L', 'T seatHeight 850 mm'],
    ],
    ['Depósito de 22 litros (el original era de 16).', ['T tank 16 L']],
    ['Tank 22 liter (origineel 16).', ['T tank 16 L']],
  ])('%s', (text, wanted) => expect(read(text)).toEqual(wanted));

  test.each([
    // Two figures, and not one that became another.
    [
      'Wheelbase 1520 mm, standard seat height 850 mm.',
      ['T wheelbase 1520 mm', 'T seatHeight 850 mm'],
    ],
    [
      'Kerb weight 208 kg, standard. Tank 16 litres, standard seat 850 mm.',
      ['T mass 208 kg', 'T tank 16 L', 'T seatHeight 850 mm'],
    ],
    // Twice the number is no other tank of it.
    ['Tank 8 L, standard 16 L.', ['T tank 8 L']],
  ])('%s: as it stands', (text, wanted) => expect(ticked(text)).toEqual(wanted));
});

describe('a machine that is not as its maker built it', () => {
  test.each([
    'Lowered: seat 820 mm, clearance 195 mm, travel 180/180 mm.',
    "I shaved the seat, it's 825 mm now. Fitted stiffer springs, 6.5 N/mm front and 95 N/mm rear.",
    'Seat is 830 mm now, it was 850 mm from the factory.',
    'Seat height 830 mm (used to be 850 mm).',
    'Sitzhöhe 830 mm nach Abpolstern, vorher 850 mm.',
    'Hauteur de selle 830 mm après creusement (850 mm avant).',
    'Altura del asiento 830 mm tras rebajarlo, antes 850 mm.',
    'Sella scavata a 830 mm, prima era 850.',
    'Zadelhoogte 830 mm na verlagen.',
    'Rally build: 23 L tank, 920 mm seat, 280 mm travel, 168 kg wet, 300 mm clearance.',
    'After 20 mm raising links, seat height 870 mm and clearance 240 mm.',
    'Umgebaut: Federweg 240 mm statt 200 mm, Sitzhöhe 890 mm, Bodenfreiheit 260 mm.',
    'Tank 22 L aftermarket. Seat 830 mm custom. Front sprocket 14T aftermarket.',
    'Tank 22 l in plaats van 16 l. Zadel 830 mm ipv 850 mm.',
    'Tank 22 Liter statt 16 Liter.',
    'Réservoir 22 l au lieu de 16 l.',
    "I've got the tall seat on at 36.2 in.",
    'Monterat: större tank 22 l, sänkt sadel 820 mm.',
    'Verlaagd met 30 mm (zithoogte nu 820 mm), grotere tank 22 l.',
    'Obniżony o 30 mm, siedzenie 820 mm, większy zbiornik 22 l.',
    'Rebaixada 30 mm, banco a 820 mm, depósito maior de 22 L.',
    'Ribassata di 30 mm, sella a 820 mm, serbatoio maggiorato 22 litri.',
    'Rabaissée de 30 mm, selle à 820 mm, couronne de 47.',
    'Rebajada 30 mm, asiento a 820 mm, corona de 47.',
    '30 mm tiefer, Sitzhöhe 820 mm, größerer Tank 22 L.',
    'Snížená o 30 mm, sedlo 820 mm, větší nádrž 22 l.',
    'Upgraded the tank to 22 l.',
    'Sella rifatta, ora 845 mm.',
    'Selle refaite en gel, 850 mm.',
    'Asiento mullido a 870 mm.',
    'My limit is an 850 mm seat and 200 kg.',
    'Lowest seat I can manage is 840 mm.',
  ])('%s: nothing is ticked', (text) => expect(ticked(text)).toEqual([]));

  test('what a maker changed from one model to the next counts', () =>
    expect(ticked('The new one gets an 18 litre tank instead of 16.')).toEqual(['T tank 18 L']));
  test('the stock figure of such a sentence counts', () =>
    expect(ticked('It is lowered, seat height 850 mm stock.')).toEqual(['T seatHeight 850 mm']));
  test.each([
    ['The seat has come down from 875 to 860 mm.', ['T seatHeight 860 mm']],
    ["The tank's gone up from 16 to 18 litres.", ['T tank 18 L']],
    ['With a low link my seat came down from 875 mm to 850 mm.', []],
  ])('%s', (text, wanted) => expect(ticked(text)).toEqual(wanted));
});

describe('what grew or fell from one model to the next, in other languages', () => {
  test.each([
    [
      'Depuis 2024, le réservoir passe de 16 à 18 litres et la selle de 850 à 855 mm.',
      ['T tank 18 L', 'T seatHeight 855 mm'],
    ],
    ['Ab Modelljahr 2024 stieg die Leistung von 53 auf 58 kW.', ['T power 58 kW']],
    [
      'Desde 2024 la potencia sube de 72 a 79 CV y el depósito de 16 a 18 litros.',
      ['T power 79 PS', 'T tank 18 L'],
    ],
    ['La potenza passa da 53 a 58 kW.', ['T power 58 kW']],
    ['Con el kit el asiento baja de 850 a 820 mm.', []],
    // A range, and nothing that grew.
    ['Consommation de 4,2 à 4,8 l/100 km.', ['T consumption 4.5 L/100km']],
  ])('%s', (text, wanted) => expect(ticked(text)).toEqual(wanted));
  test.each(['The pre-2022 bikes had a 15 litre tank.', 'Seat from 820 mm.'])(
    '%s: nothing is ticked',
    (text) => expect(ticked(text)).toEqual([]),
  );
});

describe('laden, held back, or run so far', () => {
  test.each([
    ['Weight 208 kg ready to ride, with panniers 221 kg.', ['T mass 208 kg']],
    ['Motorrad wiegt 208 kg fahrfertig, mit Koffern 221 kg.', ['T mass 208 kg']],
    ['£6,200 ono. MOT til March. Last service at 15k, now on 16,200.', ['T price 6200 GBP']],
    [
      'Nieuwprijs € 9.899, nu € 7.250. Rijklaar gewicht 208 kg.',
      ['T price 9899 EUR', 'T price 7250 EUR', 'T mass 208 kg'],
    ],
  ])('%s', (text, wanted) => expect(ticked(text)).toEqual(wanted));
  test('of two torques the one held back is none', () =>
    expect(read('Torque 50 Nm (A2) / 68 Nm.')).toEqual(['- torque 68 Nm']));
});

describe('a seat in feet, inches and their parts', () => {
  test.each([
    ["Seat's at 2 ft 9½ in.", 33.5],
    ['Seat height 2\' 9 1/2".', 33.5],
    ['Seat height 2 ft 9 in.', 33],
  ])('%s', (text, inches) => expect(read(text)).toEqual([`T seatHeight ${inches} in`]));
});

describe('who says so', () => {
  const origin = (text: string) =>
    readText(text).machines.flatMap((m) =>
      m.proposals.flatMap((p) => (p.kind === 'figure' ? [`${p.amount} ${p.origin}`] : [])),
    );
  test.each([
    [
      'The bike tips the scales at 198kg dry according to Harrow, although our scales reckon 218kg wet.',
      ['198 claimed', '218 measured'],
    ],
    [
      'Weight (claimed, dry): 186 kg. Weight (tested, full tank): 209.5 kg.',
      ['186 claimed', '209.5 measured'],
    ],
    ['En orden de marcha la báscula marcó 178,5 kg.', ['178.5 measured']],
  ])('%s', (text, wanted) => expect(origin(text)).toEqual(wanted));
});

// A page with two columns, as it is copied from a printed sheet; layout from common practice, figures made up.
describe('a column of labels and then one of values', () => {
  const LABELS = ['Overall length', 'Wheelbase', 'Ground clearance', 'Seat height', 'Kerb weight'];
  const VALUES = ['2200 mm', '1505 mm', '220 mm', '845 mm', '182 kg'];
  const page = (labels: readonly string[], values: readonly string[]) =>
    ['Dimensions', ...labels, ...values].join('\n');
  test('each label has its value', () =>
    expect(ticked(page(LABELS, VALUES))).toEqual([
      'T wheelbase 1505 mm',
      'T clearance 220 mm',
      'T seatHeight 845 mm',
      'T mass 182 kg',
    ]));
  test('with one value fewer nobody knows whose each is', () =>
    expect(ticked(page(LABELS, VALUES.toSpliced(1, 1)))).toEqual([]));
  test('with one value more neither', () =>
    expect(ticked(page(LABELS, [...VALUES, '16 l']))).toEqual([]));
  test('a value of another kind than its label neither', () =>
    expect(ticked(page(LABELS, VALUES.with(2, '220 kg')))).toEqual([]));
});
