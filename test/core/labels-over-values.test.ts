import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

// Sheets copied from a page whose table has each label over its value; the layout from common practice, machines and figures made up.
const SHEETS = {
  english: `CALDERA NORDEST 480 – TECHNICAL DATA
Maximum power
35 kW (47.6 PS) at 8,500 rpm
Seat height
882 mm (optional low seat 857 mm)
Fuel tank capacity
14.5 litres (reserve 2 litres)
Kerb weight (ready to ride, 90 % fuel)
168 kg
Payload
189 kg`,
  german: `Leistung

35 kW (47,6 PS) bei 8.500 U/min

Sitzhöhe

882 mm (niedrige Sitzbank 857 mm)

Tankinhalt

14,5 Liter (davon Reserve 2 Liter)

Gewicht fahrfertig, 90 % vollgetankt

168 kg

Zuladung

189 kg`,
  french: `Puissance maximale
35 kW (47,6 ch) à 8 500 tr/min
Hauteur de selle
882 mm (selle basse 857 mm)
Réservoir
14,5 L (réserve 2 L)
Poids en ordre de marche
168 kg
Charge utile
189 kg`,
} as const;

const read = (text: string) =>
  readText(text).machines.flatMap((m) =>
    m.proposals.flatMap((p) =>
      p.kind === 'figure' && p.ticked ? [`${p.key} ${p.amount} ${p.unit} ${p.basis}`] : [],
    ),
  );

describe('each label over its value', () => {
  test.each(Object.entries(SHEETS))(
    '%s: what stands in brackets behind a value, or beside a label, is heeded like in one line',
    (_, sheet) => {
      const found = read(sheet);
      expect(found).toEqual(
        expect.arrayContaining([
          'power 35 kW crank',
          'seatHeight 882 mm standard-seat',
          'seatHeight 857 mm low-seat',
          'tank 14.5 L stated',
          'mass 168 kg ready-90',
          'payload 189 kg stated',
        ]),
      );
      expect(found.filter((f) => /^(?:seatHeight|tank|mass|payload)/.test(f))).toHaveLength(5);
    },
  );
  test('a label and its value are shown as one, and stand where they stand in the text', () => {
    const [machine] = readText(SHEETS.english).machines;
    const seat = machine?.proposals.find((p) => p.key === 'seatHeight');
    expect(seat?.words).toBe('Seat height 882 mm');
    expect(SHEETS.english.slice(seat?.from, seat?.to)).toBe('Seat height\n882 mm');
  });
  test('two such lines are no layout yet, and a label that has a figure takes none from below', () => {
    expect(read('Wet weight 190 kg\n860 mm is the seat height.\nTank\n14 l')).toEqual([
      'mass 190 kg ready',
      'seatHeight 860 mm standard-seat',
      'tank 14 L stated',
    ]);
  });
});

describe('machines compared on a page: under each label a value of each', () => {
  const machines = (text: string) =>
    readText(text).machines.map((m) => ({
      name: `${m.maker} ${m.model}`.trim(),
      ticked: m.proposals.flatMap((p) =>
        p.kind === 'figure' && p.ticked ? [`${p.key} ${p.amount} ${p.basis}`] : [],
      ),
    }));
  const FIGURES = `Seat height
860 mm
845 mm (low 820 mm)
Wet weight (90 % fuel)
207 kg
190 kg
Fuel capacity
17 L
14 L`;
  const FIRST = ['seatHeight 860 standard-seat', 'mass 207 ready-90', 'tank 17 stated'];
  const SECOND = [
    'seatHeight 845 standard-seat',
    'seatHeight 820 low-seat',
    'mass 190 ready-90',
    'tank 14 stated',
  ];
  test.each([
    ['Marran 650 Trek\nPellow Tor 500\n', 'Marran 650 Trek', 'Pellow Tor 500'],
    [
      'Compare\nMarran 650 Trek\n\nPellow Tor 500\nEngine\nParallel twin\nParallel twin\n',
      'Marran 650 Trek',
      'Pellow Tor 500',
    ],
    ['', '', ''],
  ])('named by %j', (names, first, second) =>
    expect(machines(`${names}${FIGURES}`)).toEqual([
      { name: first, ticked: FIRST },
      { name: second, ticked: SECOND },
    ]),
  );
  test('one label with two values makes no second machine', () =>
    expect(
      machines(`Seat height
860 mm
845 mm with the low seat
Wet weight
190 kg
Fuel capacity
17 L
Maximum mass
380 kg`),
    ).toHaveLength(1));
});
