import { describe, expect, test } from 'vitest';
import { sheetFile, sheetMarkdown } from '@/features/verdict/sheet/sheet-files';
import { candidateSheet } from '@/store/queries';
import type { Sheet, VerdictRecord } from '@/store/records';
import {
  askWords,
  briefLine,
  cautionWords,
  firmnessWords,
  mustWords,
  verdictLine,
  type Reader,
} from '@/ui/messages';
import { dossier, entryOf, standingOf } from '../store/demo-standing';

const reader = { units: 'metric', currency: 'EUR' } as const;
const now = standingOf(dossier);
const sheetOf = (id: string, view: 'stock' | 'built', as: Reader = reader): Sheet =>
  candidateSheet(dossier, now, entryOf(now, id), view, {
    on: '2026-03-01',
    cautionWords: (c) => cautionWords(c, as),
    mustWords: (m) => mustWords(m, as),
  });
const built = sheetOf('c-wren-230', 'built');
const verdict: VerdictRecord = {
  id: 'v',
  at: '2026-03-01T10:00:00.000Z',
  outcome: 'buy-and-build',
  reasons: 'Light | cheap\n# and *mine*',
  overturn: '',
  sheet: built,
};

describe('the sheet as Markdown', () => {
  const text = sheetMarkdown(built, verdict, reader);
  test('what the rider wrote is text, never markup', () => {
    expect(text).toContain('Light \\| cheap');
    expect(text).toContain('\\# and \\*mine\\*');
  });
  test('tables are whole: every row has the cells of its head', () => {
    const cells = (line: string) => line.replace(/\\\|/g, '').split('|').length;
    const blocks = text.split('\n\n').filter((b) => b.startsWith('|'));
    expect(blocks.length).toBe(2 + (built.mends.length > 0 ? 1 : 0));
    for (const block of blocks) expect(new Set(block.trim().split('\n').map(cells)).size).toBe(1);
  });
  test('every part, must, caution and question stands on it', () => {
    for (const part of built.parts) expect(text).toContain(part.name.slice(0, 12));
    expect(text.match(/^- \[ \] /gm)).toHaveLength(built.open.length + 1);
    for (const { what } of built.cautions) expect(text).toContain(what.slice(0, 20));
  });
  test('a machine for sale is walked around, a model is not', () => {
    expect(sheetMarkdown(sheetOf('c-drover-430-brenfold', 'stock'), undefined, reader)).toContain(
      '## A walk around it',
    );
    expect(text).not.toContain('## A walk around it');
  });
  test('in another unit system the figures are in its units', () => {
    const american: Reader = { units: 'us', currency: 'EUR' };
    const us = sheetMarkdown(sheetOf('c-wren-230', 'built', american), undefined, american);
    expect(us).toContain(' mi ');
    expect(us).not.toMatch(/\d km /);
  });
});

test('the sheet as JSON holds the sheet itself and the verdict beside it', () => {
  const file = JSON.parse(sheetFile(built, verdict)) as {
    format: string;
    version: number;
    sheet: Sheet;
    verdict: { reasons: string };
  };
  expect(file).toMatchObject({
    format: 'jugator-sheet',
    version: 1,
    verdict: { outcome: 'buy-and-build', reasons: verdict.reasons },
  });
  expect(file.sheet).toEqual(JSON.parse(JSON.stringify(built)));
  expect(JSON.parse(sheetFile(built, undefined))).not.toHaveProperty('verdict');
});

describe('words of a decision', () => {
  test.each([
    ['buy-and-go', 'Buy Wren 230 as it stands and go.'],
    ['buy-and-build', 'Buy Wren 230 and build it: 6 parts.'],
    ['buy-built', 'Buy Wren 230, which is built already.'],
    ['wait', 'Wait until a good Wren 230 turns up.'],
    ['keep', 'Keep what there is, and not buy Wren 230.'],
  ] as const)('%s', (outcome, words) => expect(verdictLine({ outcome, sheet: built })).toBe(words));
  test('firmness says first places and the rival, and admits when nothing was drawn', () => {
    const doubt = {
      samples: 20000,
      error: 0.003,
      firmness: 'level',
      first: 0.41,
      placed: 1,
      rivalId: 'c-pika-340-x',
      ahead: 0.52,
      turns: [],
    } as const;
    expect(firmnessWords({ ...built, doubt })).toEqual({
      word: 'Level',
      sentence:
        'Wren 230 comes first in 41 % of 20\u202f000 draws of figures and weights, and against Pika 340 X it is ahead in 52 %.',
    });
    expect(firmnessWords({ ...built, doubt: { ...doubt, placed: 0.4 } }).sentence).toContain(
      '; a must breaks in 60 % of them.',
    );
    expect(firmnessWords({ ...built, doubt: undefined }).word).toBe('Not drawn');
    expect(firmnessWords({ ...built, doubt: { ...doubt, firmness: 'none' } }).sentence).toBe(
      'Wren 230 breaks a must in every draw.',
    );
  });
  test('the brief in a line names rider, ground, gap and money', () => {
    expect(briefLine(now.brief, reader)).toBe(
      'Autumn crossing of the Saldorra plateau. Rider 1660 mm, 78 kg with kit, improving, licence A; 32 % graded gravel, 30 % open road, 20 % two-track, 6 % motorway; 2400 km with 22 kg of luggage, longest fuel gap 260 km; 9550 EUR to spend, 2600 kept for the trip.',
    );
  });
  test('a question says what is thought, by whom, why it is asked and how to find out', () => {
    expect(
      askWords(
        {
          kind: 'figure',
          key: 'tank',
          points: 1.234,
          decides: ['range'],
          origin: 'claimed',
          now: { low: 12, mid: 12.4, high: 13 },
        },
        reader,
      ),
    ).toEqual({
      name: 'Tank',
      thought: '12.4 L, maker’s claim',
      how: expect.stringContaining('Handbook') as string,
      why: 'decides range; 1.2 points',
      options: [],
    });
    expect(
      askWords({ kind: 'fact', key: 'wheelType', points: 2, decides: [] }, reader).options.map(
        (o) => o.words,
      ),
    ).toEqual(['spoked, tubes', 'spoked, tubeless', 'cast, tubeless']);
  });
});
