import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

const read = (text: string) => readText(text).machines[0];
const told = (text: string) =>
  read(text)?.proposals.flatMap((p) =>
    p.kind === 'figure' ? [`${p.key} ${p.amount} ${p.basis}`] : [],
  ) ?? [];

/** How owners say what a part made of a figure; common practice, no source. */
describe('what a part behind a figure made of it is none of the stock machine', () => {
  test.each([
    'Power 58 hp with the full exhaust and map',
    'It makes 58 hp with a slip-on.',
    '58 PS mit Sportauspuff',
    '58 ch avec la ligne complète',
    'Seat height 870 mm with the lowering kit fitted',
    'Seat height 870 mm (with lowering link)',
    'Sitzhöhe 870 mm mit Tieferlegungssatz',
  ])('%s', (text) => {
    expect(told(text)).toEqual([]);
    expect(read(text)?.passedOver.map((p) => p.why.code)).toEqual(['changed']);
  });
  test('what stands beside it is', () => {
    expect(told('Power 52 hp stock, 58 hp with the full exhaust')).toEqual(['power 52 crank']);
  });
  test.each([
    ['58 hp with the standard exhaust', 'power 58 crank'],
    ['47 hp with the A2 kit', 'power 47 crank'],
    ['Seat height 870 mm with the standard links', 'seatHeight 870 standard-seat'],
    ['Seat height 870 mm in the lowest position', 'seatHeight 870 low-seat'],
    ['Hauteur de selle 870 mm (position basse)', 'seatHeight 870 low-seat'],
  ])('%s: as it was delivered', (text, figure) => {
    expect(told(text)).toEqual([figure]);
  });
});

describe('what stands in brackets behind a number is said of it, and of no other', () => {
  test.each([
    [
      'Fuel consumption 4.1 l/100km (WMTC), I get 4.8',
      ['consumption 4.1 cycle', 'consumption 4.8 mixed'],
    ],
    ['Combined 4.1 l/100km (WMTC), I get 4.8', ['consumption 4.8 mixed']],
    ['Weight: 160 kg (dry), 175 kg wet', ['mass 160 dry', 'mass 175 ready']],
    ['Consumption (WMTC) 4.1 l/100 km', ['consumption 4.1 cycle']],
    ['Seat height (low) 840 mm', ['seatHeight 840 low-seat']],
  ])('%s', (text, figures) => {
    expect(told(text)).toEqual(figures);
  });
});

describe('a tank that can be had beside the standard one is none of the stock machine', () => {
  test.each(['Big tank 18.5L option, std is 12', 'Tank 12 L, 18.5 L optional'])('%s', (text) => {
    expect(told(text)).not.toContain('tank 18.5 stated');
  });
  test('a tank is', () => {
    expect(told('Tank 18.5 L, optional rack')).toEqual(['tank 18.5 stated']);
  });
});
