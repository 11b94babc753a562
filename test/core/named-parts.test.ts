import { describe, expect, test } from 'vitest';
import { SHIPPED } from '@/core/catalogue';
import { namedParts, readText } from '@/core/spec-text';

const PARTS = Object.values(SHIPPED.parts);
const found = (text: string): readonly string[] =>
  namedParts(text, PARTS).map(({ part }) => part.name);

// Words as adverts use them, common usage, no source.
describe('parts that an advert names', () => {
  test('by the name before its size', () => {
    expect(found('Comes with heated grips.')).toEqual([expect.stringMatching(/^Heated grips/)]);
    expect(found('Centre-stand fitted')).toEqual([expect.stringMatching(/^Centre stand/)]);
  });
  test('what is missing is not carried', () => {
    expect(found('no centre stand')).toEqual([]);
    expect(found('needs heated grips')).toEqual([]);
    expect(found('ohne Hauptständer')).toEqual([]);
    expect(found('no top box, but a second one: a top box in black')).toEqual([
      expect.stringMatching(/^Top case/),
    ]);
  });
  test('of two with one name both are offered, and the longer name is that part alone', () => {
    const plates = ['Bash plate, 4 mm alloy', 'Bash plate, moulded plastic'];
    expect(found('Bash plate fitted.')).toEqual(plates);
    expect(found('With skid plate.')).toEqual(plates);
    expect(found('Bash plate with linkage guard')).toEqual(['Bash plate with linkage guard']);
  });
  test.each([
    ['Crash bars and luggage rack', ['Engine bars', 'Tail rack']],
    ['mit Hauptständer, Heizgriffen und Topcase', ['Centre stand', 'Heated grips', 'Top case']],
    ['béquille centrale, poignées chauffantes', ['Centre stand', 'Heated grips']],
    ['cavalletto centrale e portapacchi', ['Centre stand', 'Tail rack']],
  ])('%s', (text, names) => {
    for (const name of names) expect(found(text).join('; ')).toContain(name);
    expect(found(text).length).toBeGreaterThanOrEqual(names.length);
  });
  test('a word within a longer one names nothing, capitals of any language keep the places', () => {
    expect(found('astopcasement')).toEqual([]);
    const text = 'İstanbul: with TOP BOX';
    expect(namedParts(text.replace('TOP BOX', 'top box'), PARTS)[0]?.words).toBe('top box');
  });
  test('what the sheet tells as a fact is no part', () => {
    const text =
      'For sale: 2019 Vandrel 350, 14 000 km, 152 kg wet, 21/18 spoked wheels with tubes.';
    const { proposals } = readText(text).machines[0] ?? { proposals: [] };
    const told = (from: number, to: number) => proposals.some((p) => p.from < to && p.to > from);
    expect(namedParts(text, PARTS, told)).toEqual([]);
    expect(found(text)).toEqual([expect.stringMatching(/^Spoked wheels/)]);
  });
});
