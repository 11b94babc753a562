import { describe, expect, test } from 'vitest';
import { reachWords } from '@/ui/messages';

const mm = (amount: number) => `${amount} mm`;

// Common practice, no source: a rider says "heels so high" or "so much leg to spare", never a leg of less than nothing.
describe('how far the feet reach, in words', () => {
  test('heels above the ground run from the lowest to the highest', () => {
    expect(reachWords({ low: 4, mid: 30, high: 61 }, mm)).toEqual({
      words: 'heels 30 mm above the ground',
      span: '4 mm to 61 mm',
    });
  });

  test('leg to spare runs the other way round, and says where it is lacking', () => {
    expect(reachWords({ low: -47, mid: -22, high: 29 }, mm)).toEqual({
      words: 'feet flat, 22 mm of leg to spare',
      span: '-29 mm to 47 mm',
    });
  });

  test('nothing to spare is no less than nothing', () => {
    expect(reachWords({ low: -3, mid: 0, high: 0 }, mm)).toEqual({
      words: 'feet flat, 0 mm of leg to spare',
      span: '0 mm to 3 mm',
    });
  });

  test.each([
    { high: 32, span: undefined },
    { high: 33, span: '30 mm to 33 mm' },
  ])('a span to $high mm is said only where it tells something', ({ high, span }) => {
    expect(reachWords({ low: 30, mid: 31, high }, mm).span).toBe(span);
  });
});
