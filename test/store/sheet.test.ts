import { describe, expect, test } from 'vitest';
import { type Trial } from '@/core/evidence';
import { simulateRanks } from '@/core/doubt';
import {
  candidateSheet,
  doubtModel,
  lookingBack,
  standing,
  type SheetSources,
  partsOf,
} from '@/store/queries';
import type { Brief } from '@/core/brief';
import { currencyChange } from '@/store/currency-change';
import { formatDossierFile, parseDossierFile } from '@/store/files';
import { applyChanges } from '@/store/history';
import {
  BRIEF_KEY,
  verdictSchema,
  type Dossier,
  type Sheet,
  type VerdictRecord,
} from '@/store/records';
import { cautionWords, mustWords } from '@/ui/messages';
import { dossier, entryOf, standingOf } from './demo-standing';

const reader = { units: 'metric', currency: 'EUR' } as const;
const words: Pick<SheetSources, 'cautionWords' | 'mustWords'> = {
  cautionWords: (c) => cautionWords(c, reader),
  mustWords: (m) => mustWords(m, reader),
};
const look = (donorId: string): Trial => ({
  id: 'look',
  kind: 'inspection',
  on: '2026-03-01',
  donorId,
  machine: '',
  observed: { ticks: { brakes: 'good', owner: 'bad' } },
  note: 'cold',
});
const ID = 'c-drover-430';
const RIVAL = 'c-sorrel-300';

function sheetOf(of: Dossier, view: 'stock' | 'built' = 'built', drawn = false): Sheet {
  const now = standingOf(of);
  const result = drawn
    ? [
        ...simulateRanks(doubtModel(now, view, 'order'), {
          seed: 1,
          most: 2000,
          every: 1000,
          error: 0,
        }),
      ].at(-1)
    : undefined;
  return candidateSheet(of, now, entryOf(now, ID), view, {
    on: '2026-03-01',
    ...words,
    curve: [
      {
        candidateId: ID,
        whole: true,
        corners: [{ cost: 7000, points: 70, partIds: ['handguards'] }],
      },
    ],
    ...(result ? { doubt: { result, rivalId: RIVAL, turns: ['x draws level if y.'] } } : {}),
  });
}
const verdict = (sheet: Sheet): VerdictRecord => ({
  id: 'v-1',
  at: '2026-03-01T10:00:00.000Z',
  outcome: 'buy-and-build',
  reasons: 'Light, and the price leaves money for the way.',
  overturn: '',
  runnerUpId: RIVAL,
  sheet,
});
const withBrief = (
  change: (brief: Dossier['briefs'][string]) => Dossier['briefs'][string],
): Dossier => ({
  ...dossier,
  briefs: { [BRIEF_KEY]: change(dossier.briefs[BRIEF_KEY] as Dossier['briefs'][string]) },
});

describe('a sheet', () => {
  const sheet = sheetOf(dossier, 'built', true);
  test('says what the weigh-up says', () => {
    const now = standingOf(dossier);
    const entry = entryOf(now, ID);
    expect(sheet.points).toEqual(entry.builtScore.points);
    expect(sheet.wants.reduce((sum, w) => sum + w.weight * w.worth * 100, 0)).toBeCloseTo(
      entry.builtScore.points.mid,
      9,
    );
    expect(sheet.musts.map((m) => m.verdict)).toEqual(entry.built.musts.map((m) => m.verdict));
    expect(sheet.parts.map((p) => p.partId)).toEqual(entry.parts.map((p) => p.id));
    expect(sheet.field).toHaveLength(now.candidates.length);
    expect(sheet.doubt?.ahead).toBeGreaterThan(0);
  });
  test('with its verdict it is a record the database takes, and the file brings it back word for word', () => {
    const record = verdict(sheet);
    expect(verdictSchema.safeParse(record).error?.issues).toBeUndefined();
    const parsed = parseDossierFile(
      formatDossierFile(
        {
          ...dossier,
          verdicts: { 'v-1': record },
          trials: { look: look('drover-430') },
        },
        '2026-03-01T12:00:00.000Z',
      ),
    );
    if (parsed.kind !== 'dossier') throw new Error(JSON.stringify(parsed.fault));
    expect(parsed.dossier.verdicts['v-1']).toEqual(JSON.parse(JSON.stringify(record)));
    expect(parsed.dossier.trials.look).toEqual(look('drover-430'));
  });
  test('every candidate of the example has one, in both states, without a number that is none', () => {
    const now = standingOf(dossier);
    for (const entry of now.candidates)
      for (const view of ['stock', 'built'] as const) {
        const made = candidateSheet(dossier, now, entry, view, { on: '2026-03-01', ...words });
        expect(verdictSchema.safeParse(verdict(made)).error?.issues).toBeUndefined();
      }
  });
  test('a brief with all that may be said in it can be settled on', () => {
    const said = withBrief((brief) => ({
      ...brief,
      origins: { 'rider.mass_kg': { kind: 'assumed' } },
      typical: { 'rally-twin': { mass: { low: 190, mid: 205, high: 220 } } },
      classPrices: { 'rally-twin': { low: 6200, high: 9900, currency: 'EUR' } },
      ownNeeds: { wind: 0.1 },
    }));
    const record = verdict(sheetOf(said));
    expect(verdictSchema.safeParse(record).error?.issues).toBeUndefined();
    expect(record.sheet.brief).toMatchObject({ ownNeeds: { wind: 0.1 } });
  });
  test('as it stands it has no parts; where nothing was drawn it claims no firmness', () => {
    const stock = sheetOf(dossier, 'stock');
    expect(stock.parts).toEqual([]);
    expect(stock.doubt).toBeUndefined();
  });
});

describe('a trial on a machine that is not there', () => {
  test('is refused with its place', () => {
    const text = formatDossierFile(
      { ...dossier, trials: { look: look('nobody') } },
      '2026-03-01T12:00:00.000Z',
    );
    expect(parseDossierFile(text)).toEqual({
      kind: 'fault',
      fault: { code: 'file-dangling', table: 'trials', id: 'look', points: 'nobody' },
    });
  });
});

describe('looking back', () => {
  const then = sheetOf(dossier, 'built', true);
  test('on the same figures nothing has moved', () => {
    const back = lookingBack(then, sheetOf(dossier, 'built', true));
    expect(back).toMatchObject({
      wants: [],
      musts: [],
      brief: [],
      parts: { added: [], gone: [], dearer: [] },
    });
    expect(back.points.now).toBe(back.points.then);
    expect(back.first?.now).toBe(back.first?.then);
  });
  test('a longer gap moves the range’s need and its points, and the brief says which field', () => {
    const back = lookingBack(
      then,
      sheetOf(withBrief((b) => ({ ...b, trip: { ...b.trip, fuelGap_km: 420 } }))),
    );
    expect(back.brief).toEqual(['trip.fuelGap_km']);
    const range = back.wants.find((w) => w.want === 'range');
    expect(range).toMatchObject({ needThen: 260, needNow: 420 });
    expect(range?.points).toBeLessThan(0);
    expect(back.points.now).toBeLessThan(back.points.then);
    expect(back.first).toBeUndefined();
  });
  test('the ground counts as one change; the points of the wants add to the change of the fit', () => {
    const back = lookingBack(
      then,
      sheetOf(
        withBrief((b) => ({
          ...b,
          ground: { ...b.ground, gravel: b.ground.gravel - 10, motorway: b.ground.motorway + 10 },
        })),
      ),
    );
    expect(back.brief).toEqual(['ground']);
    expect(
      Math.abs(
        back.wants.reduce((sum, w) => sum + w.points, 0) - (back.points.now - back.points.then),
      ),
    ).toBeLessThan(0.05 * then.wants.length);
  });
  test('parts that came, went and got dearer', () => {
    const build = dossier.builds[ID];
    const handguards = partsOf(dossier).handguards;
    if (!build || !handguards) throw new Error('no build');
    const changed: Dossier = {
      ...dossier,
      builds: {
        ...dossier.builds,
        [ID]: { ...build, partIds: ['handguards', 'fork-springs', 'rack-tail'] },
      },
      parts: {
        ...dossier.parts,
        handguards: {
          ...handguards,
          price: { ...handguards.price, amount: handguards.price.amount + 40 },
        },
      },
    };
    const { parts } = lookingBack(then, sheetOf(changed));
    expect(parts.added).toHaveLength(1);
    expect(parts.gone).toHaveLength(build.partIds.length - 2);
    expect(parts.dearer.map((p) => p.now - p.then)[0]).toBeGreaterThanOrEqual(40);
  });
  test('in another currency no part has become dearer: the sums of two days are in two', () => {
    const changes = currencyChange(dossier.briefs[BRIEF_KEY] as Brief, 'SEK', {
      kind: 'reckoned',
      typed: { rate: 11.2, date: '2026-03-01' },
    });
    const result = applyChanges(dossier, changes);
    if (result.kind !== 'applied') throw new Error('conflict');
    const now = sheetOf(result.value);
    expect(now.parts.map((p) => p.cost)).not.toEqual(then.parts.map((p) => p.cost));
    const back = lookingBack(then, now);
    expect(back.parts).toEqual({ added: [], gone: [], dearer: [] });
    expect(back.brief).toContain('money.currency');
  });
  test('who is ahead today is named when it is another', () => {
    const now = sheetOf(dossier);
    const leader = standing(dossier)?.builtRanking[0]?.id;
    expect(leader).not.toBe(ID);
    expect(lookingBack(then, now).aheadNow?.candidateId).toBe(leader);
  });
});
