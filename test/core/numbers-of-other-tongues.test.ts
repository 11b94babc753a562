import { describe, expect, test } from 'vitest';
import { dutchNumbers } from '@/core/spec-text/lattice/dutch-numbers';
import { readText } from '@/core/spec-text';
import { read } from '../reading';

/** Blanks stand before the digits, so that every place stays true. */
const digits = (words: string) => dutchNumbers(words).replace(/ +/g, ' ').trim();

// Spelling of Dutch numbers: from memory.
describe('numbers said in Dutch', () => {
  test.each([
    ['honderdvierennegentig kilo', '194 kilo'],
    ['achthonderdtweeënzestig millimeter', '862 millimeter'],
    ['zevenduizend negenhonderd euro', '7900 euro'],
    ['elfduizend vierhonderdvijftig euro', '11450 euro'],
    ['zestien komma acht liter', '16.8 liter'],
    ['eenentwintig duim', '21 duim'],
    ['duizend kilometer', '1000 kilometer'],
    ['één op vierentwintig', '1 op 24'],
    ['honderd kilo', '100 kilo'],
    ['tweehonderd en tien kilo, twaalf liter', '210 kilo, 12 liter'],
  ])('%s', (words, said) => expect(digits(words)).toBe(said));

  test('every place stays true', () => {
    const line = 'Hij weegt honderdvierennegentig kilo, twaalf liter.';
    expect(dutchNumbers(line)).toHaveLength(line.length);
    expect(dutchNumbers(line).indexOf('kilo')).toBe(line.indexOf('kilo'));
  });

  test('words of other languages, and small ones without a unit, stay words', () => {
    for (const line of ['Sie wiegt zweihundert Kilo.', 'Honderd! Het kan tien zijn.'])
      expect(dutchNumbers(line).replace(' '.repeat(4) + '100', 'Honderd')).toBe(line);
  });

  test('a whole sentence', () =>
    expect(
      read(
        'Hij weegt honderdvierennegentig kilo rijklaar en heeft een tank van zestien komma acht liter.',
      ),
    ).toEqual(['mass 194 kg ready', 'tank 16.8 L stated']));
});

describe('tenths and hundreds that were lost', () => {
  // Each was read as less, most of them ticked.
  test.each([
    ['Le réservoir fait seize litres huit.', 'tank 16.8 L stated'],
    ['Le réservoir fait dix-sept litres cinq.', 'tank 17.5 L stated'],
    ['J’ai un réservoir de seize litres huit et je suis content.', 'tank 16.8 L stated'],
    ['Un réservoir de douze litres cinq pour la 380.', 'tank 12.5 L stated'],
    ['La consommation est de quatre litres huit aux cent.', 'consumption 4.8 L/100km mixed'],
    ['El depósito es de doce litros seis.', 'tank 12.6 L stated'],
    ['Il serbatoio è di sedici litri cinque.', 'tank 16.5 L stated'],
    ['Il consumo è di quattro litri otto ai cento.', 'consumption 4.8 L/100km mixed'],
    ['El precio es de once mil cuatrocientos noventa euros.', 'price 11490 EUR list'],
    ['It uses four nine per hundred.', 'consumption 4.9 L/100km mixed'],
  ])('%s', (text, found) => expect(read(text)).toEqual([found]));

  test.each([
    'Le réservoir fait seize litres deux fois par jour.',
    'El depósito es de dieciséis litros dos veces al día.',
    'Il serbatoio è di sedici litri due volte al giorno.',
  ])('two of something else are no tenths: %s', (text) =>
    expect(read(text)).toEqual(['tank 16 L stated']),
  );

  test('power at so many revs, and a torque, in one breath', () =>
    expect(
      read('It makes fifty one horses at eight thousand and forty six newton metres.'),
    ).toEqual(['power 51 hp crank', 'powerRpm 8000 rpm stated', 'torque 46 Nm crank']));
});

test('thousands of kilometres as Poles and Czechs shorten them', () => {
  // Common practice, no source.
  const found = read('Masa 166 kg, moc 27 kW. Olej co 6 tys. km.');
  expect(found).toContain('oilInterval 6000 km stated');
  const ad = readText('Sprzedam Serran 380, przebieg 17 tys. km, cena 15 900 zł, masa 166 kg.');
  expect(ad.machines[0]?.sale?.odometer).toEqual({ amount: 17000, unit: 'km' });
});

describe('what an inspection costs', () => {
  test.each([
    ['Die Inspektion bei 10.000 hat 265 € gekostet.', 'inspectionPrice 265 EUR stated'],
    ['La revisión de los 12.000 me costó 310 €.', 'inspectionPrice 310 EUR stated'],
  ])('%s', (text, found) => expect(read(`Peso 194 kg, Gewicht 194 kg. ${text}`)).toContain(found));
  test.each([
    'The first service cost me £180.',
    'The 18k service was £640.',
    'The service was £640 incl. valve check.',
  ])('is not that of another service: %s', (text) =>
    expect(read(`Mass 194 kg, tank 16 litres. ${text}`).join()).not.toContain('inspectionPrice'),
  );
  test('is no price of the machine, and a history costs nothing', () => {
    expect(read('Mass 194 kg. The service cost me £310.')).not.toContain('price 310 GBP paid');
    expect(read('Mass 194 kg. Service history, it was £4,310.').join()).not.toContain(
      'inspectionPrice',
    );
  });
});

describe('who has ABS', () => {
  const abs = (text: string) =>
    readText(`Mass 194 kg. ${text}`).machines.flatMap((m) =>
      m.proposals.flatMap((p) => (p.kind === 'fact' && p.key === 'abs' ? [p.value] : [])),
    );
  test.each([
    ['No ABS.', 'none'],
    ['No ABS switch.', 'fixed'],
    ['The ABS is on all the time.', 'fixed'],
    ['The ABS can be switched off at the rear.', 'rear-off'],
  ])('%s', (text, value) => expect(abs(text)).toEqual([value]));
});

test('facts of what somebody wishes for are nobody’s', () => {
  const facts = (text: string) =>
    readText(`Mass 194 kg, 51 hp. ${text}`).machines.flatMap((m) =>
      m.proposals.flatMap((p) => (p.kind === 'fact' ? [`${p.key} ${p.value}`] : [])),
    );
  expect(facts('It is a single.')).toEqual(['layout single']);
  expect(facts('Prefer a 450 single. It has tubeless spokes.')).toEqual([
    'wheelType spoked-tubeless',
  ]);
  expect(facts('I am looking for a parallel twin with ABS.')).toEqual([]);
  expect(facts('If only it had tubeless spokes.')).toEqual([]);
});

test('what somebody wants for his is asked, and what he would prefer is another machine', () => {
  const wanted = readText(
    'It has done nineteen thousand miles, 37 hp, 166 kg. I want 3800 pounds for it.',
  );
  expect(wanted.machines[0]?.sale?.odometer).toEqual({ amount: 19000, unit: 'mi' });
  expect(read('WTT my bike: 88 hp, 470 lb wet. Prefer a 450 under 330 lbs.').join()).not.toMatch(
    /330|450/,
  );
});
