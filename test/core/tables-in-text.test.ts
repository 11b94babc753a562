import { describe, expect, test } from 'vitest';
import { readText, type Proposal } from '@/core/spec-text';

const machines = (text: string) => readText(text).machines;
const line = (p: Proposal): string =>
  p.kind === 'figure'
    ? `${p.key} ${p.amount} ${p.unit}${p.ticked ? ' ✓' : ''}`
    : `${p.key} ${p.value}`;
const lines = (text: string): readonly string[] =>
  machines(text).flatMap((m) => m.proposals.map(line));
const doubts = (text: string, key: string): readonly string[] =>
  machines(text).flatMap((m) =>
    m.proposals.filter((p) => p.key === key).flatMap((p) => p.doubts.map((d) => d.code)),
  );

// How such tables are meant is common practice, no source.
describe('a table of rows in a text', () => {
  const ONE = `model | hp | kg | seat | tank | travel | $
Ostrand 650 | 63 | 198 | 835 | 18 | 200/190 | 9,799`;

  test('units of its headings are taken; a bare number is in the unit it can be, and asked about', () => {
    expect(lines(ONE)).toEqual([
      'power 63 hp ✓',
      'mass 198 kg ✓',
      'seatHeight 835 mm',
      'tank 18 L',
      'travelFront 200 mm',
      'travelRear 190 mm',
      'price 9799 USD',
    ]);
    expect(doubts(ONE, 'seatHeight')).toEqual(['unit-unsaid']);
    expect(doubts(ONE, 'travelRear')).toEqual(['unit-unsaid']);
    expect(doubts(ONE, 'price')).toEqual(['currency-unclear']);
  });
  test('inches are told from millimetres by what a seat can be', () => {
    expect(lines(ONE.replace('835', '33.5'))).toContain('seatHeight 33.5 in');
  });
  test('a bare number that is no seat in any unit is none', () => {
    expect(lines(ONE.replace('835', '83500')).join()).not.toContain('seatHeight');
  });
  test('a unit in the cell or the heading leaves no doubt', () => {
    expect(lines(ONE.replace('835', '835 mm'))).toContain('seatHeight 835 mm ✓');
    expect(lines(ONE.replace('seat', 'seat mm'))).toContain('seatHeight 835 mm ✓');
    expect(lines(ONE.replace('| $', '| EUR'))).toContain('price 9799 EUR ✓');
  });
  test('both ends in one cell only under a heading of both', () => {
    expect(lines(ONE.replace('18 |', '18/4.7 |')).filter((l) => l.startsWith('tank'))).toEqual([
      'tank 18 L',
    ]);
  });
  test('a second row is a second machine', () => {
    const two = machines(`${ONE}\nOstrand 450 | 42 | 164 | 890 | 11 | 250/250 | 7,999`);
    expect(two.map((m) => m.proposals.length)).toEqual([7, 7]);
    expect(two[1]?.proposals.map(line)).toContain('travelRear 250 mm');
  });
  test('gallons of no country are asked about', () => {
    const text = `model | hp | gal | kg
Ostrand 650 | 63 | 4.5 | 198`;
    expect(doubts(text, 'tank')).toEqual(['gallon-unclear']);
  });
});

describe('the other end of what was said', () => {
  const of = (said: string) =>
    machines(`The seat height is 860 mm. ${said}`)
      .flatMap((m) => m.proposals)
      .find((p) => p.kind === 'figure' && p.key !== 'seatHeight');
  test.each([
    ['It makes sixty, sixty two horsepower.', 61, 1],
    ['It weighs 190, 194 kg wet.', 192, 2],
    ['The range is 250, 260 km.', 255, 5],
  ])('%s', (said, amount, spread) => {
    expect(of(said)).toMatchObject({ amount, spread });
  });
  test('more than a seventh more is another number', () => {
    expect(of('It makes 60, 70 horsepower.')).not.toMatchObject({ amount: 65 });
  });
});
