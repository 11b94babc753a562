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
