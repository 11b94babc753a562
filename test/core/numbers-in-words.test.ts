import { describe, expect, test } from 'vitest';
import { asWritten, closedUp } from '@/core/spec-text/lattice/closed-up';
import { germanNumbers } from '@/core/spec-text/lattice/german-numbers';
import { withNumbers } from '@/core/spec-text/lattice/number-words';
import { romanceNumbers } from '@/core/spec-text/lattice/romance-numbers';
import { readText } from '@/core/spec-text';

const tidy = (text: string): string => text.replace(/ +/g, ' ').trim();

// The spelling of numbers as grammars of these languages teach it, from memory.
describe('numbers in French, Spanish and Italian words', () => {
  test.each([
    ['elle fait deux cent quatre kilos', 'elle fait 204 kilos'],
    ['la selle est à huit cent cinquante', 'la selle est à 850'],
    ['soixante-treize chevaux à neuf mille tours', '73 chevaux à 9000 tours'],
    ['elle fait quatre-vingt-onze chevaux', 'elle fait 91 chevaux'],
    ['le prix est neuf mille neuf cent quatre-vingt-dix-neuf euros', 'le prix est 9999 euros'],
    ['la roue de vingt et un pouces', 'la roue de 21 pouces'],
    ['elle fait quatre litres cinq aux cent', 'elle fait 4.5 litres aux cent'],
    ['le réservoir fait dix-neuf litres et demi', 'le réservoir fait 19.5 litres'],
    ['el asiento a ochocientos cincuenta milímetros', 'el asiento a 850 milímetros'],
    ['la moto pesa doscientos cuatro kilos', 'la moto pesa 204 kilos'],
    ['una potencia de setenta y tres caballos', 'una potencia de 73 caballos'],
    ['gasta cuatro coma cinco litros, la verdad es', 'gasta 4.5 litros, la verdad es'],
    ['il peso è duecentoquattro chili', 'il peso è 204 chili'],
    ['la sella è a ottocentocinquanta millimetri', 'la sella è a 850 millimetri'],
    ['costa novemilanovecentonovantanove euro con la garanzia', 'costa 9999 euro con la garanzia'],
    ['il consumo è quattro virgola cinque litri', 'il consumo è 4.5 litri'],
    ['la potenza è settantatré cavalli', 'la potenza è 73 cavalli'],
    ['il cerchio da ventuno pollici', 'il cerchio da 21 pollici'],
    ['il serbatoio fa quindici litri e mezzo', 'il serbatoio fa 15.5 litri'],
    ['elle a consommé quatre litres huit en moyenne', 'elle a consommé 4.8 litres en moyenne'],
    ['el aro de veintiuna pulgadas', 'el aro de 21 pulgadas'],
    // Colloquial: hundreds are left out behind thousands; a year is none of it.
    ['elle a coûté six mille deux', 'elle a coûté 6200'],
    ['elle a coûté trois mille deux', 'elle a coûté 3200'],
    ['elle est de deux mille trois', 'elle est de 2003'],
    ['elle a coûté six mille douze', 'elle a coûté 6012'],
    ['la moto gasta cuatro con dos', 'la moto gasta 4.2'],
    ['il motore beve quattro e tre ogni cento', 'il motore beve 4.3 ogni cento'],
    // Hours of a day, not tenths.
    ['il viaggio è fra quattro e tre ore', 'il viaggio è fra quattro e tre ore'],
    ['el asiento a ochenta y cinco centímetros', 'el asiento a 85 centímetros'],
  ])('%s', (text, digits) => {
    expect(tidy(romanceNumbers(text))).toBe(digits);
    expect(romanceNumbers(text)).toHaveLength(text.length);
  });
  test.each([
    'it drops six mil, due at a service, once a year',
    'du six fois une est dix',
    'il cento per cento, elle est mille fois mieux',
    'la vent est center',
  ])('words that are none stay: %s', (text) => expect(romanceNumbers(text)).toBe(text));
});

describe('digits and words in one number', () => {
  test.each([
    ['retails for 5 thousand 9 hundred and 99 dollars', 'retails for 5999 dollars'],
    ['4 and a half gallons', '4.5 gallons'],
    ['3 and three quarters', '3.75'],
    ['12 thousand miles', '12000 miles'],
    ['2 thousand 24', '2024'],
    ['sixth is point eight seven, redline nine five', 'sixth is 0.87, redline 9500'],
  ])('%s', (text, digits) => expect(tidy(withNumbers(text))).toBe(digits));
  test('papers: the revs of a power are said by the figure', () =>
    expect(tidy(withNumbers('Net power (kW) at engine speed (min-1): 35 at 9000'))).toBe(
      'Net power (kW) : 35 at 9000',
    ));
  test.each([
    ['nimmt sich viereinhalb Liter', 'nimmt sich 4.5 Liter'],
    ['Sitzhöhe achtsiebzig', 'Sitzhöhe 870'],
    ['Sitzhöhe acht siebzig', 'Sitzhöhe 870'],
    ['mit neun Litern im Tank', 'mit 9 Litern im Tank'],
    ['vier Komma drei Liter', '4.3 Liter'],
    ['acht siebzig sind es am Berg', 'acht siebzig sind es am Berg'],
  ])('short German numbers: %s', (text, digits) => {
    expect(tidy(germanNumbers(text))).toBe(digits);
    expect(germanNumbers(text)).toHaveLength(text.length);
  });
  test.each([
    ['Seat height thirty two seven', 'Seat height 32.7'],
    ['Seat is thirty five inches', 'Seat is 35 inches'],
    ['Route twenty two seven', 'Route twenty two seven'],
    ['fifteen forty five on the chain', '15/45 on the chain'],
    ['wheelbase fifteen fifty five', 'wheelbase 1555'],
    ['How much? Eleven four, plus tax', 'How much? 11400 ¤, plus tax'],
  ])('English as it is said: %s', (text, digits) => {
    expect(tidy(withNumbers(text))).toBe(digits);
    expect(withNumbers(text)).toHaveLength(text.length);
  });
  test('a gearbox in German', () =>
    expect(tidy(withNumbers('Sechsganggetriebe'))).toBe('6-ganggetriebe'));
});

describe('the room that words left is closed up, and every place is known', () => {
  test.each([
    ['it weighs two hundred and six kilos', 'it weighs 206 kilos', '206', 'two hundred and six'],
    ['(ninety five) horsepower', '(95) horsepower', '95', 'ninety five'],
    ['every ten thousand or yearly, service', 'every 10000 or 12 mo, service', '12', 'yearly'],
    ['seat: 870 mm', 'seat: 870 mm', '870', '870'],
  ])('%s', (written, line, digits, words) => {
    const closed = closedUp(written, withNumbers(written));
    expect(closed.line).toBe(line);
    const from = line.indexOf(digits);
    const place = asWritten(closed.places, from, from + digits.length);
    expect(words.startsWith(written.slice(place.from, place.to))).toBe(true);
    expect(written.slice(place.from)).toMatch(new RegExp(`^${words}`));
  });
});

// Texts as riders speak, own examples; what a careful person reads in them stands beside.
test.each([
  // Which of two words is nearer counts as in digits: the words' own length is none of the matter.
  ['Federweg vorne zweihundert, hinten zweihundertzehn.', ['travelFront 200', 'travelRear 210']],
  [
    'Up front a 43 mm fork with two hundred and thirty millimetres of travel, and at the back a shock with two-fifteen.',
    ['travelFront 230', 'travelRear 215'],
  ],
  [
    "Front wheel's a twenty one, rear's an eighteen. Seat is 870 mm.",
    ['wheelFront 21', 'wheelRear 18', 'seatHeight 870'],
  ],
  [
    'Suspension has gone from two hundred to two twenty mil, the seat is 870 mm.',
    ['travelFront 220', 'seatHeight 870'],
  ],
  ['Seat feels lower than the 860 mm claimed.', ['seatHeight 860']],
  [
    'The tank is 3.1 gallons. Dealer wants £180 for the first, £520 with valves.',
    ['tank 3.1', 'valvesPrice 520'],
  ],
])('%s', (text, found) =>
  expect(
    readText(text)
      .machines.flatMap((m) => m.proposals)
      .flatMap((p) => (p.kind === 'figure' ? [`${p.key} ${p.amount}`] : []))
      .slice(0, 3),
  ).toEqual(found),
);

test('of a pair in one run of words each is shown by words that were said', () => {
  const told = readText('Mine runs fifteen forty-six gearing, seat 860 mm').machines.flatMap((m) =>
    m.proposals.map((p) => p.words),
  );
  expect(told.slice(0, 2)).toEqual(['fifteen forty-six gearing', 'forty-six']);
});
test('a place within no word stays where it is', () =>
  expect(
    readText('Grauhorn 690 Pfad, Tank 13 l. Die 43er-Gabel ist voll einstellbar.').machines.flatMap(
      (m) => m.proposals.flatMap((p) => (p.key === 'forkAdjust' ? [p.words] : [])),
    ),
  ).toEqual(['Gabel ist voll einstellbar']));
