import { describe, expect, test } from 'vitest';
import type { Brief } from '@/core/brief';
import { stagePlan, stagesBySchool, type BuildStage, type StageStep } from '@/core/build';
import { buildTotal } from '@/core/money';
import type { Part } from '@/core/part';
import { findBuildFaults } from '@/core/planning';
import {
  nextBest,
  planSetting,
  waysOut,
  type Standing,
  type Way,
  type WayOut,
  partsOf,
} from '@/store/queries';
import { BRIEF_KEY, briefSchema, buildSchema, type Dossier } from '@/store/records';
import { dossier, entryOf as entry, standingOf as of } from './demo-standing';
import { calendarText, csvText, parseCsv, shoppingList } from '@/store/tables';

const brief = dossier.briefs[BRIEF_KEY] as Brief;
const withBrief = (change: Partial<Brief>): Dossier => ({
  ...dossier,
  briefs: { [BRIEF_KEY]: { ...brief, ...change } },
});
const now = of(dossier);
const wren = entry(now, 'c-wren-230');
const spend = brief.money.budget - brief.money.tripFund - brief.money.gear;

describe('what the planner is given', () => {
  test('only parts made for the machine; pins and bans of its build; the days left until the trip', () => {
    const build = { id: 'c-wren-230', partIds: [], pinned: ['can-5'], banned: ['rack-tail'] };
    const changed = { ...dossier, builds: { ...dossier.builds, 'c-wren-230': build } };
    const setting = planSetting(changed, of(changed), entry(of(changed), 'c-wren-230'), {
      legalOnly: true,
      today: '2027-09-02',
    });
    expect([...setting.pinned]).toEqual(['can-5']);
    expect([...setting.banned]).toEqual(['rack-tail']);
    expect(setting.legalOnly).toBe(true);
    expect(setting.daysLeft).toBe(10);
    expect(
      setting.choices.every(
        (p) => p.fits.kind !== 'classes' || p.fits.classes.includes(wren.donor.donorClass),
      ),
    ).toBe(true);
  });
  test('no day of the trip, no limit of days', () => {
    const open = withBrief({ trip: { ...brief.trip, days: undefined } });
    expect(
      planSetting(open, of(open), entry(of(open), 'c-wren-230'), {
        legalOnly: false,
        today: '2027-09-02',
      }),
    ).not.toHaveProperty('daysLeft');
  });
  test('a machine for sale brings what it carries', () => {
    const sale = entry(now, 'c-drover-430-brenfold');
    const setting = planSetting(dossier, now, sale, { legalOnly: false, today: '2027-01-01' });
    expect(setting.aboard.parts.length).toBeGreaterThan(0);
    expect(setting.aboard).toEqual(sale.bare.aboard);
    expect(setting.aboard.parts.map((p) => p.id)).toEqual(['bash-plate', 'handguards']);
  });
});

describe('the next part', () => {
  test('costs no more than asked, keeps the rules, and brings what it says', () => {
    const next = nextBest(dossier, now, wren, 300);
    if (!next) throw new Error('nothing');
    expect(next.cost).toBeLessThanOrEqual(300);
    const ids = [...wren.parts, ...next.added].map((p) => p.id);
    expect(
      findBuildFaults(ids, new Map(Object.values(partsOf(dossier)).map((p) => [p.id, p]))),
    ).toEqual([]);
    const then = {
      ...dossier,
      builds: { ...dossier.builds, 'c-wren-230': { id: 'c-wren-230', partIds: ids } },
    };
    expect(
      entry(of(then), 'c-wren-230').builtScore.points.mid - wren.builtScore.points.mid,
    ).toBeCloseTo(next.points, 9);
  });
  test('more money never finds less; no money finds nothing', () => {
    const points = [0, 60, 120, 300, 800].map(
      (money) => nextBest(dossier, now, wren, money)?.points ?? 0,
    );
    expect(points[0]).toBe(0);
    expect(points).toEqual(points.toSorted((a, b) => a - b));
  });
});

describe('the next part, where nobody has told what the machine has', () => {
  test('counts on average over what the class has; told, as it is', () => {
    const postmark = Object.values(dossier.donors).find((d) => d.model === 'Postmark 640 V');
    const candidate = Object.values(dossier.candidates).find((c) => c.donorId === postmark?.id);
    if (!postmark || !candidate) throw new Error('not in the example');
    const { screen: _screen, ...facts } = postmark.facts ?? {};
    const from = (screen?: string) => {
      const readings = screen
        ? { screen: { readings: [{ id: 's', value: screen, origin: 'heard' as const, note: '' }] } }
        : {};
      const donor = { ...postmark, facts: { ...facts, ...readings } };
      const with_ = { ...dossier, donors: { ...dossier.donors, [postmark.id]: donor } };
      return nextBest(with_, of(with_), entry(of(with_), candidate.id), 135);
    };
    const isScreen = (next: ReturnType<typeof from>) =>
      next?.added.some((p) => p.sets?.screen !== undefined) ?? false;
    // Of a class of which nine in ten have a screen, the part is a part of what it would be without.
    expect(isScreen(from('none'))).toBe(true);
    expect(from('none')?.mean).toBeUndefined();
    const untold = from();
    expect(isScreen(untold)).toBe(false);
    expect(untold?.mean ?? untold?.points).toBeLessThan(from('none')?.points ?? 0);
  });
});

describe('ways out', () => {
  const isWay = (w: WayOut | undefined): w is Way => w !== undefined && 'entry' in w;
  const ways = waysOut(dossier, now, wren, spend);
  const way = (kind: WayOut['kind']): Way => {
    const found = ways.find((w) => w.kind === kind);
    if (!isWay(found)) throw new Error(kind);
    return found;
  };
  test('six, each once', () =>
    expect(ways.map((w) => w.kind)).toEqual([
      'stock',
      'staged',
      'once',
      'ready-built',
      'dearer',
      'keep',
    ]));
  test('stock costs the machine; built at once all of it now; staged the first stage now and no more by the trip than all', () => {
    expect(way('stock').now).toBe(way('stock').byTrip);
    expect(way('once').now).toBeCloseTo((way('stock').now ?? 0) + buildTotal(wren.built.cost), 6);
    expect(way('staged').now ?? 0).toBeLessThan(way('once').now ?? 0);
    expect(way('staged').byTrip ?? 0).toBeLessThanOrEqual((way('once').byTrip ?? 0) + 1e-6);
    for (const w of ways)
      if (isWay(w)) expect(w.left).toBeCloseTo(spend - (w.byTrip ?? Number.NaN), 6);
  });
  test('someday is not paid for by the trip', () => {
    const build = dossier.builds['c-wren-230'];
    if (!build) throw new Error('no build');
    const later = {
      ...dossier,
      builds: {
        ...dossier.builds,
        'c-wren-230': {
          ...build,
          stages: Object.fromEntries(
            build.partIds.map((id): [string, BuildStage] => [id, 'someday']),
          ),
        },
      },
    };
    const staged = waysOut(later, of(later), entry(of(later), 'c-wren-230'), spend).find(
      (w) => w.kind === 'staged',
    );
    expect(isWay(staged) && [staged.parts, staged.byTrip]).toEqual([0, way('stock').byTrip]);
  });
  test('already built means parts aboard; dearer costs more; what is kept is the cheapest that passes', () => {
    expect(way('ready-built').entry.aboard.length).toBeGreaterThan(0);
    expect(way('dearer').now ?? 0).toBeGreaterThan(way('stock').now ?? 0);
    expect(way('keep').assessment.musts.every((m) => m.verdict !== 'fail')).toBe(true);
    const passing = now.candidates
      .filter((c) => c.stock.musts.every((m) => m.verdict !== 'fail'))
      .flatMap((c) =>
        c.stock.metrics.outlay.estimate.kind === 'known'
          ? [c.stock.metrics.outlay.estimate.interval.mid]
          : [],
      );
    expect(way('keep').now).toBe(Math.min(...passing));
  });
  test('what there is none of says why', () => {
    const alone = {
      ...dossier,
      candidates: {
        'c-bastion-1160': dossier.candidates['c-bastion-1160'] as NonNullable<
          (typeof dossier.candidates)[string]
        >,
      },
      builds: {},
    };
    expect(
      waysOut(alone, of(alone), entry(of(alone), 'c-bastion-1160'), spend).flatMap((w) =>
        'none' in w ? [[w.kind, w.none]] : [],
      ),
    ).toEqual([
      ['staged', 'no-parts'],
      ['once', 'no-parts'],
      ['ready-built', 'no-listing'],
      ['dearer', 'no-dearer'],
      ['keep', 'nobody-passes'],
    ]);
  });
});

describe('shopping list and dates', () => {
  const words = { first: 'First', season: 'Season', trip: 'Trip', someday: 'Someday' };
  const stages = stagesBySchool(wren.parts, 'suspension-first');
  const steps: readonly StageStep[] = stagePlan(
    wren.bare,
    wren.parts,
    (id) => stages[id] ?? 'trip',
  );
  test('every part once, in the order of the stages, its cost adding up', () => {
    const parsed = parseCsv(csvText(shoppingList(steps, brief.money, words)));
    if (parsed.kind !== 'table') throw new Error('no table');
    const column = (heading: string) => parsed.headings.indexOf(heading);
    expect(parsed.rows.map((r) => String(r[column('Part')])).toSorted()).toEqual(
      wren.parts.map((p) => p.name).toSorted(),
    );
    expect(parsed.rows.map((r) => r[column('Stage')])).toEqual(
      steps.flatMap((s) => s.parts.map(() => words[s.stage])),
    );
    const sum = parsed.rows.reduce(
      (total, r) => total + Number(r[column('With fitting (EUR)')]),
      0,
    );
    expect(sum).toBeCloseTo(buildTotal(wren.built.cost), 6);
    expect(parsed.rows.every((r) => /^\d{4}-\d{2}-\d{2}$/.test(r[column('Order by')] ?? ''))).toBe(
      true,
    );
  });
  test('iCalendar: whole days, an end after the start, one event a stage and one a part (RFC 5545)', async () => {
    const text = (await calendarText(steps, 'Wren 230', words)) ?? '';
    expect(text.startsWith('BEGIN:VCALENDAR\r\n')).toBe(true);
    expect(text.match(/BEGIN:VEVENT/g)).toHaveLength(3 + wren.parts.length);
    expect(text).toContain('DTSTART;VALUE=DATE:20270912');
    expect(text).toContain('DTEND;VALUE=DATE:20270913');
    expect(text).toContain('SUMMARY:Order: Tail rack');
    expect(text.split('\r\n').every((line) => Buffer.byteLength(line) <= 75)).toBe(true);
  });
  test('no day, no file', async () => {
    const open = { ...brief, trip: { ...brief.trip, days: undefined } };
    const undated = stagePlan({ ...wren.bare, brief: open }, wren.parts, () => 'trip');
    expect(await calendarText(undated, 'Wren 230', words)).toBeUndefined();
    expect(undated.every((s) => s.orders.length === 0)).toBe(true);
  });
});

describe('records of a plan', () => {
  test('a build may have stages, pins and bans; other stages are refused', () => {
    const build = {
      id: 'c',
      partIds: ['a'],
      stages: { a: 'season' },
      pinned: ['a'],
      banned: ['b'],
    };
    expect(buildSchema.safeParse(build).success).toBe(true);
    expect(buildSchema.safeParse({ id: 'c', partIds: [] }).success).toBe(true);
    expect(buildSchema.safeParse({ ...build, stages: { a: 'never' } }).success).toBe(false);
    expect(buildSchema.safeParse({ ...build, wishes: [] }).success).toBe(false);
  });
  test('a brief may have days and what comes with buying; a day that is none and shares beyond the limits are refused', () => {
    const changed = (trip: Partial<Brief['trip']>, money: Partial<Brief['money']>) =>
      briefSchema.safeParse({
        ...brief,
        trip: { ...brief.trip, ...trip },
        money: { ...brief.money, ...money },
      }).success;
    expect(
      changed(
        { days: { trip: '2027-09-12' } },
        { partsExtra_percent: 8, wrongPart_percent: 5, papers: 60 },
      ),
    ).toBe(true);
    expect(changed({ days: { trip: 'autumn' } }, {})).toBe(false);
    expect(changed({}, { partsExtra_percent: -1 })).toBe(false);
    expect(changed({}, { wrongPart_percent: 90 })).toBe(false);
  });
  test('what comes with buying counts in the outlay', () => {
    const dear = withBrief({
      money: { ...brief.money, partsExtra_percent: 10, wrongPart_percent: 5, papers: 80 },
    });
    const parts = wren.built.cost.parts;
    const outlay = (s: Standing) => {
      const { estimate } = entry(s, 'c-wren-230').built.metrics.outlay;
      return estimate.kind === 'known' ? estimate.interval.mid : Number.NaN;
    };
    expect(outlay(of(dear)) - outlay(now)).toBeCloseTo(0.15 * parts + 80, 6);
    expect(entry(of(dear), 'c-wren-230').stock.metrics.outlay.estimate).toEqual(
      wren.stock.metrics.outlay.estimate,
    );
  });
});

test('every part of the catalogue that needs another says so by a part that there is', () => {
  const ids = new Set(Object.keys(partsOf(dossier)));
  const stray = Object.values(partsOf(dossier)).flatMap((p: Part) =>
    p.needs.filter((group) => !group.some((id) => ids.has(id))),
  );
  expect(stray).toEqual([]);
});
