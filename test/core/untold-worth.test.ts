import { describe, expect, test } from 'vitest';
import loadHighs from 'highs';
import {
  bestBuild,
  FELT,
  fullPoints,
  recommended,
  untoldWorths,
  type PlanSetting,
  type PlannedBuild,
} from '@/core/build';
import { enoughWords, partsCounted } from '@/ui/messages';
import type { DonorFacts } from '@/core/facts';
import { typicalChances } from '@/core/typical';
import { demoDossier } from '@/demo/scenario';
import { planSetting, standing } from '@/store/queries';
import { lookFirstWords } from '@/ui/messages';
import { lookFirst } from '@/core/suitability';

const told = (value: string) => ({
  readings: [{ id: 'r', value, origin: 'claimed' as const, note: '' }],
});
const ALL_TOLD: DonorFacts = {
  screen: told('small'),
  fairing: told('none'),
  handGuards: told('none'),
  sumpGuard: told('none'),
  wheelType: told('spoked-tubed'),
  forkAdjust: told('none'),
  shockAdjust: told('preload'),
};
const dossier = demoDossier();
const now = standing(dossier);
if (!now) throw new Error('no brief');
const settings = now.candidates.map((entry) =>
  planSetting(dossier, now, entry, { legalOnly: false, today: '2026-12-01' }),
);
/** One of the example's machines, with everything told but what is taken away. */
const without = (at: number, ...untold: readonly (keyof DonorFacts)[]): PlanSetting => {
  const setting = settings[at];
  if (!setting) throw new Error('no such candidate');
  const facts = { ...ALL_TOLD };
  for (const fact of untold) delete facts[fact];
  return { ...setting, donor: { ...setting.donor, facts } };
};
const build = (...partIds: readonly string[]): PlannedBuild => ({
  partIds,
  cost: 0,
  points: 0,
  planned: 0,
  failed: [],
});
const partsOf = (setting: PlanSetting, ids: readonly string[]) =>
  setting.choices.filter((p) => ids.includes(p.id));

/** By hand: each answer told in turn, the part's gain with it, weighed by how many of the class have that answer. */
function averaged(
  setting: PlanSetting,
  fact: 'screen' | 'handGuards',
  ids: readonly string[],
): number {
  const { donor } = setting;
  const chances = Object.entries(typicalChances(donor.donorClass, fact) ?? {});
  const all = chances.reduce((sum, [, chance]) => sum + chance, 0);
  return chances.reduce((sum, [value, chance]) => {
    const bare = {
      ...setting,
      donor: { ...donor, facts: { ...donor.facts, [fact]: told(value) } },
    };
    const [with_, rest] = [ids, ids.slice(1)].map((of) => fullPoints(bare, partsOf(bare, of)));
    return sum + (chance / all) * ((with_ ?? 0) - (rest ?? 0));
  }, 0);
}

describe('what a part is worth where the machine may have it already', () => {
  test.each([
    ['a tall screen on a road twin', 5, 'screen' as const, ['screen-tall', 'handguards']],
    ['a tall screen on a dual-sport', 2, 'screen' as const, ['screen-tall']],
    ['guards on a road single', 3, 'handGuards' as const, ['handguards', 'bash-plate']],
  ])('%s: counted with the least, on average what the class has', (_, at, fact, ids) => {
    const setting = without(at, fact);
    const [worth, ...more] = untoldWorths(setting, build(...ids));
    expect(more).toEqual([]);
    expect(worth).toMatchObject({ partId: ids[0], facts: [fact] });
    const none = {
      ...setting,
      donor: { ...setting.donor, facts: { ...setting.donor.facts, [fact]: told('none') } },
    };
    const gain =
      fullPoints(none, partsOf(none, ids)) - fullPoints(none, partsOf(none, ids.slice(1)));
    expect(worth?.counted).toBeCloseTo(gain, 6);
    expect(worth?.mean).toBeGreaterThan(averaged(setting, fact, ids) - 0.1);
    expect(worth?.mean).toBeLessThan(averaged(setting, fact, ids) + 0.1);
    expect(worth?.mean).toBeLessThan((worth?.counted ?? 0) - 0.1);
  });
  test('nothing where it is told, and each part once, beside the first build that has it', () => {
    expect(untoldWorths(without(5), build('screen-tall', 'handguards'))).toEqual([]);
    const setting = without(5, 'screen', 'handGuards');
    const both = untoldWorths(setting, build('screen-tall'), build('handguards', 'screen-tall'));
    expect(both.map((w) => w.partId)).toEqual(['screen-tall', 'handguards']);
    expect(both[0]).toEqual(untoldWorths(setting, build('screen-tall'))[0]);
  });
  test('in words, with both numbers; a worth of nothing is said so', () => {
    const setting = without(5, 'screen', 'handGuards');
    const parts = partsOf(setting, ['screen-tall', 'handguards']);
    const found = lookFirst(parts, setting.donor);
    const worths = [
      { partId: 'screen-tall', facts: ['screen' as const], counted: 3.71, mean: 0.33 },
      { partId: 'handguards', facts: ['handGuards' as const], counted: 0.75, mean: -0.02 },
    ];
    const [screen] = found.filter((f) => f.part.id === 'screen-tall');
    expect(lookFirstWords(screen ? [screen] : [], setting.donor, worths)).toMatch(
      /’s screen\. Counted as if it had the least: tall adjustable screen at 3\.7 points of 100\. On average over what its class has it is worth 0\.3\.$/,
    );
    expect(lookFirstWords(found, setting.donor, worths)).toMatch(
      / spine at 0\.8 and tall adjustable screen at 3\.7 points of 100\. .* they are worth nothing and 0\.3\.$/,
    );
  });
});

describe('what is enough, where the machine may have a part already', async () => {
  const highs = await loadHighs();
  /** Only a tall screen to be had, no must, money without end. */
  const screenOnly = (setting: PlanSetting): PlanSetting => ({
    ...setting,
    brief: { ...setting.brief, musts: { ...setting.brief.musts, on: [] } },
    choices: setting.choices.filter((p) => p.id === 'screen-tall'),
  });
  const found = (setting: PlanSetting) => {
    const best = bestBuild(highs, screenOnly(setting), undefined);
    if (best.kind !== 'build') throw new Error(best.kind);
    return { best, ids: best.build.partIds, enough: recommended(best).partIds };
  };
  test('it does without one that is worth less than is felt on average', () => {
    const setting = without(7, 'screen');
    expect(averaged(screenOnly(setting), 'screen', ['screen-tall'])).toBeLessThan(FELT - 0.4);
    const { best, ids, enough } = found(setting);
    expect(ids).toEqual(['screen-tall']);
    expect(enough).toEqual([]);
    const gain = best.build.points - recommended(best).points;
    expect(gain).toBeGreaterThan(FELT);
    expect(enoughWords(best, setting.brief.money, partsCounted)).toContain(
      ` buy ${gain.toFixed(1)} points more if it has the least of what nobody has told, on average less than one, which nobody feels.`,
    );
  });
  test('it keeps one that is felt on average, and one that the machine is told to lack', () => {
    const often = without(5, 'screen');
    expect(averaged(screenOnly(often), 'screen', ['screen-tall'])).toBeGreaterThan(FELT + 0.4);
    expect(found(often).enough).toEqual(['screen-tall']);
    const { donor } = without(7);
    const lacks = {
      ...without(7),
      donor: { ...donor, facts: { ...donor.facts, screen: told('none') } },
    };
    expect(found(lacks).enough).toEqual(['screen-tall']);
  });
  test('nor takes off what was asked for', () => {
    const setting = { ...without(7, 'screen'), pinned: new Set(['screen-tall']) };
    expect(found(setting).enough).toEqual(['screen-tall']);
  });
});
