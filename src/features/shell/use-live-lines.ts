'use client';
import { spendable } from '@/core/brief';
import { FIGURE_KEYS } from '@/core/readings';
import { BRIEF_KEY, isEmptyDossier } from '@/store/records';
import { useDossierState, usePreferences, useStanding } from '@/store/react';
import type { Ranked } from '@/core/preference';
import type { Standing } from '@/store/queries';
import { formatNumber, formatWithUnit } from '@/ui/messages';

const named = (standing: Standing, ranked: readonly Ranked[]): readonly string[] =>
  ranked.filter((r) => r.place === 1).flatMap((r) => standing.candidates.find((c) => c.candidate.id === r.id)?.donor.model ?? []);

/** One live line for each step of the strip, by path. */
export function useLiveLines(): Readonly<Record<string, string>> {
  const dossier = useDossierState((s) => s.dossier);
  const storage = useDossierState((s) => s.storage);
  const standing = useStanding();
  const [{ units }] = usePreferences();
  const brief = dossier.briefs[BRIEF_KEY];
  const donors = Object.values(dossier.donors);
  const missing = donors.reduce((n, d) => n + FIGURE_KEYS.filter((k) => k !== 'unrestrictedPower' && !d.figures[k]).length, 0);
  const reader = { units, currency: brief?.money.currency ?? 'EUR' } as const;

  return {
    '/brief': brief ? `${formatWithUnit(brief.trip.length_km, 'distance', reader)}, ${formatNumber(spendable(brief.money))} ${brief.money.currency} to spend` : 'not begun',
    '/donors': donors.length === 0 ? 'none yet' : `${donors.length} ${donors.length === 1 ? 'donor' : 'donors'}, ${missing} ${missing === 1 ? 'figure' : 'figures'} missing`,
    '/weigh-up': weighUpLine(standing),
    '/build': buildLine(standing),
    '/dossier': storage.kind === 'unsaved' ? 'not stored: export now' : storage.kind === 'saving' ? 'storing …' : isEmptyDossier(dossier) ? 'empty' : 'all stored here',
  };
}

function weighUpLine(standing: Standing | undefined): string {
  if (!standing || standing.candidates.length === 0) return 'needs a brief and donors';
  const first = named(standing, standing.stockRanking);
  if (first.length === 0) return 'every donor fails a must';
  return first.length === 1 ? `ahead: ${first[0]}` : `level: ${first.slice(0, 2).join(', ')}${first.length > 2 ? ' …' : ''}`;
}

function buildLine(standing: Standing | undefined): string {
  const built = standing?.candidates.filter((c) => c.parts.length > 0) ?? [];
  if (!standing || built.length === 0) return 'no parts chosen';
  const first = named(standing, standing.builtRanking)[0];
  return first ? `with parts ahead: ${first}` : `${built.length} builds begun`;
}
