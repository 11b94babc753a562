import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

const figures = (text: string) =>
  readText(text).machines.flatMap((m) => m.proposals.filter((p) => p.kind === 'figure'));
const masses = (line: string) =>
  figures(`Valmora Sentiero 660\n${line}`).map((p) => [p.amount, p.basis, p.origin, p.ticked]);

// Sheets that set two masses on one line, with a dash, a slash or a comma between; common practice, no source.
describe('two masses on one line', () => {
  test.each([
    ['Peso a secco 187 kg – in ordine di marcia 204 kg', 'ready-90'],
    ['Peso a secco 187 kg / in ordine di marcia 204 kg', 'ready-90'],
    ['Peso: 187 kg a secco - 204 kg in ordine di marcia', 'ready-90'],
    ['Peso en seco 187 kg – en orden de marcha 204 kg', 'ready-90'],
    ['Trockengewicht 187 kg - fahrfertig 204 kg', 'ready'],
    ['Poids à sec 187 kg – tous pleins faits 204 kg', 'ready'],
    ['Dry weight 187 kg - kerb 204 kg', 'ready'],
    ['Dry weight – 187 kg', undefined],
  ])('%s', (line, ready) =>
    expect(masses(line)).toEqual([
      [187, 'dry', undefined, true],
      ...(ready ? [[204, ready, undefined, true]] : []),
    ]),
  );
});

describe('what the maker says and what was weighed', () => {
  test.each([
    'Gewicht vollgetankt laut Werk 158 Kilo – unsere Waage zeigte 161,5 kg.',
    'Gewicht vollgetankt laut Werk 158 Kilo, unsere Waage zeigte 161,5 kg.',
    'Poids constructeur 158 kg tous pleins faits – sur notre balance 161,5 kg.',
    'The factory says 158 kg wet - our scales said 161.5 kg.',
  ])('%s', (line) =>
    expect(masses(line).map(([amount, , origin]) => [amount, origin])).toEqual([
      [158, 'claimed'],
      [161.5, 'measured'],
    ]),
  );
  test.each([
    'En báscula con el depósito lleno me dio 199 kg.',
    "Tous pleins faits, nous l'avons pesée à 199 kg, soit 4 de plus que l'annonce du constructeur.",
  ])('%s', (line) => expect(masses(line)).toEqual([[199, 'ready', 'measured', true]]));
  test('what a test has measured of the fuel', () =>
    expect(
      figures(
        'Varrick Tundra 900\nAvec une consommation relevée de 5,3 l/100 km pendant notre essai.',
      ),
    ).toMatchObject([{ key: 'consumption', amount: 5.3, origin: 'measured' }]));
});

describe('a word between two numbers is said of the next', () => {
  const seats = (line: string) =>
    figures(`Trekka 800\n${line}`).map((p) => [p.amount, p.origin ?? 'unsaid']);
  test.each([
    ['Seat: 860mm measured 875', 'unsaid'],
    ['Seat: 860mm, measured 875', 'unsaid'],
    ['Seat height 860mm claimed, 875 measured', 'claimed'],
  ])('%s', (line, first) =>
    expect(seats(line)).toEqual([
      [860, first],
      [875, 'measured'],
    ]),
  );
  test('and of the number before where none follows', () =>
    expect(seats('Seat: 860mm measured')).toEqual([[860, 'measured']]));
});

test('keys and values of an export, with a comma within a value', () =>
  expect(
    readText(
      '{"make":"Mistrand","model":"390 ADX","seatHeight":"845 mm","wetWeight":"176 kg","abs":"dual-channel, switchable rear"}',
    ).machines,
  ).toMatchObject([
    {
      maker: 'Mistrand',
      model: '390 ADX',
      proposals: [
        { key: 'seatHeight', amount: 845, ticked: true },
        { key: 'mass', amount: 176, basis: 'ready', ticked: true },
        { key: 'abs', value: 'rear-off', ticked: true },
      ],
    },
  ]));

// No front wheel is smaller than its rear one; common practice, no source.
describe('wheels told the wrong way round', () => {
  const wheels = (line: string) =>
    figures(`Varrick Tundra 900\n${line}`).map((p) => [p.key, p.amount, p.ticked]);
  test('the larger goes in front, and is asked about', () =>
    expect(wheels('Wheels 18/21')).toEqual([
      ['wheelRear', 18, false],
      ['wheelFront', 21, false],
    ]));
  test('where the ends are named they stay, and are asked about', () =>
    expect(wheels('Front wheel 18 in, rear wheel 21 in')).toEqual([
      ['wheelFront', 18, false],
      ['wheelRear', 21, false],
    ]));
  test.each(['Wheels 21/18', 'Wheels 17/17'])('%s is as wheels are', (line) =>
    expect(wheels(line).every(([, , ticked]) => ticked === true)).toBe(true),
  );
});

test.each([
  ['widelec USD 43 mm, skok 210 mm', []],
  ['Price USD 43,500', [43500]],
])('%s: an upside-down fork is no sum', (line, sums) =>
  expect(
    figures(`Tarnik 700 Szlak\nZawieszenie przód: ${line}`)
      .filter((p) => p.key === 'price')
      .map((p) => p.amount),
  ).toEqual(sums),
);

// Talk written down without capitals; common usage, no source.
test.each([
  [
    'finally throwing a leg over the new belvane trekka eight hundred and it has a seat',
    'Belvane',
    'Trekka 800',
  ],
  ["today we've got the harrow dust seven hundred, seat is eight sixty mil", 'Harrow', 'Dust 700'],
  ['ok this is the larkspur 650 and it has a seat of 860 mm', '', 'Larkspur 650'],
  ['looking at the second hand market 4500 gets you one, seat 860 mm', '', ''],
  ['so we got the boys together on the gravel road 600 miles of it, seat 860 mm', '', ''],
])('%s', (line, maker, model) => expect(readText(line).machines).toMatchObject([{ maker, model }]));
