import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

const figures = (text: string) =>
  (readText(text).machines[0]?.proposals ?? []).flatMap((p) => (p.kind === 'figure' ? [p] : []));
const told = (text: string) => figures(text).map((p) => [p.key, p.amount, p.unit, p.ticked]);

/** What sheets and sellers call it; common practice, no source. */
describe('what may be put on a machine', () => {
  test.each([
    ['Charge max 190 kg', 'payload'],
    ['Charge maximale autorisée 190 kg', 'payload'],
    ['Capacité de charge : 190 kg', 'payload'],
    ['Max. belasting 190 kg', 'payload'],
    ['Max last 190 kg', 'payload'],
    ['Zuladung max. 190 kg', 'payload'],
    ['Carico massimo 190 kg', 'payload'],
    ['Maximum weight capacity 190 kg', 'payload'],
    ['Poids maximal autorisé 405 kg', 'maxMass'],
    ['Max total weight 405 kg', 'maxMass'],
    ['Peso massimo 348 kg', 'maxMass'],
  ])('%s', (text, key) => {
    const [amount] = /\d+/.exec(text) ?? [];
    expect(told(text)).toEqual([[key, Number(amount), 'kg', true]]);
  });
});

describe('a permitted mass that the machine alone would be over', () => {
  test('is a load, and asked about', () => {
    expect(told('Weight 445 lb wet\nMax weight 420 lb')).toEqual([
      ['mass', 445, 'lb', true],
      ['payload', 420, 'lb', false],
    ]);
  });
  test('so is one that is less than any machine with a rider weighs', () => {
    expect(told('Weight limit 229 kg')).toEqual([['payload', 229, 'kg', false]]);
    expect(told('Weight limit 230 kg').map(([key]) => key)).toEqual(['maxMass']);
  });
  test('what is plainly named stays what it is called, to be looked at', () => {
    const [p] = figures('Permitted maximum mass 200 kg');
    expect(p).toMatchObject({ key: 'maxMass', amount: 200, ticked: false });
  });
  test('one a little above the machine’s own mass stays what it is called', () => {
    expect(told('Weight 240 kg wet\nMax weight 241 kg').map(([key]) => key)).toEqual([
      'mass',
      'maxMass',
    ]);
  });
});
