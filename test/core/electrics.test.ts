import { describe, expect, test } from 'vitest';
import { ALTERNATOR_SHARE, electricalMargin } from '@/core/electrics';

describe('electrics', () => {
  test('400 W: 11 W left at a cruise with 150 W of accessories, 169 too few at idle', () => {
    expect(electricalMargin(400, ALTERNATOR_SHARE.cruise, 199, 150)).toBeCloseTo(11, 9);
    expect(electricalMargin(400, ALTERNATOR_SHARE.idle, 199, 150)).toBeCloseTo(-169, 9);
  });
});
