import { describe, expect, test } from 'vitest';
import type { Assessment } from '@/core/assessment';
import { planModelOf } from '@/core/build';
import type { Estimate } from '@/core/numeric';
import { parseDossierFile } from '@/store/files';
import {
  doubtModel,
  gapClosers,
  mustClosers,
  planSetting,
  standing,
  waysOut,
  worthFindingOut,
} from '@/store/queries';
import type { Dossier } from '@/store/records';
import { randomDossierFile } from './random-dossier';

/** Seeds from..to of `npm run attack`, else a few. */
const [FROM = 1, TO = 8] = (process.env.JUGATOR_ATTACK ?? '1-6').split('-').map(Number);
const SEEDS = Array.from({ length: TO - FROM + 1 }, (_, i) => FROM + i);

/** A figure is not known, or a number whose ends lie about it. */
const isSound = (estimate: Estimate): boolean =>
  estimate.kind === 'unknown' ||
  (Number.isFinite(estimate.mid) &&
    estimate.interval.low <= estimate.mid &&
    estimate.mid <= estimate.interval.high);

const unsound = (of: Assessment): readonly string[] =>
  [...Object.entries(of.metrics), ...Object.entries(of.underLoad())].flatMap(([key, metric]) =>
    isSound(metric.estimate) ? [] : [key],
  );

/** What the screens ask of a dossier. @returns names of figures that are none */
function asked(dossier: Dossier): readonly string[] {
  for (const { id } of Object.values(dossier.briefs)[0]?.purposes ?? []) standing(dossier, id);
  const now = standing(dossier);
  if (!now) return [];
  doubtModel(now, 'built', 'within');
  worthFindingOut(now, 'stock');
  return now.candidates.flatMap((entry) => {
    gapClosers(dossier, now, entry, 'stock');
    mustClosers(dossier, now, entry);
    waysOut(dossier, now, entry, 9000);
    const { model } = planModelOf(
      planSetting(dossier, now, entry, { legalOnly: false, today: '2026-12-01' }),
    );
    const legs = model.wants.flatMap((w) => w.legs.map((leg) => leg.base));
    return [
      ...unsound(entry.stock),
      ...unsound(entry.built),
      ...(entry.built.cautions.every(({ code }) => code.length > 0) ? [] : ['caution']),
      ...(Number.isFinite(entry.builtScore.points.mid) ? [] : ['score']),
      ...(legs.every(Number.isFinite) ? [] : ['plan']),
    ];
  });
}

describe('dossiers drawn from the published schema', () => {
  test.each(SEEDS)('seed %i: refused with its fault, or every screen has its figures', (seed) => {
    const parsed = parseDossierFile(randomDossierFile(seed));
    if (parsed.kind === 'fault') expect(parsed.fault.code).toMatch(/^file-/);
    else expect(asked(parsed.dossier)).toEqual([]);
  });
  test('most are taken, so that it is the screens that are asked', () => {
    const taken = SEEDS.filter((s) => parseDossierFile(randomDossierFile(s)).kind === 'dossier');
    expect(taken.length).toBeGreaterThan(SEEDS.length / 3);
  });
});
