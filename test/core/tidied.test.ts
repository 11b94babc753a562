import { expect, test } from 'vitest';
import { tidied } from '@/core/spec-text/text/tidied';
import { figures } from '../reading';

// Signs and their canonical forms: Unicode Standard Annex 15, from memory.
test.each([
  ['Sitzho\u0308he', 'Sitzhöhe'],
  ['re\u0301servoir', 'réservoir'],
  ['ﬁnal drive', 'final drive'],
  ['Leis\u00adtung', 'Leistung'],
  ['\ufeffWeight', 'Weight'],
  ['Weight：１８７ kg', 'Weight:187 kg'],
  ['seat 860 mm    \ntank 15 l\t \n', 'seat 860 mm\ntank 15 l\n'],
  ['a\n\n\nb', 'a\n\n\nb'],
  ['a\n\n\n\nb', 'a\n\n\nb'],
  ['a\n \n\t\n  \nb', 'a\n\n\nb'],
  [`Power${' '.repeat(24)}48 hp`, `Power${' '.repeat(24)}48 hp`],
  [`Power${' '.repeat(25)}48 hp`, `Power${' '.repeat(24)}48 hp`],
])('%j: %j', (typed, text) => expect(tidied(typed).text).toBe(text));

test('each sign stands where the first of its own stood', () => {
  const typed = 'Sitzho\u0308he   \n\n\n\n860 mm';
  const { text, places = [] } = tidied(typed);
  expect(places).toHaveLength(text.length);
  expect(places.map((at) => typed[at]).join('')).toBe(text.normalize('NFD').replace('\u0308', ''));
});

test('a text that needs none of it keeps its places', () =>
  expect(tidied('seat 860 mm\ntank 15 l')).toEqual({ text: 'seat 860 mm\ntank 15 l' }));

test('rows padded with blanks, and pages of blank lines, are read like those without', () => {
  const sheet = ['Vastel 580', 'seat height 860 mm', 'wet weight 198 kg', 'tank 15 l'];
  const plain = figures(sheet.join('\n'));
  expect(plain).toHaveLength(3);
  expect(figures(sheet.map((row) => row + ' '.repeat(600)).join('\n'))).toEqual(plain);
  expect(figures(sheet.join('\n'.repeat(5000)))).toEqual(plain);
});
