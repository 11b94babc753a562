import { describe, expect, test } from 'vitest';
import { forestDossier } from '@/demo/forest';
import { demoDossier } from '@/demo/scenario';
import { standing } from '@/store/queries';
import { briefSchema } from '@/store/records';
import { formatDossierFile, parseDossierFile } from '@/store/files';

const dossier = forestDossier();

describe('the second example', () => {
  test('is a dossier like any other: its file opens again as it was', () => {
    const parsed = parseDossierFile(formatDossierFile(dossier, '2026-11-01T00:00:00Z'));
    expect(parsed.kind === 'dossier' && parsed.dossier).toEqual(dossier);
    expect(briefSchema.safeParse(dossier.briefs.brief).success).toBe(true);
  });
  test('has a machine that will do or may, and one that will not: there is something to decide', () => {
    const now = standing(dossier);
    const groups = new Set(now?.stockRanking.map((r) => r.group));
    expect(now?.stockRanking.length).toBe(4);
    expect(groups.size).toBeGreaterThan(1);
    expect(now?.stockRanking.every((r) => Number.isFinite(r.score.points.mid))).toBe(true);
  });
  test('shares no maker and no model with the first', () => {
    const names = (of: typeof dossier) =>
      new Set(
        Object.values(of.donors)
          .flatMap((d) => [d.maker, d.model])
          .filter(Boolean),
      );
    for (const name of names(dossier)) expect(names(demoDossier())).not.toContain(name);
  });
});
