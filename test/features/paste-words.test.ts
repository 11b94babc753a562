import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';
import { foundWords } from '@/features/donors/paste/paste-words';
import type { PasteModel } from '@/features/donors/paste/use-paste';

const model = (text: string, reading: boolean): PasteModel =>
  ({ text, reading, read: readText(''), sheets: [] }) as unknown as PasteModel;

// Nothing is said of a text before it has been read.
describe('the first line beside a pasted text', () => {
  test.each([
    ['', false, 'Nothing pasted yet.'],
    ['Seat height 860 mm', true, 'Reading …'],
    ['Once upon a time', false, 'No figures found: this reads like no sheet.'],
  ])('“%s”, reading %s', (text, reading, words) => {
    expect(foundWords(model(text, reading))).toBe(words);
  });
});
