import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

const machines = (text: string) =>
  readText(text).machines.map((m) => [
    `${m.maker} ${m.model}`.trim(),
    ...m.proposals.flatMap((p) =>
      p.kind === 'figure' ? [`${p.key} ${p.amount} ${p.unit}${p.ticked ? ' ✓' : ''}`] : [],
    ),
  ]);

/** How comparisons are written in a line each; common practice, no source. */
describe('two machines told in pairs under a title that names them', () => {
  test.each([
    `Pellan Boréale 650 vs Brennock Heide 700 S
Power: 62 hp vs 73 hp
Wet weight: 202 kg vs 209 kg
Seat height: 870 mm vs 850 mm`,
    `Compared (Pellan Boréale 650 / Brennock Heide 700 S)
Power: 62 / 73 hp
Wet weight: 202 / 209 kg
Seat height: 870 / 850 mm`,
    `Pellan Boréale 650 versus Brennock Heide 700 S

Power
62 hp
73 hp
Wet weight
202 kg
209 kg
Seat height
870 mm
850 mm`,
  ])('%s', (text) => {
    expect(machines(text)).toEqual([
      ['Pellan Boréale 650', 'power 62 hp ✓', 'mass 202 kg ✓', 'seatHeight 870 mm ✓'],
      ['Brennock Heide 700 S', 'power 73 hp ✓', 'mass 209 kg ✓', 'seatHeight 850 mm ✓'],
    ]);
  });
  test('both ends of both', () => {
    const text = `Pellan Boréale 650 / Brennock Heide 700 S
Power: 62 / 73 hp
Travel: 200/195 / 190/180 mm`;
    expect(machines(text)).toEqual([
      ['Pellan Boréale 650', 'power 62 hp ✓', 'travelFront 200 mm ✓', 'travelRear 195 mm ✓'],
      ['Brennock Heide 700 S', 'power 73 hp ✓', 'travelFront 190 mm ✓', 'travelRear 180 mm ✓'],
    ]);
  });
  test.each([
    ['two ends of one machine', 'Front / Rear\nTravel: 200 / 190 mm\nSpring: 5.2 / 68 N/mm'],
    [
      'what was claimed and what was measured',
      'Claimed vs Measured\nPower: 62 hp vs 58 hp\nWeight: 202 kg vs 207 kg',
    ],
    [
      'a machine and its year',
      'Heide 700 S / 2021\nTravel: 200 / 190 mm\nSeat height: 850 / 870 mm',
    ],
    [
      'one machine, seats and ends',
      'Pellan Boréale 650\nTravel: 200 / 190 mm\nSeat height: 850 / 870 mm',
    ],
  ])('%s: one', (_, text) => {
    expect(machines(text)).toHaveLength(1);
  });
});

describe('two columns whose marks were lost', () => {
  const ROWS = `Leistung 33 kW 36 kW
Gewicht fahrfertig 176 kg 171 kg
Sitzhöhe 845 mm 805 mm
Federweg 205/200 mm 150/145 mm
Preis 6.490 € 5.990 €`;
  const FIGURES = [
    [
      'power 33 kW ✓',
      'mass 176 kg ✓',
      'seatHeight 845 mm ✓',
      'travelFront 205 mm ✓',
      'travelRear 200 mm ✓',
      'price 6490 EUR ✓',
    ],
    [
      'power 36 kW ✓',
      'mass 171 kg ✓',
      'seatHeight 805 mm ✓',
      'travelFront 150 mm ✓',
      'travelRear 145 mm ✓',
      'price 5990 EUR ✓',
    ],
  ] as const;
  test.each([
    ['Pellan 480 Pfad Pellan 480 Straße', 'Pellan 480 Pfad', 'Pellan 480 Straße'],
    ['Pellan 480 Pfad    Brennock 470 Weg', 'Pellan 480 Pfad', 'Brennock 470 Weg'],
    ['Pellan 480 vs Brennock 470', 'Pellan 480', 'Brennock 470'],
  ])('under “%s”', (head, one, two) =>
    expect(machines(`${head}\n${ROWS}`)).toEqual([
      [one, ...FIGURES[0]],
      [two, ...FIGURES[1]],
    ]),
  );
  test('three of them', () =>
    expect(
      machines(`Pfad 480 Weg 470 Steig 490
Leistung 33 kW 34 kW 36 kW
Sitzhöhe 845 mm 805 mm 910 mm
Tank 15 l 13 l 9 l`),
    ).toEqual([
      ['Pfad 480', 'power 33 kW ✓', 'seatHeight 845 mm ✓', 'tank 15 L ✓'],
      ['Weg 470', 'power 34 kW ✓', 'seatHeight 805 mm ✓', 'tank 13 L ✓'],
      ['Steig 490', 'power 36 kW ✓', 'seatHeight 910 mm ✓', 'tank 9 L ✓'],
    ]));
  test('the unit with the label', () =>
    expect(machines('Power (kW) 33 36\nSeat (mm) 845 805\nTank (l) 15 13')).toEqual([
      ['', 'power 33 kW ✓', 'seatHeight 845 mm ✓', 'tank 15 L ✓'],
      ['', 'power 36 kW ✓', 'seatHeight 805 mm ✓', 'tank 13 L ✓'],
    ]));
  test.each([
    'Model: Pfad 480\nPower: 33 kW\nSeat: 845 mm\nModel: Weg 470\nPower: 36 kW\nSeat: 805 mm',
    'Make: Pellan\nModel: Pfad 480\nPower: 33 kW\nSeat: 845 mm\nMake: Pellan\nModel: Weg 470\nPower: 36 kW\nSeat: 805 mm',
  ])('a form filled in once for each: %s', (text) =>
    expect(machines(text).map(([, ...figures]) => figures)).toEqual([
      ['power 33 kW ✓', 'seatHeight 845 mm ✓'],
      ['power 36 kW ✓', 'seatHeight 805 mm ✓'],
    ]),
  );
  test('a form filled in once', () =>
    expect(machines('Make: Pellan\nModel: Pfad 480\nPower: 33 kW\nSeat: 845 mm')).toEqual([
      ['Pellan Pfad 480', 'power 33 kW ✓', 'seatHeight 845 mm ✓'],
    ]));
  test('without a head they have no names', () =>
    expect(machines(ROWS).map(([name]) => name)).toEqual(['', '']));
  test.each([
    [
      'each in two units',
      'Weight 176 kg 388 lb\nSeat height 845 mm 33.3 in\nPower 33 kW 45 PS\nTank 15 l 4 gal',
    ],
    [
      'what is claimed and what was measured',
      'claimed measured\nWeight 176 kg 181 kg\nSeat height 845 mm 851 mm\nPower 33 kW 31 kW',
    ],
    [
      'both ends of one',
      'Travel 205 mm 200 mm\nWheels 21 in 18 in\nSprings 5.2 N/mm 72 N/mm\nSeat height 845 mm 820 mm',
    ],
    [
      'thousands parted by room',
      'Price (EUR): 10 990\nService interval (km): 10 000\nValve check (km): 20 000',
    ],
    ['two lines alone', 'Weight 176 kg 181 kg\nSeat height 845 mm 851 mm'],
  ])('%s: one machine', (_, text) => expect(machines(text)).toHaveLength(1));
});
