'use client';
import { useRouter, useSearchParams } from 'next/navigation';
import { useMemo, useState } from 'react';
import { assess, type Aboard } from '@/core/assessment';
import { donorLine } from '@/core/donor';
import { inCurrency } from '@/core/money';
import { fitsDonor, type Part } from '@/core/part';
import { faultsOfAdding } from '@/core/planning';
import { needsOf, NEED_VALUE, wantValue, type Need, type WantKey } from '@/core/preference';
import type { FigureKey } from '@/core/readings';
import type { Standing, StandingCandidate } from '@/store/queries';
import { useDossierState, usePreferences, useStanding } from '@/store/react';
import type { Reader } from '@/ui/messages';

export interface Closer {
  readonly part: Part;
  /** What it needs besides, by name. */
  readonly along: readonly string[];
  /** All of it with fitting, in the brief's currency. */
  readonly cost: number;
  /** Whether the need is reached with it alone. */
  readonly closes: boolean;
  /** The metric with it, at the middle. */
  readonly becomes: number;
}

export interface Rung extends Need {
  /** The cheapest part that closes the gap alone, else the one that narrows it most; absent: no single part helps. */
  readonly closer: Closer | undefined;
  /** How many parts narrow it. */
  readonly helpers: number;
}

export interface MachineModel {
  readonly standing: Standing;
  readonly entry: StandingCandidate;
  readonly view: 'stock' | 'built';
  readonly setView: (view: 'stock' | 'built') => void;
  readonly reader: Reader;
  readonly select: (candidateId: string) => void;
  readonly rungs: readonly Rung[];
}

/** One candidate under its load. */
export function useMachine(): MachineModel | undefined {
  const standing = useStanding();
  const dossier = useDossierState((s) => s.dossier);
  const [{ units }] = usePreferences();
  const router = useRouter();
  const id = useSearchParams().get('candidate');
  const [view, setView] = useState<'stock' | 'built'>('stock');
  const entry = standing?.candidates.find((c) => c.candidate.id === id) ?? standing?.candidates.find((c) => c.candidate.id === standing.stockRanking[0]?.id);
  const rungs = useMemo(() => (standing && entry ? rungsOf(standing, entry, view, Object.values(dossier.parts), donorLine(dossier.donors, entry.candidate.donorId).map((d) => d.id), Object.keys(dossier.donors[entry.candidate.donorId]?.listing ? (dossier.donors[entry.candidate.donorId]?.figures ?? {}) : {}) as FigureKey[]) : []), [standing, entry, view, dossier]);
  if (!standing || !entry) return undefined;
  return {
    standing, entry, view, setView, rungs, reader: { units, currency: standing.brief.money.currency },
    select: (candidateId) => router.replace(`/weigh-up/machine?candidate=${encodeURIComponent(candidateId)}`, { scroll: false }),
  };
}

function rungsOf(standing: Standing, entry: StandingCandidate, view: 'stock' | 'built', catalogue: readonly Part[], line: readonly string[], readOnIt: readonly FigureKey[]): readonly Rung[] {
  const { brief, curves } = standing;
  const needs = needsOf(view === 'stock' ? entry.stockScore : entry.builtScore);
  if (needs.length === 0) return [];
  const now = view === 'stock' ? entry.stock : entry.built;
  const chosen = view === 'stock' ? [] : entry.parts;
  const aboard: Aboard = { parts: entry.aboard, readOnIt };
  const known = new Map(catalogue.map((p) => [p.id, p]));
  const there = [...entry.aboard, ...chosen].map((p) => p.id);
  const tries = catalogue.filter((p) => fitsDonor(p, entry.donor, line) && !there.includes(p.id)).flatMap((part) => {
    // A part that needs another takes its cheapest helper along.
    const helpers = faultsOfAdding(part.id, there, known).flatMap((f) => (f.code === 'need-missing' ? [f.anyOf.flatMap((i) => known.get(i) ?? []).sort((a, b) => a.price.amount - b.price.amount)[0]] : [undefined]));
    if (helpers.includes(undefined)) return [];
    const added = [part, ...helpers.filter((h): h is Part => h !== undefined)];
    return [{ part, added, after: assess(brief, entry.donor, [...chosen, ...added], aboard) }];
  });
  const costOf = (parts: readonly Part[]) => parts.reduce((sum, p) => {
    const price = inCurrency(p.price.amount, p.price.currency, brief.money);
    return sum + (price.kind === 'amount' ? price.amount : Number.POSITIVE_INFINITY) + (p.workshop || !brief.money.ownSpanners ? p.fitting_h * brief.money.shopRate_perHour : 0);
  }, 0);
  return needs.map((need): Rung => {
    const valueOf = (want: WantKey, of: typeof now) => { const { estimate } = of.metrics[want]; return estimate.kind === 'known' ? { x: estimate.interval.mid, v: wantValue(curves[want], estimate.interval.mid) } : undefined; };
    const was = valueOf(need.want, now);
    const better = tries.flatMap(({ part, added, after }) => {
      const is = valueOf(need.want, after);
      return is && was && is.v > was.v + 0.005 && Number.isFinite(costOf(added)) ? [{ part, along: added.slice(1).map((p) => p.name.toLowerCase()), cost: costOf(added), closes: is.v >= NEED_VALUE - 1e-9, becomes: is.x, v: is.v }] : [];
    });
    const closing = better.filter((b) => b.closes).sort((a, b) => a.cost - b.cost)[0];
    const closer = closing ?? better.sort((a, b) => b.v - a.v || a.cost - b.cost)[0];
    return { ...need, closer, helpers: better.length };
  });
}
