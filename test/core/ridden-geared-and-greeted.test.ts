import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

/** "key amount", with a "?" where the rider is asked, in words behind a name and a mass. */
const read = (line: string) =>
  readText(`Pellworth Marrow 520, 196 kg wet. ${line}`).machines.flatMap((m) =>
    m.proposals.flatMap((p) => {
      if (p.kind === 'fact') return [`${p.key} ${p.value}${p.ticked ? '' : '?'}`];
      return p.key === 'mass' && p.amount === 196
        ? []
        : [`${p.key} ${String(p.amount)}${p.ticked ? '' : '?'}`];
    }),
  );
const names = (text: string) =>
  readText(text).machines.map((m) => [m.maker, m.model].filter((w) => w !== '').join(' '));

// A sheet names what the maker asks for; riders say what they ran. Common usage, no source.
describe('tyre pressures: the maker’s, or as somebody rode it', () => {
  test.each([
    ['Tyre pressure front 2.0 bar, rear 2.2 bar.', false],
    ['Book says tyres at 2.0 bar front and 2.2 bar rear.', false],
    ['Keep the tyres at 2.0 bar front and 2.2 bar rear, says the sticker.', false],
    ['Tyres at 2.0 bar front and 2.2 bar rear felt fine.', true],
    ['We set the tyres to 2.0 bar front and 2.2 bar rear for the test.', true],
    ['Ran the tyres at 2.0 bar front, 2.2 bar rear.', true],
    ['Reifendruck auf 2,0 bar vorn und 2,2 bar hinten abgesenkt.', true],
    ['Pression des pneus : je roule à 2,0 bar devant et 2,2 bar derrière.', true],
  ])('%s', (line, isAsked) => {
    const found = read(line).map((f) => f.replace('?', ''));
    expect(found).toEqual(['pressureFront 2', 'pressureRear 2.2']);
    if (isAsked) expect(read(line)).toEqual(['pressureFront 2?', 'pressureRear 2.2?']);
    else expect(read(line)[0]).toBe('pressureFront 2');
  });
  test('with two aboard: by the words behind, which are no number', () =>
    expect(read('Tyre pressure rear (two-up): 250 kPa.')).toEqual(['pressureRear 250?']));
});

describe('sprockets that somebody put on, and the maker’s', () => {
  test.each([
    ['Put a 14 tooth on the front instead of the 15.', ['sprocketFront 14?']],
    ['Swapped the 15T for a 14T front sprocket.', ['sprocketFront 14?']],
    ['Running a 14T front now.', ['sprocketFront 14?']],
    ['Front sprocket 14T.', ['sprocketFront 14']],
    ['Running 14/48 sprockets. Stock was 15/46.', ['sprocketFront 15', 'sprocketRear 46']],
  ])('%s', (line, wanted) => expect(read(line)).toEqual(wanted));
});

describe('power that is held back for a licence', () => {
  test.each([
    ['There is an A2 version too. Limited to 35 kW.', ['power 35?']],
    ['Mine is restricted to 35 kW.', ['power 35?']],
    ['Maximum power: 35 kW.', ['power 35']],
    ['61 hp restricted to 35 kW.', ['unrestrictedPower 61', 'power 35']],
  ])('%s', (line, wanted) => expect(read(line)).toEqual(wanted));
});

describe('a no right behind a word of a list', () => {
  test.each([
    'Cruise control no, ABS yes.',
    'Tempomat nein, Griffheizung ja.',
    'Régulateur non, ABS oui.',
    'Cruise control no, ABS sì.',
    'Control de crucero no, ABS sí.',
    'Cruise control nee, ABS ja.',
    'Farthållare nej, ABS ja.',
    'ABS ja, Tempomat fehlt.',
  ])('%s', (line) =>
    expect(read(line).filter((f) => f.startsWith('cruise'))).toEqual(['cruiseControl no']),
  );
  test.each(['Cruise control, no quickshifter.', 'Cruise control no. 1 in its class.'])(
    '%s: said of what follows',
    (line) =>
      expect(read(line).filter((f) => f.startsWith('cruise'))).toEqual(['cruiseControl yes']),
  );
});

// Common phrases of tests on the continent, no source.
describe('travel told of fork and shock', () => {
  test.each([
    'Die Gabel bietet 210 mm, das Federbein 205 mm.',
    'Die Gabel arbeitet mit 210 mm Federweg, das Federbein mit 205 mm Hub.',
    'La fourche offre 210 mm et l’amortisseur 205 mm.',
    'Forcella con 210 mm di escursione e mono con 205 mm.',
    'La horquilla tiene 210 mm y el amortiguador 205 mm.',
    'De vork heeft 210 mm en de demper 205 mm.',
  ])('%s', (line) => expect(read(line)).toEqual(['travelFront 210', 'travelRear 205']));
  test.each(['Telegabel mit 43 mm Standrohren.', 'Bohrung x Hub 90 x 78 mm, Gabel mit 43 mm.'])(
    '%s: a tube is thinner',
    (line) => expect(read(line).filter((f) => f.startsWith('travel'))).toEqual([]),
  );
});

describe('names', () => {
  test.each([
    ['Guten Tag Frau Bremsel,\n\nanbei die Daten zur Pellworth Marrow 520:\nGewicht 198 kg'],
    ['Dear Mr Olsbeck,\n\nabout the Pellworth Marrow 520: wet weight 198 kg.'],
    ['Bonjour à tous,\nJe vends ma Pellworth Marrow 520, 198 kg tous pleins faits'],
    ['Testbericht Pellworth Marrow 520: 199 kg vollgetankt, Sitzhöhe 835 mm'],
    ['SERVICE DATA — Pellworth Marrow 520\nKerb weight 198 kg'],
    ['PELLWORTH MARROW 520 Dane: moc 47 KM, masa z płynami 196 kg'],
  ])('%s', (text) => expect(names(text)).toEqual(['Pellworth Marrow 520']));
});

describe('a service manual’s columns', () => {
  const table = [
    'SERVICE DATA — Pellworth Marrow 520',
    'Item | Standard | Service limit',
    'Brake disc thickness, front | 4.5 mm | 4.0 mm',
    'Engine oil capacity | 2.6 L | –',
    'Fork oil capacity | 640 ml | –',
    'Fuel tank capacity | 16.5 L | –',
  ].join('\n');
  test('the limits are no second machine, and the fork’s oil is no engine', () => {
    const { machines } = readText(table);
    expect(names(table)).toEqual(['Pellworth Marrow 520']);
    expect(machines[0]?.proposals.map((p) => p.key)).toEqual(['oilCapacity', 'tank']);
  });
});

describe('footnotes', () => {
  const sheet = (notes: string) =>
    readText(`Varn Tressol 500\nSeat height ... 815 mm³\nKerb mass ... 201 kg⁴\n${notes}`)
      .machines.flatMap((m) => m.proposals)
      .flatMap((p) => (p.kind === 'figure' ? [[p.key, p.amount, p.basis]] : []));
  test('a basis by the mark behind the unit, whatever its number', () =>
    expect(sheet('³ unladen ⁴ with 90 % fuel')).toContainEqual(['mass', 201, 'ready-90']));
  test('a note that gives a figure of its own says nothing of the one it hangs on', () =>
    expect(sheet('³ low seat 795 mm ⁴ with 90 % fuel')).toEqual([
      ['seatHeight', 815, 'standard-seat'],
      ['mass', 201, 'ready-90'],
      ['seatHeight', 795, 'low-seat'],
    ]));
});

describe('whose money a sum without a sign is, by the tongue', () => {
  test.each([
    ['Selges. Kjøreklar 201 kg, tank 18 liter. Pris 64 900,-', 'NOK'],
    ['Säljes. Sitthöjd 815 mm, tank 18 liter. Pris 64 900:-', 'SEK'],
    ['Sælges. Sædehøjde 815 mm, tank 18 liter. Pris 64.900,-', 'DKK'],
    ['Sprzedam, przebieg 17 500, zbiornik 18 litrów, cena 26 900', 'PLN'],
    ['Prodám, najeto 17 500 km, nádrž 18 l, cena 149 000', 'CZK'],
    ['Te koop. Zithoogte 815 mm, tank 18 liter. Vraagprijs 5.900,-', 'EUR'],
  ])('%s: %s', (text, unit) =>
    expect(
      readText(`Varn Tressol 500. ${text}`)
        .machines.flatMap((m) => m.proposals)
        .flatMap((p) => (p.kind === 'figure' && p.key === 'price' ? [[p.unit, p.ticked]] : [])),
    ).toEqual([[unit, false]]),
  );
});

describe('new: when it was new, or what it costs new', () => {
  const price = (said: string) =>
    readText(`Varn Tressol 500 for sale. Seat height 815 mm. ${said}`)
      .machines.flatMap((m) => m.proposals)
      .flatMap((p) => (p.kind === 'figure' && p.key === 'price' ? [p.basis] : []));
  test.each([
    ['14,200 km since new, €4,600.', 'asked'],
    ['One owner from new, €4,600.', 'asked'],
    ['€8,190 new.', 'list'],
  ])('%s', (said, basis) => expect(price(said)).toEqual([basis]));
});
