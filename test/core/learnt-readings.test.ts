import { describe, expect, test } from 'vitest';
import { readText, type FigureProposal } from '@/core/spec-text';
import { featuresOf } from '@/core/spec-text/learnt/features';
import { withLikely } from '@/core/spec-text/learnt/likely';
import { chancesOf, modelFrom } from '@/core/spec-text/learnt/model';
import type { SentenceWords } from '@/core/spec-text/link/option';
import { trained } from '../../scripts/lib/logistic.mjs';

const figureOf = (text: string, key: string): FigureProposal | undefined =>
  readText(text)
    .machines.flatMap((m) => m.proposals)
    .find((p): p is FigureProposal => p.kind === 'figure' && p.key === key);

/** The only sentence of a text, as the reader sees it. */
function seen(text: string): SentenceWords {
  const all: SentenceWords[] = [];
  readText(text, { listen: (s) => all.push(s) });
  expect(all).toHaveLength(1);
  return all[0]!;
}

describe('chances from weights', () => {
  const model = modelFrom({ kinds: ['none', 'tank', 'mass'], rows: 'a\t1 10\nb\t1 -10 2 5' });
  // Softmax by hand: e^z ÷ Σ e^z.
  test.each([
    [[], [1 / 3, 1 / 3, 1 / 3]],
    [['a'], [1, Math.E, 1].map((x) => x / (2 + Math.E))],
    [['a', 'b'], [1, 1, Math.exp(0.5)].map((x) => x / (2 + Math.exp(0.5)))],
    [['never seen'], [1 / 3, 1 / 3, 1 / 3]],
  ])('%j', (features, wanted) => {
    chancesOf(model, features).forEach((c, i) => expect(c).toBeCloseTo(wanted[i]!, 12));
  });
});

describe('what is learnt', () => {
  const times = (n: number, kind: string, ...features: string[]) =>
    Array.from({ length: n }, () => ({ features, kind }));

  test('with one feature for each case the chances are the shares (maximum likelihood)', () => {
    const samples = [
      ...times(60, 'tank', 'x'),
      ...times(20, 'none', 'x'),
      ...times(10, 'tank', 'y'),
      ...times(70, 'mass', 'y'),
    ];
    const model = modelFrom(trained(samples, ['none', 'mass', 'tank']));
    const [none, mass, tank] = chancesOf(model, ['x']);
    expect(tank).toBeCloseTo(0.75, 1);
    expect(none).toBeCloseTo(0.25, 1);
    expect(mass).toBeLessThan(0.02);
    expect(chancesOf(model, ['y'])[1]).toBeCloseTo(0.875, 1);
  });
  test('what was seen twice is not learnt, what was seen three times is', () => {
    const rows = (n: number) =>
      trained([...times(9, 'none', 'x'), ...times(n, 'tank', 'rare')], ['none', 'tank']).rows;
    expect(rows(2)).not.toContain('rare');
    expect(rows(3)).toContain('rare');
  });
  test('the same texts give the same weights', () => {
    const samples = [...times(5, 'tank', 'x', 'z'), ...times(4, 'none', 'y', 'z')];
    expect(trained(samples, ['none', 'tank'])).toEqual(trained(samples, ['none', 'tank']));
  });
});

describe('what is heeded of a number', () => {
  const of = (text: string, index = 0) => [...featuresOf(seen(text), index)];
  const sizes = (text: string) => of(text).filter((f) => /^size=length:-?\d+$/.test(f));

  test('a size is the same in every unit', () => {
    // 34 in = 863.6 mm.
    expect(sizes('The seat is at 34 in.')).toHaveLength(1);
    expect(sizes('The seat is at 34 in.')).toEqual(sizes('The seat is at 863.6 mm.'));
    expect(sizes('The seat is at 24 in.')).not.toEqual(sizes('The seat is at 863.6 mm.'));
  });
  test('words up to the next number are its own', () => {
    const found = of('It holds 18 litres and weighs 201 kg full.', 1);
    expect(found).toContain('B:weighs');
    expect(found).not.toContain('B:holds');
    expect(found).toContain('A:full');
  });
  test('a longer word’s other forms say the same, and accents nothing', () => {
    const found = of('Der Verbräuche Mittel: 4,2 l auf 100 km.');
    expect(found).toContain('SB:verbr');
    expect(found).toContain('SB:mitte');
    // Of five letters and more: “Der” says nothing by its beginning.
    expect(found.filter((f) => f.startsWith('SB:der'))).toEqual([]);
    expect(of('Verbrauch 4,2 l auf 100 km.')).toContain('SB:verbr');
  });
  test('the number beside it: how much larger, and what stands between', () => {
    // ln(205/200) = 0.02, less than half a step of a quarter; ln(300/200) = 0.41, two steps rounded.
    expect(of('Travel is 200 mm and 205 mm.', 1)).toContain('pr=length|0');
    expect(of('Travel is 200 mm and 300 mm.', 0)).toContain('nr=length|-2');
    expect(of('Travel is 200 mm and 300 mm.', 1)).toContain('pr=length|2');
    expect(of('Travel is 200 mm and 300 mm.', 1)).toContain('pg= and |length');
    expect(of('It holds 18 litres and weighs 201 kg.', 1)).toContain('pr=mass|x');
    expect(of('It holds 18 litres.', 0)).toEqual(expect.arrayContaining(['p0', 'n0']));
  });
  test('every label of the sentence, on its side of the number', () => {
    const found = of('The tank is small, 12 litres, and the seat height is tall.');
    expect(found).toContain('L<=ltank');
    expect(found).toContain('L>=lseatHeight');
  });
  test('there is nothing of a number that is not there', () => {
    expect(of('It holds 18 litres.', 1)).toEqual([]);
  });
});

describe('what such numbers mostly mean', () => {
  const ABOUT = 'The seat height is 860 mm.';

  test('it is offered with its doubt, and never ticked', () => {
    const tank = figureOf(`${ABOUT} And 17 litres in it.`, 'tank');
    expect(tank).toMatchObject({ amount: 17, unit: 'L', ticked: false });
    expect(tank?.doubts).toContainEqual({ code: 'by-likeness' });
  });
  test('nothing is likely where no figure has a name', () => {
    expect(figureOf('17 litres in it.', 'tank')).toBeUndefined();
  });
  const figure = (over: Partial<FigureProposal>): FigureProposal => ({
    kind: 'figure',
    key: 'seatHeight',
    amount: 860,
    unit: 'mm',
    basis: 'standard-seat',
    doubts: [],
    ticked: true,
    words: '',
    from: 10,
    to: 12,
    ...over,
  });
  const likely = (over: Partial<FigureProposal>) =>
    figure({ ticked: false, doubts: [{ code: 'by-likeness' }], from: 0, to: 2, ...over });

  test('a figure that is given is not doubted by what is likely', () => {
    expect(withLikely([figure({})], [likely({ amount: 830 })])).toEqual([figure({})]);
  });
  test('what nothing gives is added at its place, the first of each', () => {
    const tank = likely({ key: 'tank', amount: 17, unit: 'L', basis: 'stated' });
    const again = { ...tank, amount: 5, from: 3 };
    expect(withLikely([figure({})], [tank, again])).toEqual([tank, figure({})]);
  });
  test('another basis, or another who speaks, is another reading', () => {
    const low = likely({ amount: 830, basis: 'low-seat' });
    const measured = likely({ amount: 852, origin: 'measured' });
    expect(withLikely([figure({})], [low])).toContain(low);
    expect(withLikely([figure({})], [measured])).toContain(measured);
    expect(withLikely([figure({ origin: 'measured' })], [measured])).not.toContain(measured);
  });
  test('a basis that is only assumed is none', () => {
    const dry = figure({ key: 'mass', amount: 187, unit: 'kg', basis: 'dry' });
    const assumed = likely({
      key: 'mass',
      amount: 203,
      unit: 'kg',
      basis: 'ready-90',
      doubts: [{ code: 'by-likeness' }, { code: 'basis-unsaid', taken: 'ready-90' }],
    });
    expect(withLikely([dry], [assumed])).toEqual([dry]);
  });
});
