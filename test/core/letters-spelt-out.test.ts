import { describe, expect, test } from 'vitest';
import { spelt } from '@/core/spec-text/vocabulary/letters';

// Unicode's own classes, as the engine knows them, are the reference.
const LATIN = Array.from({ length: 0x250 }, (_, code) => String.fromCharCode(code));
/** Greek and Cyrillic with their marks and signs, of which only the letters matter. */
const GREEK_AND_CYRILLIC = Array.from({ length: 0x52f - 0x370 }, (_, i) =>
  String.fromCharCode(0x370 + i),
).filter((sign) => /\p{L}/u.test(sign));

describe('letters spelt out are the letters that Unicode knows', () => {
  test.each([/^\p{L}$/u, /^\p{Lu}$/u, /^\p{Ll}$/u, /^[^\p{L}\d]$/u, /^[\p{Lu}\d]$/u, /^\p{L}$/iu])(
    'Latin: %s',
    (pattern) => {
      const lean = spelt(pattern);
      const taken = LATIN.filter((sign) => pattern.test(sign));
      expect(taken.length).toBeGreaterThan(50);
      expect(LATIN.filter((sign) => lean.test(sign))).toEqual(taken);
    },
  );
  test('Greek and Cyrillic', () => {
    expect(GREEK_AND_CYRILLIC.length).toBeGreaterThan(300);
    expect(GREEK_AND_CYRILLIC.filter((sign) => !spelt(/\p{L}/u).test(sign))).toEqual([]);
  });
});

describe('the rest of a pattern stays', () => {
  test.each([
    [/(?<!\p{L})seat(?!\p{L})/giu, 'Low seat, seats, seat', ['seat', 'seat']],
    [/\[\p{L}\]/gu, '[a] [1] [é]', ['[a]', '[é]']],
    [/[\]\p{L}]+/gu, 'ab] 1 ]é', ['ab]', ']é']],
    [/\\p\{L\}/gu, String.raw`\p{L}`, [String.raw`\p{L}`]],
    [/[[\p{Lu}]\d/gu, '[1 A2 a3', ['[1', 'A2']],
    [/(?<word>\p{Lu}\p{Ll}+)/gu, 'der Tank fasst', ['Tank']],
  ])('%s', (pattern, text, found) => {
    expect(text.match(pattern)).toEqual(found);
    expect(text.match(spelt(pattern))).toEqual(found);
  });
});
