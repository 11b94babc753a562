import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

/** How messengers copy out what was written, common practice, from memory; riders and machines are made up. */
const BEGINNINGS = {
  'a clock in brackets': (who: string, i: number) => `[12:0${i}] ${who}: `,
  'day and clock': (who: string, i: number) => `14/03/2026, 18:2${i} - ${who}: `,
  'day and clock in brackets': (who: string, i: number) => `[14.03.26, 18:2${i}:31] ${who}: `,
  'a clock of twelve hours': (who: string, i: number) => `3/14/26, 6:2${i} PM - ${who}: `,
  'names alone': (who: string) => `${who}: `,
} as const;
const SAID = [
  ['Lena', 'What does it weigh with a full tank?'],
  ['Tom', '168 kg'],
  ['Lena', 'And the seat height?'],
  ['Tom', '890 mm'],
  ['Lena', 'How much did you pay?'],
  ['Tom', '£6,400'],
] as const;
const figures = (text: string) =>
  readText(text).machines.flatMap((m) =>
    m.proposals.flatMap((p) =>
      p.kind === 'figure' ? [`${p.key} ${p.amount} ${p.unit} ${p.basis}`] : [],
    ),
  );

describe('a chat is read like questions and answers', () => {
  test.each(Object.entries(BEGINNINGS))('%s before each line', (_, begin) => {
    const text = SAID.map(([who, words], i) => begin(who, i) + words).join('\n');
    expect(figures(text)).toEqual([
      'mass 168 kg ready',
      'seatHeight 890 mm standard-seat',
      'price 6400 GBP paid',
    ]);
    const [seat] =
      readText(text).machines[0]?.proposals.filter((p) => p.key === 'seatHeight') ?? [];
    expect(text.slice(seat?.from, seat?.to)).toBe('890 mm');
  });
});

describe('what is no chat stays as it is', () => {
  test('both ends named twice', () => {
    const ends =
      'Suspension travel\nFront: 230 mm\nRear: 225 mm\nWheels\nFront: 21 in\nRear: 18 in';
    expect(figures(ends)).toEqual([
      'travelFront 230 mm claimed-travel',
      'travelRear 225 mm claimed-travel',
      'wheelFront 21 in stated',
      'wheelRear 18 in stated',
    ]);
  });
  test('two lines with a clock are too few', () => {
    const opening = '[12:03] Seat height: 890 mm\n[12:04] Tank: 14 L';
    expect(figures(opening)).not.toContain('mass 12 kg ready');
    expect(readText(opening).machines.length).toBeLessThan(2);
  });
});
