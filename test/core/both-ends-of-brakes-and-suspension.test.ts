import { describe, expect, test } from 'vitest';
import { readText } from '@/core/spec-text';

const told = (text: string): Readonly<Record<string, unknown>> =>
  Object.fromEntries(
    readText(text).machines.flatMap((m) =>
      m.proposals
        .filter((p) => p.ticked)
        .map((p) => [p.key, p.kind === 'figure' ? p.amount : p.value]),
    ),
  );

/** The same two lines as sheets of several countries set them; layouts from common practice, figures made up. */
const SHEETS = {
  'marks before': `Suspension: (F) 43mm USD fork, fully adjustable, 200mm travel (R) Monoshock, preload & rebound, 190mm travel
Brakes: (F) 2 x 310mm discs, radial 4-piston calipers (R) 240mm disc`,
  'marks behind': `Suspension: 43mm USD fork, 200mm travel (front); monoshock, 190mm travel (rear)
Brakes: 2 x 310mm discs (front), 240mm disc (rear)`,
  letters: `Suspension F: 43mm USD, 200mm travel, R: monoshock, 190mm travel
Brakes F: 2 x 310mm discs R: 240mm disc`,
  'a slash between words': `Suspension (front/rear): 43mm USD fork, 200mm travel/monoshock, 190mm travel
Brakes (front/rear): 2 x 310mm discs/240mm disc`,
  'words before': `Suspension: front 43 mm USD fork, 200 mm travel; rear monoshock, 190 mm travel
Brakes: front 2 x 310 mm discs, rear 240 mm disc`,
};

describe('a line of both ends', () => {
  test.each(Object.entries(SHEETS))('%s', (_, sheet) =>
    expect(told(sheet)).toMatchObject({
      travelFront: 200,
      travelRear: 190,
      forkType: 'upside-down',
      shockType: 'single',
      brakeFront: 'twin-disc',
    }),
  );
  test('one disc at the front stays one', () =>
    expect(told('Brakes: (F) 310mm disc (R) 240mm disc')).toEqual({ brakeFront: 'single-disc' }));
  test('what is adjusted at either end is kept apart', () =>
    expect(told(SHEETS['marks before'])).toMatchObject({
      forkAdjust: 'full',
      shockAdjust: 'preload-rebound',
    }));
  test('words shown are words that were typed', () => {
    const text = SHEETS['marks before'];
    for (const p of readText(text).machines.flatMap((m) => m.proposals))
      for (const word of p.words.split(/[\s:]+/)) expect(text).toContain(word);
  });
});

describe('each end named before its figure', () => {
  test.each([
    'Forcella, corsa 200 mm, monoammortizzatore, corsa 190 mm.',
    'Horquilla invertida de 43 mm, 200 mm de recorrido; monoamortiguador, 190 mm de recorrido.',
    'Fork 43mm USD, travel 200mm; shock with preload, travel 190mm.',
  ])('%s', (text) => {
    const read = readText(text).machines.flatMap((m) => m.proposals);
    const of = (key: string) =>
      read.flatMap((p) => (p.key === key && p.kind === 'figure' ? [p.amount] : []));
    expect([of('travelFront'), of('travelRear')]).toEqual([[200], [190]]);
  });
  test.each([
    ['Travel is 220 mm at the front and 200 mm at the rear.', 220, 200],
    ['Travel: 220 mm front, 200 mm rear.', 220, 200],
  ])('%s: or behind it', (text, front, rear) =>
    expect(told(text)).toMatchObject({ travelFront: front, travelRear: rear }),
  );
});

describe('what can be turned on a shock', () => {
  test.each([
    ['preload only', 'preload'],
    ['adjustable preload', 'preload'],
    ['preload & rebound', 'preload-rebound'],
    ['rebound and preload', 'preload-rebound'],
    ['preload, compression and rebound', 'full'],
    ['fully adjustable', 'full'],
    ['non-adjustable', 'none'],
    // Damping without preload is none of the four.
    ['compression and rebound adjustable', undefined],
  ])('%s', (words, kind) =>
    expect(told(`Rear suspension: monoshock, ${words}, 190 mm travel`)['shockAdjust']).toBe(kind),
  );
});
