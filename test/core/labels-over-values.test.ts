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
