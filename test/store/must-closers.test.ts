import { describe, expect, test } from 'vitest';
import { whyNot, whySentences } from '@/features/weigh-up/pairs/why';
import type { WeighRow } from '@/features/weigh-up/use-weigh-up';
import { mustClosers, type Standing, partsOf } from '@/store/queries';
import { BRIEF_KEY, type Dossier } from '@/store/records';
import { dossier, entryOf, standingOf as of } from './demo-standing';
import { assess } from '@/core/assessment';

const now = of(dossier);
const reader = { units: 'metric', currency: 'EUR' } as const;
const row = (s: Standing, d: Dossier, id: string): WeighRow => {
  const entry = entryOf(s, id);
  const ranked = s.stockRanking.find((r) => r.id === id);
  if (!ranked) throw new Error(id);
  return {
    entry,
    ranked,
    assessment: entry.stock,
    score: ranked.score,
    closers: mustClosers(d, s, entry),
  };
};

describe('musts that a part would turn', () => {
  test('what is named really turns the must, is the cheapest of its kind, and keeps the money', () => {
    let named = 0;
    for (const entry of now.candidates) {
      for (const [key, { part, verdict }] of mustClosers(dossier, now, entry)) {
        named += 1;
        expect(['fail', 'unsure']).toContain(entry.stock.musts.find((m) => m.key === key)?.verdict);
        const helpers = Object.values(partsOf(dossier)).filter((p) =>
          part.needs.flat().includes(p.id),
        );
        const after = [[part], ...helpers.map((h) => [part, h])].map(
          (parts) => assess({ ...entry.bare, parts }).musts,
        );
        expect(after.some((musts) => musts.find((m) => m.key === key)?.verdict === verdict)).toBe(
          true,
        );
      }
    }
    expect(named).toBeGreaterThan(0);
  });
  test('money is never helped by buying; nothing is looked for where no must fails', () => {
    expect(mustClosers(dossier, now, entryOf(now, 'c-bastion-1160')).has('money')).toBe(false);
    expect(mustClosers(dossier, now, entryOf(now, 'c-postmark-640-v')).has('payload')).toBe(false);
  });
  test('none is named that breaks another must or overloads the machine', () => {
    const heavy = (more_kg: number): Dossier => {
      const trip = { ...now.brief.trip, luggage_kg: now.brief.trip.luggage_kg + more_kg };
      return { ...dossier, briefs: { [BRIEF_KEY]: { ...now.brief, trip } } };
    };
    const closers = (more_kg: number) => {
      const loaded = heavy(more_kg);
      const stands = of(loaded);
      return mustClosers(loaded, stands, entryOf(stands, 'c-sorrel-300'));
    };
    const { estimate } = entryOf(now, 'c-sorrel-300').stock.metrics.payloadLeft;
    const room = estimate.kind === 'known' ? estimate.mid : Number.NaN;
    expect(closers(0).get('range')?.part.id).toBe('bladder-7');
    // Seven litres weigh over five kilograms: with one left nothing that carries fuel may be proposed.
    expect(closers(room - 1).has('range')).toBe(false);
  });
  test('a part that would burst the money is not named', () => {
    const brief = now.brief;
    const outlay = entryOf(now, 'c-wren-230').stock.metrics.outlay.estimate;
    if (outlay.kind !== 'known') throw new Error('outlay');
    const poor: Dossier = {
      ...dossier,
      briefs: {
        [BRIEF_KEY]: {
          ...brief,
          money: {
            ...brief.money,
            budget: outlay.interval.high + brief.money.tripFund + brief.money.gear + 1,
          },
        },
      },
    };
    expect(mustClosers(poor, of(poor), entryOf(of(poor), 'c-wren-230')).size).toBe(0);
  });
});

describe('in sentences', () => {
  test('who is ahead, by how much, and for which figures; the other way round it is behind', () => {
    const [a, b] = [row(now, dossier, 'c-sorrel-300-longway'), row(now, dossier, 'c-drover-430')];
    const [opening, pro] = whySentences(a, b, reader);
    expect(opening).toMatch(/^Sorrel 300 Longway is \d+\.\d points ahead of Drover 430\.$/);
    expect(pro).toMatch(/^For Sorrel 300 Longway: .* against .* \(\d/);
    expect(whySentences(b, a, reader)[0]).toMatch(
      /^Drover 430 is \d+\.\d points behind Sorrel 300 Longway\.$/,
    );
    expect(whySentences(a, a, reader)).toEqual([
      'Sorrel 300 Longway and Sorrel 300 Longway are level.',
      'No want parts them by half a point.',
    ]);
  });
  test('why not: the must with its figures, and what would turn it', () => {
    const [said] = whyNot(row(now, dossier, 'c-wren-230'), reader);
    expect(said).toMatch(
      /^Wren 230 is out\. .*range with reserve \d+ km, needed at least 260 km\. (Passes|Could pass) with .*, about [\d\u202f]+ EUR fitted\.$/,
    );
    expect(whyNot(row(now, dossier, 'c-drover-430'), reader)).toEqual([]);
  });
});
