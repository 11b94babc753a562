import { describe, expect, test } from 'vitest';
import { BRIEF_FIGURES } from '@/core/brief';
import { METRIC_KEYS } from '@/core/assessment';
import { DONOR_CLASSES, type DonorClass } from '@/core/donor';
import { byPromise, classOutlook, type LookForLine } from '@/core/outlook';
import { FIGURE_KEYS } from '@/core/readings';
import { customOf } from '@/core/units';
import { meetsOf } from '@/store/queries';
import { newBrief } from '@/store/records';
import {
  glossary,
  termOf,
  insteadWords,
  liftWords,
  meetsWords,
  movesWords,
  mustLimitWords,
  shelfRows,
  shelfWords,
  usualWords,
  wantedWords,
} from '@/ui/messages';
import { dossier, standingOf } from '../store/demo-standing';

const metric = { units: 'metric', currency: 'EUR' } as const;
const us = { units: 'us', currency: 'USD' } as const;
const begun = newBrief('EUR');
const shelf = (kg: number) =>
  byPromise(
    DONOR_CLASSES.map((c: DonorClass) =>
      classOutlook(
        { ...begun, musts: { ...begun.musts, on: ['readyMass'], readyMass_kg: kg } },
        c,
        undefined,
      ),
    ),
  );

describe('the shelf in a sentence', () => {
  test('names the classes in which every must holds, and counts those that break one', () =>
    expect(shelfWords(shelf(165))).toMatch(
      /^Look among: .*dual-sport single.* every must holds as surely as you ask\. 4 of 9 classes break a must too often\.$/,
    ));
  test('says the best odds where none does by itself, and why', () => {
    const some = shelf(126).filter((o) => o.promise !== 'likely');
    expect(shelfWords(some)).toMatch(
      /^No class keeps every must by itself, but a machine of one may\. Best odds: .*mass holds in/,
    );
  });
  test('says so where no class will do', () =>
    expect(shelfWords(shelf(85))).toMatch(/^No class keeps every must\. Nearest: /));
  test('says that the price is left aside where nobody has told one', () => {
    const rows = byPromise(
      DONOR_CLASSES.map((c) =>
        classOutlook({ ...begun, musts: { ...begun.musts, on: ['money'] } }, c, undefined),
      ),
    );
    expect(shelfWords(rows)).toContain('price left aside');
  });
  test('a row never promises what its chance does not', () => {
    for (const row of shelfRows(shelf(185)))
      expect(row.promise.words).toBe(
        row.all >= 0.8 - 1e-9
          ? 'will do'
          : row.all <= 0.2 + 1e-9
            ? 'not for this brief'
            : 'worth a search',
      );
  });
});

describe('what to look for, in words', () => {
  const line: LookForLine = {
    must: 'stance',
    figure: 'seatHeight',
    side: 'most',
    wanted: { kind: 'limit', amount: 868.9 },
    typical: { low: 860, mid: 880, high: 905 },
    instead: [],
  };
  test('a limit is rounded to the side on which it is kept', () => {
    expect(wantedWords(line, line.wanted, metric)).toMatch(/^up to 868\smm$/u);
    const tank = { figure: 'tank', side: 'least' } as const;
    expect(wantedWords(tank, { kind: 'limit', amount: 12.34 }, metric)).toMatch(/^from 12\.4\sL$/u);
    expect(wantedWords(tank, { kind: 'never' }, metric)).toBe('none is enough by itself');
    expect(wantedWords(line, line.wanted, us)).toMatch(/in$/);
  });
  test('the class is said to do so nearly always, sometimes or hardly ever', () => {
    const at = (amount: number) =>
      usualWords({ ...line, wanted: { kind: 'limit', amount } }, metric);
    expect(at(905)).toMatch(/nearly all do$/);
    expect(at(904)).toMatch(/some do$/);
    expect(at(860)).toMatch(/some do$/);
    expect(at(859)).toMatch(/hardly any does$/);
  });
  test('a way out that is none is not said', () =>
    expect(
      insteadWords(
        {
          ...line,
          instead: [
            { kind: 'figure', figure: 'consumption', amount: 3, wanted: { kind: 'never' } },
          ],
        },
        metric,
      ),
    ).toEqual([]));
});

describe('the first thing that is said of a machine', () => {
  test('counts only what is seen to hold; what rests on its class is asked for', () => {
    for (const { stock } of standingOf(dossier).candidates) {
      const meets = meetsOf(stock);
      expect(meets.kept + meets.broken.length + meets.open.length).toBe(meets.of);
      expect(meetsWords(meets, ['tank'])).toContain(`${meets.kept} of ${meets.of} musts`);
      if (meets.open.length > 0) expect(meetsWords(meets, ['tank'])).toContain('ask for the tank');
    }
  });
});

// Regions by ISO 3166; who counts in miles and pounds: common knowledge.
describe('what is usual where the browser is from', () => {
  test.each([
    ['en-US', 'us', 'USD'],
    ['en-GB', 'uk', 'GBP'],
    ['de-CH', 'metric', 'CHF'],
    ['en-AU', 'metric', 'AUD'],
    ['nb-NO', 'metric', 'NOK'],
    ['da-DK', 'metric', 'DKK'],
    ['fo-FO', 'metric', 'DKK'],
    ['fr', 'metric', 'EUR'],
    ['zh-Hans-CN', 'metric', 'EUR'],
  ])('%s', (tag, units, currency) => expect(customOf(tag)).toEqual({ units, currency }));
});

describe('words of the trade', () => {
  test('each says what it is and what is usual, in the reader’s units alone', () => {
    const foreign = /\d\s?(?:kg|mm|km)(?!\p{L})/u;
    for (const entry of glossary(us)) {
      expect(entry.what.length).toBeGreaterThan(20);
      expect(entry.usual.length).toBeGreaterThan(5);
      expect(`${entry.what} ${entry.usual}`).not.toMatch(foreign);
    }
    expect(glossary(metric).some((e) => foreign.test(e.usual))).toBe(true);
    expect(new Set(glossary(us).map((e) => e.term)).size).toBe(glossary(us).length);
  });
});

test('every name beside which a word is explained is a figure, a field or a metric, and has one word only', () => {
  const names = glossary(metric).flatMap((entry) => entry.of ?? []);
  expect(new Set(names).size).toBe(names.length);
  for (const name of names)
    expect([...FIGURE_KEYS, ...BRIEF_FIGURES, ...METRIC_KEYS] as readonly string[], name).toContain(
      name,
    );
  expect(termOf('seatHeight', metric)?.term).toBe('Seat height');
  expect(termOf('rider.kit_kg', metric)).toBeUndefined();
});

test('what a field moves is said musts first, and counted where it is much', () => {
  expect(movesWords('money.budget')).toBe('moves money and outlay');
  expect(movesWords('trip.fuelGap_km')).toBe('moves range');
  expect(movesWords('rider.mass_kg')).toMatch(/^moves range, cruise, payload, .* and \d more$/);
  for (const figure of BRIEF_FIGURES) expect(movesWords(figure)).toMatch(/^moves \S/);
});

test('what one machine must show is said by its must; where any value will do nothing is said', () => {
  const line = { figure: 'tank', side: 'least', must: 'range' } as const;
  expect(mustLimitWords(line, { kind: 'limit', amount: 15.62 }, metric)).toBe(
    'keeps the must range: from 15.7 L',
  );
  expect(mustLimitWords(line, { kind: 'never' }, metric)).toBe(
    'no value of it alone keeps the must range',
  );
  expect(mustLimitWords(line, { kind: 'any' }, metric)).toBeUndefined();
});

test('what lifts a fit: enough already, one figure of several, or none alone', () => {
  const lines = [
    { figure: 'mass', side: 'most', amount: 171.4 },
    { figure: 'power', side: 'least', amount: 41.02 },
  ] as const;
  expect(liftWords({ now: 72.4, lines: [] }, 70, metric)).toContain('enough for 70');
  const said = liftWords({ now: 64, lines }, 70, metric);
  expect(said).toContain('mass up to 171 kg');
  expect(said).toContain('power from 41.1 kW');
  expect(liftWords({ now: 40, lines: [] }, 90, metric)).toContain('it takes several, or parts');
});
