import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';
import { read, ticked } from '../reading';

/** What a careful person takes from each line, read by hand; no source. Names and figures are made up. */
describe('a unit beside the label goes with the number behind it', () => {
  test.each([
    ['Price (USD) | 9,399', 'price 9399 USD list'],
    ['Price USD: 9,399', 'price 9399 USD list'],
    ['Price in USD: 9,399', 'price 9399 USD list'],
    ['Price in EUR: 9,399', 'price 9399 EUR list'],
    ['Weight in kg: 177', 'mass 177 kg ready'],
    ['Fuel (US gal) | 3.4', 'tank 3.4 gal-us stated'],
    ['Fuel (L) | 13.4', 'tank 13.4 L stated'],
    ['Maximum torque 45.7 lb.-ft. @ 6,500 rpm', 'torque 45.7 lbf-ft crank'],
  ])('%s', (text, wanted) => expect(read(text)).toContain(wanted));
  test('an upside-down fork is no money', () => {
    expect(read('Front: 43 mm USD, 230 mm travel').join()).not.toContain('price');
  });
});

describe('what was there before is the maker’s, what came is the rider’s', () => {
  test.each([
    ['14T front (was 15), softer clutch spring', 'sprocketFront 15 teeth stated'],
    ['rear sprocket 47 (was 45)', 'sprocketRear 45 teeth stated'],
    ['Mods so far: 14T front (was 15), 23 L tank (stock 14)', 'sprocketFront 15 teeth stated'],
  ])('%s', (text, wanted) => {
    const found = read(text);
    expect(found).toContain(wanted);
    expect(found.filter((f) => f.startsWith(wanted.split(' ')[0] ?? ''))).toHaveLength(1);
  });
  test.each([
    'Seat height 850 mm (was 870)',
    'tank 12 L (was 8.6)',
    'Sitzhöhe 850 mm (vorher 870)',
  ])('whose change it was is not said: offered, not ticked: %s', (text) => {
    expect(read(text)).toHaveLength(1);
    expect(ticked(text)).toEqual([]);
  });
  test('a remark in brackets that tells of no change leaves the tick', () =>
    expect(ticked('Seat height 850 mm (a bit tall)')).toEqual(['seatHeight']));
});

describe('what work costs', () => {
  test.each([
    [
      '12k km service on the Hask 560 was 420 EUR with valves, 190 without.',
      ['valvesPrice 420 EUR', 'inspectionPrice 190 EUR'],
    ],
    [
      'Next service due at 8k (valves were done at 7.5k, £340). £3,795 ono.',
      ['valvesPrice 340 GBP'],
    ],
    ['La revisión me la presupuestan en 480 € con reglaje de válvulas', ['valvesPrice 480 EUR']],
  ])('%s', (text, wanted) => {
    for (const w of wanted) expect(read(text).join('; ')).toContain(w);
  });
  test('a filter is no oil change, an oil change with its filter is', () => {
    expect(read('Did the oil myself, takes 2.1 litres, filter was 9 euro.').join()).not.toContain(
      'oilPrice',
    );
    expect(read('An oil and filter change is 85 euro.').join()).toContain('oilPrice 85 EUR');
  });
});

describe('a line of a sheet that says no more than load', () => {
  test.each([
    [109, false],
    [110, true],
    [260, true],
    [261, false],
  ])('%i kg is what it may carry: %s', (kg, is) => {
    const found = read(`Seat height 863 mm\nLoad ${kg} kg\nTank 14 l`);
    expect(found.includes(`payload ${kg} kg stated`)).toBe(is);
  });
  test('it is for the rider to look at', () =>
    expect(ticked('Seat height 863 mm\nLoad 182 kg\nTank 14 l')).not.toContain('payload'));
});

describe('who asks, who paid', () => {
  test.each([
    ['Arlo 520, Km 8.730, € 5.990 passaggio escluso. Permute ok.', 'price 5990 EUR asked'],
    ['Vendo Lunet 450, 4.950 € transferencia aparte.', 'price 4950 EUR asked'],
    ['They want 8,999 dollars for the new one.', 'price 8999 USD list'],
    ['Die Maschine hat 162 kg. Gekauft für 4.100 €.', 'price 4100 EUR paid'],
  ])('%s', (text, wanted) => expect(read(text)).toContain(wanted));
});

describe('by the scale, by the book, by the tank', () => {
  test.each([
    ['Mit 162 kg ist sie vollgetankt angegeben, meine Waage sagt 165.', 'mass 165'],
    ['Stock claim was 133 dry.', 'mass 133 kg dry'],
    ['I have put at most 3.1 gallons in, book says 3.4.', 'tank 3.4'],
    ['Con depósito de 17 me hago 400 sin problema', 'statedRange 400 km'],
  ])('%s', (text, wanted) => expect(read(text).join('; ')).toContain(wanted));
});

describe('what the switch of the ABS reaches', () => {
  const abs = (text: string) =>
    readText(`Lunet 570\n${text}`).machines.flatMap((m) =>
      m.proposals.flatMap((p) => (p.kind === 'fact' && p.key === 'abs' ? [p.value] : [])),
    );
  test.each([
    ['ABS: switchable (rear)', 'rear-off'],
    ['ABS: switchable (rear only)', 'rear-off'],
    ['rear ABS can be disabled', 'rear-off'],
    ['Asiento 865 mm, depósito 14 litros, ABS desconectable en la rueda trasera', 'rear-off'],
    ['ABS: switchable (both wheels)', 'both-off'],
    ['Switchable ABS, rear rack, 14 litres', 'both-off'],
    ['Switchable ABS front and rear', 'both-off'],
    ['ABS can be switched off completely', 'both-off'],
  ])('%s', (text, value) => expect(abs(text)).toEqual([value]));
});

describe('what was paid besides is no price paid for it', () => {
  test.each([
    ['Vendo Lunet 570, anno 2019, 18.400 km, bollo pagato. Prezzo 4200', 'price 4200 EUR asked'],
    ['For sale: 2019 Lunet 570, 18,400 miles, tax paid till March. £4,200', 'price 4200 GBP asked'],
  ])('%s', (text, wanted) => expect(read(text)).toContain(wanted));
});

describe('what stands in brackets between a label and its colon', () => {
  test.each([
    ['Gewicht fahrfertig (90 % Tank): 164 kg', 'mass 164 kg ready-90'],
    ['Weight ready to ride (90 % fuel): 164 kg', 'mass 164 kg ready-90'],
    ['Poids (90 % de carburant) : 164 kg', 'mass 164 kg ready-90'],
    ['Tank (including 2 litre reserve): 13.5 l', 'tank 13.5 L stated'],
    // A unit is none of that.
    ['Consumption (miles per US gallon): 60', 'consumption 60 mpg-us mixed'],
    ['Tank (imp gal): 3.0', 'tank 3 gal-imp stated'],
  ])('%s', (line, told) => {
    expect(read(`Brenkov 410\n${line}`)).toEqual([told]);
  });
});

// How sheets and reviews tell a standard, a low and a tall seat. Common usage, no source.
describe('the seats that a machine can be had with', () => {
  const seats = (said: string) =>
    readText(`Tarnel 480: kerb weight 178 kg. ${said}`)
      .machines.flatMap((m) => m.proposals)
      .flatMap((p) =>
        p.kind === 'figure' && p.key === 'seatHeight' && p.ticked ? [[p.amount, p.basis]] : [],
      );
  const BOTH = [
    [865, 'standard-seat'],
    [840, 'low-seat'],
  ];
  test.each([
    'Seat height is 865 mm with a low seat of 840 mm.',
    'Seat height 865 mm, low seat 840 mm.',
    'The seat is 865 mm high, or 840 mm with the low seat.',
    'Seat height 865 mm (840 mm with the low seat, 890 mm with the tall one).',
    'The seat height of 865 mm drops to 840 mm with the low seat.',
    'Die Sitzhöhe beträgt 865 mm, mit niedriger Sitzbank 840 mm.',
    'Sitzhöhe 865 mm mit einer niedrigen Sitzbank von 840 mm.',
    'Sitzhöhe 865 mm, 840 mm mit niedriger Sitzbank, 890 mm mit hoher Sitzbank.',
  ])('%s', (said) => {
    expect(seats(said)).toEqual(BOTH);
  });
  test('a tall seat is none of the two', () => {
    expect(seats('With the comfort seat it is 890 mm. The standard seat is 865 mm.')).toEqual([
      [865, 'standard-seat'],
    ]);
    expect(seats('The seat height is 865 mm.')).toEqual([[865, 'standard-seat']]);
  });
});
