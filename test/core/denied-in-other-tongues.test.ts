import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

const proposals = (text: string) => readText(text).machines[0]?.proposals ?? [];
const told = (text: string) =>
  proposals(text).flatMap((p) => (p.kind === 'figure' ? [`${p.key} ${p.amount} ${p.basis}`] : []));

/** How riders correct what others write; common usage, no source. */
describe('what a sentence says the machine has not, or no longer', () => {
  test.each([
    ['der Tank fasst auch keine 20 Liter mehr sondern 16,5', 'tank 20'],
    ['Il serbatoio non è da 21 litri come scrivono tutti', 'tank 21'],
    ['El depósito ya no es de 19 litros, ahora son 16', 'tank 19'],
    ['Pas de 100 ch ici', 'power 100'],
    ['weegt geen 200 kilo, eerder 212 rijklaar', 'mass 200'],
    ['Nie waży 190 kg, tylko 204 kg z paliwem', 'mass 190'],
    ['Elle ne pèse pas 200 kg comme annoncé mais 213 kg pleins faits', 'mass 200'],
    ['The tank no longer holds 20 litres but 16.5', 'tank 20'],
    ['Kerb weight is nowhere near 180 kg: 197 on our scales, full.', 'mass 180'],
  ])('%s', (text, denied) => {
    expect(told(text).filter((t) => t.startsWith(`${denied} `))).toEqual([]);
  });
  test('what stands in its place is offered', () => {
    expect(told('Nie waży 190 kg, tylko 204 kg z paliwem')).toEqual(['mass 204 ready']);
    expect(told('Il serbatoio non è da 21 litri, ne entrano 18,5. Altezza sella 860 mm')).toEqual([
      'tank 18.5 stated',
      'seatHeight 860 standard-seat',
    ]);
  });
  test('“plus de 300 km” and “keine” of something else deny no figure', () => {
    expect(told('Autonomie plus de 300 km')).toEqual(['statedRange 300 stated']);
    expect(told('Keine Kratzer, Tank 20 Liter')).toEqual(['tank 20 stated']);
  });
});

describe('a weight of which some is not the maker’s', () => {
  test.each([
    '206 kg tous pleins faits, dont 14 kg de protections que j’ai ajoutées',
    'Gewicht 221 kg vollgetankt, davon 12 kg Koffer und Träger',
  ])('%s', (text) => {
    expect(told(text)).toEqual([]);
  });
  test('what of it is fuel belongs to it', () => {
    expect(told('Peso 204 kg in ordine di marcia, di cui 16 kg di benzina')).toEqual([
      'mass 204 ready-90',
    ]);
  });
});

/** Swedish registers weigh a machine with a rider of 75 kg, riders use the same word without (from memory): it is asked. */
test('tjänstevikt is not taken for the ready mass unasked', () => {
  expect(proposals('Tjänstevikt 281 kg')).toMatchObject([
    { key: 'mass', amount: 281, basis: 'ready', doubts: [{ code: 'basis-unsaid' }] },
  ]);
});

/** How sheets name the lower of two settings; common practice, no source. */
describe('the lower of two settings is not the standard seat', () => {
  test.each([
    ['Seat: 830 mm in the lowest of three positions', 'seatHeight 830 low-seat'],
    ['Seat height: 830/850 mm (low/high)', 'seatHeight 830 low-seat'],
    ['Sitzhöhe 830/850 mm (niedrig/hoch)', 'seatHeight 830 low-seat'],
    ['Seat: 33.5 in. (lowest), 34.3 in. (highest)', 'seatHeight 33.5 low-seat'],
    ['lowest seat in its class at 790 mm', 'seatHeight 790 standard-seat'],
  ])('%s', (text, found) => {
    expect(told(text)).toEqual([found]);
  });
});

/** How sellers speak of what somebody else holds it worth; common practice, no source. */
describe('what a machine is valued or insured at is not what it costs', () => {
  test.each([
    ['A vendre, 7 900 € (cote officielle 8 200 €)', 7900],
    ['Insured for £6,500, asking £5,800.', 5800],
    ['Zeitwert 6.500 €, VB 5.900 €', 5900],
    ['trade-in offer was $4,200, I want $5,000', 5000],
    ['Côté prix : 7 900 €', 7900],
  ])('%s', (text, amount) => {
    expect(
      proposals(text).flatMap((p) => (p.kind === 'figure' && p.key === 'price' ? [p.amount] : [])),
    ).toEqual([amount]);
  });
});

test('“wet, 90 %” behind a mass is in running order', () => {
  expect(told('Mass: 178 kg (dry) / 192 kg (wet, 90 %)')).toEqual([
    'mass 178 dry',
    'mass 192 ready-90',
  ]);
});

/** How riders speak of versions that they have not, and sellers of what it was to cost; common usage, no source. */
describe('what is to be had as well, or was so once', () => {
  test.each([
    ['Wer 20 Liter Tank will, muss die Rallye nehmen; die normale hat 14.', 'tank 20'],
    ['Elle existe aussi en 20 litres, la mienne a le 14.', 'tank 20'],
    ['Mit 48 PS gibt es sie auch, meine ist die mit 70.', 'power 48'],
    ['Esiste anche con 48 CV per patente A2, questa è la piena da 73.', 'power 48'],
    ['También hay una versión de 35 kW, la mía tiene 52.', 'power 35'],
    ['Ook leverbaar met 35 kW, deze is de volle 52 kW.', 'power 35'],
    ['Tiene el depósito grande de 20 litros, el de serie era de 13.', 'tank 20'],
    ['Vendue avec le réservoir de 20 L (origine 14 L fourni).', 'tank 20'],
    ['Range 250 miles on the 5.3 gal. tank option', 'statedRange 250'],
    ['Prix baissé : 6 900 € → 6 200 €', 'price 6900'],
  ])('%s', (text, other) => {
    expect(told(text).filter((t) => t.startsWith(`${other} `))).toEqual([]);
  });
  test('what stands in its place is offered', () => {
    expect(told('Prix baissé : 6 900 € → 6 200 €')).toEqual(['price 6200 list']);
    expect(told('Vendue avec le réservoir de 20 L (origine 14 L fourni).')).toEqual([
      'tank 14 stated',
    ]);
    expect(told('Range 250 miles with the 5.3 gal tank')[0]).toBe('statedRange 250 stated');
  });
});

test('what “they reckon” is hearsay', () => {
  expect(proposals('They reckon 300 km per tank')).toMatchObject([
    { key: 'statedRange', ticked: false, doubts: [{ code: 'hedged' }] },
  ]);
});
