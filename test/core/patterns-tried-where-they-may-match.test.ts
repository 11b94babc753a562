import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { gramsOf, mayMatch, neededGrams } from '@/core/spec-text/vocabulary/grams';
import { VOCABULARIES } from '@/core/spec-text/vocabulary/lexicon';

describe('what a pattern cannot match without', () => {
  // By hand: what stands in every match by the rules of regular expressions (ECMA-262, Pattern).
  test.each<[RegExp, readonly string[] | undefined]>([
    [/seat/, ['eat']],
    [/seat|saddle/i, ['eat', 'dle']],
    [/seat|it/, undefined],
    [/(?:low|lowered)(?: seat)?/, ['low', 'red']],
    [/(?<!high )seat(?! post)/, ['eat']],
    [/(?=tank)\d+/, undefined],
    [/colou?r/, ['olo']],
    [/tan+ks/, ['tan']],
    [/ab*cde/, ['cde']],
    [/(?:abc){0,2}/, undefined],
    [/(?:abc){1,2}/, ['abc']],
    [/(?:abc){2}/, ['abc']],
    [/(?<sum>paid|cost)s/, ['aid', 'ost']],
    [/[abc]def[^|()]/, ['def']],
    [/\p{L}oel\d/u, ['oel']],
    [/Sitzhöhe/i, ['ohe']],
    [/a.b|c\)d/, undefined],
    [/x\|yz/, undefined],
    [/(?:neu|nuovo) (?:it )?$/, ['neu', 'ovo']],
  ])('%s', (pattern, wanted) => {
    const needed = neededGrams(pattern);
    expect(needed && [...needed].sort()).toEqual(wanted && [...wanted].sort());
  });

  test('a text has them in small letters and without accents', () => {
    expect([...gramsOf('Höhe')]).toEqual(['hoh', 'ohe']);
    expect(mayMatch(neededGrams(/SITZHÖHE/i), gramsOf('Die Sitzhohe'))).toBe(true);
    expect(mayMatch(neededGrams(/SITZHÖHE/i), gramsOf('Die Sitzbank'))).toBe(false);
    expect(mayMatch(undefined, gramsOf(''))).toBe(true);
  });

  test('whatever a fact’s pattern finds in the corpus has one of its runs', () => {
    const folder = new URL('../corpus/tune/', import.meta.url);
    const lines = readdirSync(folder)
      .flatMap((file) => readFileSync(new URL(file, folder), 'utf8').split('\n'))
      .filter((line) => line.length > 20);
    const patterns = VOCABULARIES.flatMap((v) => v.facts.map(([, , pattern]) => pattern));
    const some = lines.filter((_, i) => i % 2 === 0);
    let found = 0;
    const missed: string[] = [];
    for (const pattern of patterns) {
      const needed = neededGrams(pattern);
      for (const line of some) {
        const match = pattern.exec(line);
        if (!match) continue;
        found += 1;
        if (!mayMatch(needed, gramsOf(match[0]))) missed.push(`${pattern.source}: ${match[0]}`);
      }
    }
    expect(missed).toEqual([]);
    expect(found).toBeGreaterThan(100);
  });
});
