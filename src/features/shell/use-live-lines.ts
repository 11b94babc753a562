'use client';
import { shortName } from '@/core/donor';
import { spendable } from '@/core/brief';
import type { Part } from '@/core/part';
import { ESSENTIAL_KEYS } from '@/core/sheet';
import { BRIEF_KEY, isEmptyDossier, type VerdictRecord } from '@/store/records';
import { useDossierState, usePreferences, useStanding } from '@/store/react';
import type { Ranked } from '@/core/preference';
import { partsOf, resolvedDonors, type Standing } from '@/store/queries';
import { formatNumber, formatWithUnit, OUTCOME_WORDS } from '@/ui/messages';

const named = (standing: Standing, ranked: readonly Ranked[]): readonly string[] =>
  ranked
    .filter((r) => r.place === 1)
    .flatMap((r) => {
      const entry = standing.candidates.find((c) => c.candidate.id === r.id);
      return entry ? [shortName(entry.donor)] : [];
    });

/** One live line for each step of the strip, by path. */
export function useLiveLines(): Readonly<Record<string, string>> {
  const dossier = useDossierState((s) => s.dossier);
  const storage = useDossierState((s) => s.storage);
  const standing = useStanding();
  const [{ units }] = usePreferences();
  const brief = dossier.briefs[BRIEF_KEY];
  const resolved = resolvedDonors(dossier);
  const donors = [...resolved.values()].filter((d) => !d.archived);
  const missing = donors.reduce(
    (n, d) => n + ESSENTIAL_KEYS.filter((k) => !d.figures[k]).length,
    0,
  );
  const reader = { units, currency: brief?.money.currency ?? 'EUR' } as const;

  return {
    '/brief': brief
      ? `${formatWithUnit(brief.trip.length_km, 'distance', reader)}, ${formatNumber(spendable(brief.money))} ${brief.money.currency} to spend`
      : 'not begun',
    '/donors':
      donors.length === 0
        ? 'none yet'
        : `${donors.length} ${donors.length === 1 ? 'donor' : 'donors'}, ${missing === 0 ? 'every essential figure known' : `${missing} essential ${missing === 1 ? 'figure' : 'figures'} missing`}`,
    '/weigh-up': weighUpLine(standing),
    '/parts': partsLine(Object.values(partsOf(dossier))),
    '/build': buildLine(standing),
    '/verdict': verdictLineOf(Object.values(dossier.verdicts)),
    '/dossier':
      storage.kind === 'unsaved'
        ? 'not stored: export now'
        : storage.kind === 'saving'
          ? 'storing …'
          : isEmptyDossier(dossier)
            ? 'empty'
            : 'all stored here',
  };
}

function verdictLineOf(verdicts: readonly VerdictRecord[]): string {
  const last = verdicts.toSorted((a, b) => (a.at < b.at ? 1 : -1))[0];
  return last ? `${OUTCOME_WORDS[last.outcome].name}: ${last.sheet.machine.name}` : 'not settled';
}

function partsLine(parts: readonly Part[]): string {
  const own = parts.filter((p) => p.own).length;
  return parts.length === 0
    ? 'the catalogue is empty'
    : `${parts.length} parts${own > 0 ? `, ${own} of your own` : ''}`;
}

function weighUpLine(standing: Standing | undefined): string {
  if (!standing || standing.candidates.length === 0) return 'needs a brief and donors';
  const first = named(standing, standing.stockRanking);
  if (first.length === 0) return 'every donor fails a must';
  return first.length === 1
    ? `ahead: ${first[0]}`
    : `level: ${first.slice(0, 2).join(', ')}${first.length > 2 ? ' …' : ''}`;
}

function buildLine(standing: Standing | undefined): string {
  const built = standing?.candidates.filter((c) => c.parts.length > 0) ?? [];
  if (!standing || built.length === 0) return 'no parts chosen';
  const first = named(standing, standing.builtRanking)[0];
  return first ? `with parts ahead: ${first}` : `${built.length} builds begun`;
}
