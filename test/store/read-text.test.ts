import { expect, test } from 'vitest';
import { textOf } from '@/store/files/read-text';

const TEXT = '{"name": "Grüße, 12 €"}\n';
const wide = (text: string, big: boolean, mark: boolean): Uint8Array => {
  const units = [...(mark ? '\uFEFF' : ''), ...text].map((c) => c.charCodeAt(0));
  return Uint8Array.from(units.flatMap((u) => (big ? [u >> 8, u & 255] : [u & 255, u >> 8])));
};

test('UTF-8, with a mark and without', () => {
  expect(textOf(new TextEncoder().encode(TEXT))).toEqual({ kind: 'text', text: TEXT });
  const marked = textOf(new TextEncoder().encode(`\uFEFF${TEXT}`));
  expect(marked.kind === 'text' && marked.text.replace('\uFEFF', '')).toBe(TEXT);
});
test.each([
  ['little end first, marked', false, true],
  ['big end first, marked', true, true],
  ['little end first', false, false],
  ['big end first', true, false],
])('UTF-16, %s', (_name, big, mark) => {
  const read = textOf(wide(TEXT, big, mark));
  expect(read.kind === 'text' && read.text.replace('\uFEFF', '')).toBe(TEXT);
});
test('an older table in Windows-1252', () => {
  const bytes = Uint8Array.from([0x4d, 0xfc, 0x6c, 0x6c, 0x65, 0x72, 0x3b, 0xe9]);
  expect(textOf(bytes)).toEqual({ kind: 'text', text: 'Müller;é' });
});
test.each([
  ['a picture', [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 0, 0, 0, 13, 0x49, 0x48]],
  ['something packed', [0x1f, 0x8b, 8, 0, 0xff, 0xfe, 1, 2, 3, 4, 5, 6, 7, 8, 9, 0]],
  ['control characters', [0x01, 0x02, 0xff, 0xfd, 0x03, 0x04, 0x05, 0x06]],
])('%s is no text', (_name, bytes) =>
  expect(textOf(Uint8Array.from(bytes))).toEqual({ kind: 'not-text' }),
);
test('an empty file is an empty text', () =>
  expect(textOf(new Uint8Array())).toEqual({ kind: 'text', text: '' }));
