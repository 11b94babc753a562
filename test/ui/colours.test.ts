import { describe, expect, test } from 'vitest';
import { COLOURS, type ColourPair } from '@/ui/theme/colours';
import { contrast } from './contrast';

const { bg, fg, accent, border, pass, fail, unsure } = COLOURS;

/** Least contrast of text, and of what marks a control: WCAG 2.2, 1.4.3 and 1.4.11, level AA (from memory). */
const TEXT = 4.5;
const MARK = 3;

test('the formula: black on white is 21, one colour on itself 1, #777 on white just short of 4.5 (common practice, no source)', () => {
  expect(contrast('#000000', '#ffffff')).toBeCloseTo(21, 6);
  expect(contrast('#7a5200', '#7a5200')).toBeCloseTo(1, 9);
  expect(contrast('#777777', '#ffffff')).toBeCloseTo(4.48, 2);
  expect(contrast('#767676', '#ffffff')).toBeGreaterThanOrEqual(4.5);
});

describe.each([
  ['light', 0],
  ['dark', 1],
] as const)('%s', (_name, i) => {
  const of = (pair: ColourPair) => pair[i];
  const texts = Object.entries({
    fg: fg.DEFAULT,
    'fg.muted': fg.muted,
    'fg.subtle': fg.subtle,
    accent: accent.DEFAULT,
    pass: pass.DEFAULT,
    fail: fail.DEFAULT,
    unsure: unsure.DEFAULT,
  });
  const grounds = Object.entries({ bg: bg.DEFAULT, 'bg.panel': bg.panel });
  test.each(
    texts.flatMap(([t, text]) => grounds.map(([g, ground]) => [t, g, text, ground] as const)),
  )('%s is read on %s', (_text, _ground, text, ground) =>
    expect(contrast(of(text), of(ground))).toBeGreaterThanOrEqual(TEXT),
  );
  test('plain and muted text is read on the shades of the ground as well', () => {
    for (const ground of [bg.subtle, bg.muted])
      for (const text of [fg.DEFAULT, fg.muted])
        expect(contrast(of(text), of(ground))).toBeGreaterThanOrEqual(TEXT);
  });
  test('what is written on the accent, on a notice, on the current cell of the strip and dimmed in its lines', () => {
    expect(contrast(of(accent.ink), of(accent.DEFAULT))).toBeGreaterThanOrEqual(TEXT);
    expect(contrast(of(bg.DEFAULT), of(fg.DEFAULT))).toBeGreaterThanOrEqual(TEXT);
    expect(contrast(of(bg.DEFAULT), of(fg.DEFAULT), 0.92)).toBeGreaterThanOrEqual(TEXT);
    expect(contrast(of(fg.DEFAULT), of(bg.panel), 0.92)).toBeGreaterThanOrEqual(TEXT);
    expect(contrast(of(fg.DEFAULT), of(accent.soft))).toBeGreaterThanOrEqual(TEXT);
  });
  test('the edge of a field, the focus and the status marks stand out from the ground', () => {
    const marks = [border.emphasized, accent.DEFAULT, pass.DEFAULT, fail.DEFAULT, unsure.DEFAULT];
    for (const mark of marks)
      for (const ground of [bg.DEFAULT, bg.panel])
        expect(contrast(of(mark), of(ground))).toBeGreaterThanOrEqual(MARK);
  });
});
