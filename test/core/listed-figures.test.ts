import { describe, expect, test } from 'vitest';
import { figures, onlyOnes, read, ticked } from '../reading';

// How people list figures without naming each; common usage, no source. Machines and figures are made up.
const SHEET = 'seat height 860 mm, wet weight 190 kg';

describe('what only its unit names can hardly be anything else where it is an item in a list of figures of one machine', () => {
  test.each([
    ['power', `Pellow Tor 500: ${SHEET}, 47 hp, 43 Nm.`],
    ['torque', `Pellow Tor 500: ${SHEET}, 47 hp, 43 Nm.`],
    ['tank', `Pellow Tor 500: ${SHEET}, 47 hp, 17 l.`],
    ['power', `47 hp, 190 kg wet, seat height 860 mm, tank 17 l.`],
    ['power', `Twin, 498 cc. 47 hp. Seat height 860 mm, tank 17 l.`],
    ['power', `Pellow Tor 500: 47 hp, ${SHEET}.`],
    ['power', `${SHEET}\n- 47 hp @ 8500\n- 43 Nm @ 6250`],
    ['power', `Specs: 47 hp, 43 Nm. Seat height 860 mm, tank 17 l.`],
    [
      'power',
      'Essai : 42 ch, 168 kg tous pleins faits, selle à 880 mm, réservoir de 14 litres, empattement 1470 mm.',
    ],
    [
      'power',
      'À vendre Halder Joch 690, 2020, prix CHF 7900. Hauteur de selle 900 mm, charge utile 190 kg, 54 kW, réservoir 13,5 l.',
    ],
    [
      'price',
      'Vends Brenntal Vagant 510 de 2022, 12 300 km, 6 490 €, première main. Poids en ordre de marche 182 kg, hauteur de selle 850 mm.',
    ],
    [
      'power',
      'Verkaufe Wiedmark Pfad 510, 14.300 km, VB 5.400 €. Sitzhöhe 845 mm, Gewicht 182 kg fahrfertig, 36 kW, Tank 16 l.',
    ],
    ['power', 'Vendo Ovelle 660, 48 CV, peso 187 kg col pieno, sella 860 mm, serbatoio 16 litri.'],
    [
      'power',
      'Se vende Lomera Collado 410. Altura del asiento 850 mm, peso 178 kg en orden de marcha, 41 CV. Depósito 15 litros.',
    ],
    [
      'power',
      'Te koop Holsund 520, 12.000 km. Zadelhoogte 860 mm, rijklaar 184 kg, 47 pk, tankinhoud 16 liter.',
    ],
  ])('%s: %s', (key, text) => {
    expect(onlyOnes(text)).toContain(key);
    // A figure that only its unit names is never ticked by itself.
    expect(ticked(text)).not.toContain(key);
  });
});

describe('and may be something else where there is another machine, another state, or an item of something else', () => {
  test.each([
    ['power', `${SHEET}. My licence allows 48 hp.`],
    ['power', `${SHEET}. You need 50 hp on the motorway.`],
    ['power', `${SHEET}. Loses 15 hp at 3,000 m.`],
    ['power', `${SHEET}. Every 10 hp counts.`],
    ['power', `Pellow Tor 500: ${SHEET}. US version: 60 hp.`],
    ['power', `Pellow Tor 500. US version: 60 hp, ${SHEET}.`],
    ['power', `Pellow Tor 500: ${SHEET}. Optional: open exhaust and map, 62 hp.`],
    ['power', `Pellow Tor 500: ${SHEET}, 47 hp. The A2 one has less.`],
    ['power', `Pellow Tor 500: ${SHEET}, 47 hp, lighter than most.`],
    ['power', `${SHEET}, 47 hp, 52 hp.`],
    ['power', 'Nice bike, 47 hp, had it for years.'],
    ['power', 'Sitzhöhe 860 mm, Gewicht fahrfertig 190 kg. Steuerklasse, 48 PS.'],
    ['torque', `${SHEET}. Rear axle nut, 98 Nm.`],
    ['tank', `${SHEET}. Jerrycan, 10 l.`],
    ['tank', `${SHEET}. Tail bag, 25 l.`],
    [
      'price',
      'For sale: Pellow Tor 500, 14,000 miles. Seat height 860 mm, 190 kg wet. Panniers too, £900.',
    ],
    [
      'price',
      'Verkaufe Wiedmark Pfad 510, 14.300 km. Sitzhöhe 845 mm, Gewicht 182 kg fahrfertig. Neuer Kettensatz, 880 €.',
    ],
    [
      'price',
      'Vendo Lomera Collado 410. Altura del asiento 850 mm, peso 178 kg en orden de marcha. Revisión hecha, 650 €.',
    ],
    [
      'price',
      'À vendre Halder Joch 690. Hauteur de selle 900 mm, poids 159 kg en ordre de marche. Révision faite à 850 €.',
    ],
  ])('%s: %s', (key, text) => {
    expect(onlyOnes(text)).not.toContain(key);
    expect(ticked(text)).not.toContain(key);
  });
});

// Front and rear one behind the other, each with its end behind it; common usage, no source.
test.each([
  'Travel 230 mm at the front and 220 mm at the rear.',
  'Débattement 230 mm à l’avant et 220 mm à l’arrière.',
  'Débattements de 230 mm à l’avant et de 220 mm à l’arrière.',
  'Federweg: 230 mm an der Front und 220 mm am Heck.',
  'Escursione 230 mm all’anteriore e 220 mm al posteriore.',
  'Recorrido 230 mm delante y 220 mm detrás.',
  'Säljer Holsund 520. Sitthöjd 860 mm, fjädringsväg 230 mm fram och 220 mm bak.',
  'Selger Holsund 520. Setehøyde 860 mm, full tank 184 kg, vandring 230 mm foran og 220 mm bak.',
  'Sælger Holsund 520. Sædehøjde 860 mm, fjedervandring 230 mm foran og 220 mm bagpå.',
  'Sprzedam Holsund 520. Wysokość siedzenia 860 mm, skok zawieszenia 230 mm z przodu i 220 mm z tyłu.',
  'Te koop Holsund 520. Zadelhoogte 860 mm, veerweg 230 mm aan de voorkant en 220 mm aan de achterkant.',
  'TRAVEL: 230mm F / 220mm R',
  'Travel 230 mm (F), 220 mm (R).',
  'Suspension: USD fork, 230 mm travel, monoshock, 220 mm travel.',
  'Suspensions : fourche inversée déb. 230 mm, monoamortisseur déb. 220 mm, selle à 840 mm',
  'Fahrwerk: USD-Gabel, 230 mm Federweg, Zentralfederbein, 220 mm Federweg. Sitzhöhe 860 mm.',
  'Sospensioni: forcella USD corsa 230 mm, monoammortizzatore corsa 220 mm. Sella 860 mm.',
  'Federweg 230 mm V / 220 mm H.',
  'Recorrido susp. del./tras. (mm): 230/220. Altura asiento (mm): 890.',
  'Escursione anteriore mm 230, posteriore mm 220. Altezza sella mm 890.',
])('both ends: %s', (text) => {
  expect(figures(text)).toEqual(
    expect.arrayContaining(['travelFront 230 mm', 'travelRear 220 mm']),
  );
  expect(ticked(text)).toEqual(expect.arrayContaining(['travelFront', 'travelRear']));
});

// The usual seat and the low one in one line; common usage of sheets, no source.
test.each([
  'Seat height 880 mm / 855 mm (low).',
  'Seat height 880 mm (standard) / 855 mm (low).',
  'Seat: 880 mm, low 855 mm, high 900 mm.',
  'S/H 880mm (855 mm low).',
  'Sitzhöhe 880 mm / 855 mm (niedrig).',
  'Hauteur de selle : 880 mm / 855 mm (basse).',
  'Altezza sella 880 mm / 855 mm (bassa).',
  'Altura del asiento 880 mm / 855 mm (bajo).',
])('two seats: %s', (text) =>
  expect(read(text)).toEqual(['seatHeight 880 mm standard-seat', 'seatHeight 855 mm low-seat']),
);

// A unit before its number, as sheets in Italian have it; common usage, no source.
test('a unit stands before its number', () => {
  expect(
    read(
      'Altezza sella mm 890. Peso in ordine di marcia kg 171. Capacità serbatoio lt 13,5. Coppia Nm 43. Prezzo euro 7.990.',
    ),
  ).toEqual([
    'seatHeight 890 mm standard-seat',
    'mass 171 kg ready-90',
    'tank 13.5 L stated',
    'torque 43 Nm crank',
    'price 7990 EUR list',
  ]);
  // Behind a number it is that number's.
  expect(read('Seat height 890 mm 43 Nm, wet weight 171 kg.')).toEqual([
    'seatHeight 890 mm standard-seat',
    'torque 43 Nm crank',
    'mass 171 kg ready',
  ]);
});

test('what it uses on so many kilometres, in a label; two masses in the order of their head', () => {
  expect(read('Verbrauch auf 100 km: 4,1 l\nSitzhöhe: 840 mm')).toContain(
    'consumption 4.1 L/100km mixed',
  );
  expect(read('Consommation aux 100 km : 4,1 l\nHauteur de selle : 840 mm')).toContain(
    'consumption 4.1 L/100km mixed',
  );
  // In running order: 90 % of the fuel (Regulation (EU) 168/2013, from memory).
  expect(read('Poids (à sec/en ordre de marche) : 158/171 kg')).toEqual([
    'mass 158 kg dry',
    'mass 171 kg ready-90',
  ]);
  expect(read('Weight (dry/wet): 158/171 kg')).toEqual(['mass 158 kg dry', 'mass 171 kg ready']);
});
