'use client';
import { useMemo, useState } from 'react';
import { METRIC_DEFINITIONS, type Assessment, type Metric } from '@/core/assessment';
import { WANT_KEYS, type FitScore, type Ranked, type WantKey } from '@/core/preference';
import type { Standing, StandingCandidate } from '@/store/queries';
import { usePreferences, useStanding } from '@/store/react';
import type { Reader } from '@/ui/messages';
import type { TrackScale } from '@/ui/marks/NeedTrack';

export type View = 'stock' | 'built';

export interface WeighRow {
  readonly entry: StandingCandidate;
  readonly ranked: Ranked;
  readonly assessment: Assessment;
  readonly score: FitScore;
}

export interface WeighColumn {
  readonly want: WantKey;
  readonly need: number;
  readonly scale: TrackScale;
}

/** What the weigh-up shows. */
export interface WeighUpModel {
  readonly standing: Standing;
  readonly reader: Reader;
  readonly view: View;
  readonly setView: (view: View) => void;
  readonly rows: readonly WeighRow[];
  readonly columns: readonly WeighColumn[];
  readonly sort: WantKey | 'fit';
  readonly setSort: (sort: WantKey | 'fit') => void;
  readonly weightOf: (want: WantKey) => number;
}

export function useWeighUp(): WeighUpModel | undefined {
  const standing = useStanding();
  const [{ units }] = usePreferences();
  const [view, setView] = useState<View>('stock');
  const [sort, setSort] = useState<WantKey | 'fit'>('fit');
  return useMemo(() => {
    if (!standing) return undefined;
    const rows = sorted(rowsOf(standing, view), sort);
    return {
      standing, view, setView, sort, setSort, rows, reader: { units, currency: standing.brief.money.currency }, columns: columnsOf(standing), weightOf: (want) => standing.weights[want],
    };
  }, [standing, units, view, sort]);
}

function rowsOf(standing: Standing, view: View): readonly WeighRow[] {
  const byId = new Map(standing.candidates.map((c) => [c.candidate.id, c]));
  return (view === 'stock' ? standing.stockRanking : standing.builtRanking).flatMap((ranked) => {
    const entry = byId.get(ranked.id);
    return entry ? [{ entry, ranked, assessment: view === 'stock' ? entry.stock : entry.built, score: ranked.score }] : [];
  });
}

function sorted(rows: readonly WeighRow[], sort: WantKey | 'fit'): readonly WeighRow[] {
  if (sort === 'fit') return rows;
  const better = METRIC_DEFINITIONS[sort].better;
  const key = (row: WeighRow) => {
    const { estimate } = row.assessment.metrics[sort];
    if (estimate.kind === 'unknown') return Number.POSITIVE_INFINITY;
    return better === 'less' ? estimate.interval.mid : -estimate.interval.mid;
  };
  return rows.toSorted((a, b) => key(a) - key(b));
}

/** One scale for a want over all candidates, stock and built, so that the need line stands still. */
function columnsOf(standing: Standing): readonly WeighColumn[] {
  return WANT_KEYS.map((want) => {
    const curve = standing.curves[want];
    const metrics: readonly Metric[] = standing.candidates.flatMap((c) => [c.stock.metrics[want], c.built.metrics[want]]);
    const points = metrics.flatMap((m) => (m.estimate.kind === 'known' ? [m.estimate.interval.low, m.estimate.interval.high] : []));
    const low = Math.min(...points, curve.need);
    const high = Math.max(...points, curve.need);
    const pad = (high - low) * 0.08 || 1;
    return { want, need: curve.need, scale: { low: low - pad, high: high + pad } };
  });
}
