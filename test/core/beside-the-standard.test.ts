import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

const proposals = (text: string) => readText(text).machines[0]?.proposals ?? [];
const told = (text: string) =>
  proposals(text).flatMap((p) =>
    p.kind === 'figure' ? [`${p.key} ${p.amount} ${p.basis}`] : [`${p.key} ${p.value}`],
  );

/** How makers' sheets name a second seat; common practice, no source. */
describe('a low seat beside the standard one', () => {
  const both = ['seatHeight 820 low-seat', 'seatHeight 850 standard-seat'];
  test.each([
    'Seat height with low seat: 820 mm (standard 850 mm)',
    'Sitzhöhe mit niedriger Sitzbank: 820 mm (Serie 850 mm)',
    'Hauteur de selle basse 820 (standard 850)',
    'Altura del asiento con asiento bajo: 820 mm (de serie 850 mm)',
    'Seat height 850 mm (optional 820 mm)',
    'Sitzhöhe 850 mm (auf Wunsch 820 mm)',
  ])('%s', (text) => {
    expect(told(text).sort()).toEqual(both);
  });
  test('33.3 with the accessory low seat', () => {
    expect(told('The seat sits 34.3 inches high, or 33.3 with the accessory low seat.')).toEqual([
      'seatHeight 34.3 standard-seat',
      'seatHeight 33.3 low-seat',
    ]);
  });
  test('what a rider lowered is no maker’s low seat', () => {
    expect(told('Lowered the seat to 820 mm (stock 850 mm)')).not.toContain(
      'seatHeight 820 low-seat',
    );
  });
  test('what is optional and taller, or far lower, is no low seat', () => {
    expect(told('Seat height 850 mm (optional 880 mm)')).toEqual(['seatHeight 850 standard-seat']);
    expect(told('Seat height 850 mm (optional 520 mm)')).toEqual(['seatHeight 850 standard-seat']);
  });
});

/** How sheets say which brake can be let alone; common practice, no source. */
describe('ABS that goes off at the rear wheel alone', () => {
  test.each([
    'ABS 2-channel, rear can be switched off',
    'ABS dual channel (rear switchable)',
    'ABS 2-Kanal, hinten abschaltbar',
    'ABS à deux canaux, arrière déconnectable',
    'ABS a due canali, posteriore disinseribile',
    'ABS de dos canales, trasero desconectable',
  ])('%s', (text) => {
    expect(told(text)).toEqual(['abs rear-off']);
  });
  test('is not one that goes off at both', () => {
    expect(told('ABS dual channel (switchable)')).toEqual(['abs both-off']);
  });
});

/** What sellers add to their price; common practice, no source. */
describe('what it cost when it was new, beside what it is to cost', () => {
  test.each([
    'Vraagprijs € 7.450, nieuw kostte hij € 8.690',
    'Se vende, 2021. La vendo a 7.450 €, nueva costaba 8.690 €',
    'Vendo, 2021. La vendo a 7.450 €, nuova costava 8.690 €',
    'Vends, 2021. Je la vends 7 450 €, neuve elle coûtait 8 690 €',
    'For sale, 2021. Yours for €7,450, cost me €8,690 new',
  ])('%s', (text) => {
    expect(told(text)).toEqual(['price 7450 asked']);
  });
  test('alone it is what was paid', () => {
    expect(told('Nieuw kostte hij € 8.690')).toEqual(['price 8690 paid']);
  });
  test('a price newly set is what is asked', () => {
    expect(told('For sale. New price £6,500, was £6,900')).toContain('price 6500 asked');
  });
});

describe('ends by their short names, and widths', () => {
  const travels = ['travelFront 200 claimed-travel', 'travelRear 205 claimed-travel'];
  test.each([
    'Escursione ruota ant. 200 / post. 205',
    'Escursione ruota ant./post. 200/205 mm',
    'Wheel travel fr. 200 / rr. 205',
    'Wheel travel fr. 200 mm, rr. 205 mm',
  ])('%s', (text) => {
    expect(told(text)).toEqual(travels);
  });
  test('francs stay francs', () => {
    const [price] = proposals('Preis Fr. 9’490.-');
    expect(price).toMatchObject({ key: 'price', amount: 9490, unit: 'CHF' });
  });
  test.each([
    'Overall width (handlebar) 875 mm',
    'Width at the handlebar 875 mm',
    'Breite (Lenker) 875 mm',
  ])('%s is no height of the bars', (text) => {
    expect(told(text)).toEqual([]);
  });
  test('the height of the bars is', () => {
    expect(told('Handlebar height 1150 mm')).toEqual(['barHeight 1150 stated']);
  });
});

/** How road tests print two weights; common practice, no source. */
describe('what is claimed and what was measured are two readings', () => {
  test.each([
    'Wet weight 155 kg claimed / 158 kg measured',
    'Claimed weight 155 kg, measured 158 kg with a full tank',
    'Weight: 155 kg (claimed), 158 kg (measured)',
    'Gewicht: Werksangabe 155 kg, gemessen 158 kg vollgetankt',
    'Poids tous pleins faits : annoncé 155 kg, vérifié 158 kg',
    'Peso dichiarato 155 kg, rilevato 158 kg con il pieno',
    'Measured 158 kg, claimed 155 kg',
  ])('%s', (text) => {
    const masses = proposals(text).flatMap((p) => (p.kind === 'figure' ? [p] : []));
    const byAmount = [...masses].sort((a, b) => a.amount - b.amount);
    expect(byAmount.map((p) => [p.key, p.amount, p.origin ?? 'claimed'])).toEqual([
      ['mass', 155, 'claimed'],
      ['mass', 158, 'measured'],
    ]);
    for (const p of masses) expect(p.doubts.map((d) => d.code)).not.toContain('said-otherwise');
  });
  test('two of the same word contradict each other', () => {
    const found = proposals('Wet weight 155 kg. Wet weight 158 kg.');
    expect(found.map((p) => p.doubts.map((d) => d.code))).toEqual([
      ['said-otherwise'],
      ['said-otherwise'],
    ]);
  });
});

describe('a mean over a way or through a country', () => {
  test.each([
    'Averaged 3.9 l/100 km across the whole trip.',
    'Averaged 3.9 l/100 km across the hills.',
  ])('%s', (text) => {
    expect(told(text)).toEqual(['consumption 3.9 mixed']);
  });
  test('so many millimetres across are a width', () => {
    expect(told('The handlebar is 875 mm across')).toEqual([]);
  });
  test('a range is its middle, without digits of the computer’s', () => {
    expect(told('Verbrauch zwischen 4,1 und 4,8 Liter')).toEqual(['consumption 4.45 mixed']);
  });
  test('an inseam is no rider’s weight', () => {
    expect(told('Sitzhöhe 870 mm ist mir mit 80er Schrittlänge zu hoch')).toEqual([
      'seatHeight 870 standard-seat',
    ]);
  });
  test('a litre written by its own sign', () => {
    expect(told('Fuel capacity: 13.5 ℓ')).toEqual(['tank 13.5 stated']);
  });
});
