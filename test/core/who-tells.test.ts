import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

const toldBy = (text: string) => readText(text).toldBy;

// Common practice, no source: what an owner remembers is heard, what a maker prints is claimed.
describe('where the figures of a text come from', () => {
  test.each([
    ['English', 'Mine weighs 198 kg with a full tank, and I get 4.3 L/100 km.'],
    ['English, by "I" alone', 'Seat 860 mm, tank 16 L. I paid 6900 euros for it.'],
    ['German', 'Ich fahre sie seit zwei Jahren: 198 kg vollgetankt, Sitzhöhe 860 mm.'],
    ['French', 'Moi j’ai un réservoir de 16 litres et la selle est à 86 centimètres.'],
    ['Spanish', 'Tengo una de 2021: pesa 198 kg en orden de marcha, depósito de 16 litros.'],
    ['Italian', 'La mia pesa 198 kg col pieno, serbatoio 16 litri, sella 860 mm.'],
    ['Dutch', 'Ik rijd hem twee jaar: 198 kg rijklaar, tank 16 liter.'],
  ])('somebody who tells of himself is no maker: %s', (_, text) =>
    expect(toldBy(text)).toBe('heard'),
  );

  test.each([
    [
      'English',
      'Engine: 560 cc parallel twin. Kerb weight: 198 kg. Seat height: 860 mm. Fuel tank: 16 L.',
    ],
    ['German', 'Leergewicht fahrbereit: 198 kg\nSitzhöhe: 860 mm\nTankinhalt: 16 l\nmin. Alter 18'],
    ['French', 'Poids tous pleins faits : 198 kg\nHauteur de selle : 860 mm\nRéservoir : 16 L'],
    ['Italian', 'Peso in ordine di marcia: 198 kg ma senza borse\nAltezza sella: 860 mm'],
    ['a numeral', 'Type I frame. Mass 198 kg. Seat height 860 mm. Stage I tune 45 kW.'],
  ])('a sheet is claimed: %s', (_, text) => expect(toldBy(text)).toBe('claimed'));

  test('an advert is heard, whoever speaks', () =>
    expect(toldBy('For sale: 2020 Harlow Trailhand 300, 6,200 miles, 31 hp, asking $4,600.')).toBe(
      'heard',
    ));

  test('numbers said in words were said by somebody', () => {
    const words = 'It weighs a hundred and ninety eight kilos wet, and the tank holds';
    expect(toldBy(`${words} sixteen litres.`)).toBe('heard');
    expect(toldBy('It weighs 198 kilos wet, and the tank holds 16 litres.')).toBe('claimed');
  });

  test('in a long text one such word may be a quotation, two are not', () => {
    const sheet = 'Kerb weight: 198 kg. Seat height: 860 mm. '.padEnd(400, 'Fuel tank: 16 L. ');
    expect(toldBy(`${sheet} “My way”.`)).toBe('claimed');
    expect(toldBy(`${sheet} My way or mine.`)).toBe('heard');
  });
});
