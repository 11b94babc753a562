import { describe, expect, test } from 'vitest';
import { FIGURE_KEYS } from '@/core/readings';
import { inSentence } from '@/ui/messages';

describe('what a figure is called inside a sentence', () => {
  test.each([
    ['travelRear', 'rear travel'],
    ['wheelFront', 'front wheel size'],
    ['axleLimitRear', 'rear axle limit'],
    ['pressureFront', 'front pressure'],
    ['springRiderMass', 'rider whom its springs suit'],
    ['seatHeight', 'seat height'],
    ['range', 'range with reserve'],
    ['rate:SEK', 'exchange rate for SEK'],
  ])('%s: %s', (key, words) => expect(inSentence(key)).toBe(words));

  test('no figure ends in a word that wants another, nor begins in the middle of a list', () => {
    expect(FIGURE_KEYS.length).toBeGreaterThan(40);
    for (const key of FIGURE_KEYS)
      expect(inSentence(key)).not.toMatch(/, (?:front|rear)$| (?:of|for|at|from)$/u);
  });
});
