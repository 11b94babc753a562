'use client';
import { useMemo, useState } from 'react';
import {
  BASE_METRIC_KEYS,
  LOAD_METRIC_KEYS,
  METRIC_DEFINITIONS,
  type Assessment,
  type LoadMetricKey,
  type Metric,
  type MetricKey,
} from '@/core/assessment';
import {
  WANT_GROUPS,
  WANT_KEYS,
  wantsOf,
  type FitScore,
  type Ranked,
  type WantGroup,
  type WantKey,
} from '@/core/preference';
import type { MustKey } from '@/core/brief';
import {
  mustClosers,
  type MustCloser,
  type Standing,
  type StandingCandidate,
} from '@/store/queries';
import type { Dossier } from '@/store/records';
import { useDossierState, usePreferences, useStanding } from '@/store/react';
import { useBestParts, useInPieces, type BestParts } from '@/store/running';
import { formatBase, type Reader } from '@/ui/messages';
import type { TrackScale } from '@/ui/marks/NeedTrack';

export type View = 'stock' | 'built';

/** The three states of the shortlist: as they stand, with the rider's parts, with the best parts for the money. */
export type State = View | 'best';

/** One candidate: a column of the table. */
export interface WeighRow {
  readonly entry: StandingCandidate;
  readonly ranked: Ranked;
  readonly assessment: Assessment;
  readonly score: FitScore;
  /** What would turn the musts it fails; only looked for as it stands. */
  readonly closers: ReadonlyMap<MustKey, MustCloser>;
}

/** One line of the table: a metric over all candidates. */
export interface WeighLine {
  readonly metric: MetricKey;
  /** Absent where the metric is not weighed. */
  readonly need: number | undefined;
  /** Points of 100. */
  readonly weight: number | undefined;
  readonly scale: TrackScale;
}

export interface LineGroup {
  readonly key: WantGroup | 'load' | 'keeping';
  readonly lines: readonly WeighLine[];
}

/** What the weigh-up shows. */
export interface WeighUpModel {
  readonly standing: Standing;
  readonly reader: Reader;
  readonly state: State;
  readonly setState: (state: State) => void;
  /** Which side of the standing is shown: bare, or with the parts of the state. */
  readonly view: View;
  /** How far the best parts are planned, where that is the state. */
  readonly planning: Omit<BestParts, 'standing'> | undefined;
  /** In the order of the columns. */
  readonly rows: readonly WeighRow[];
  readonly groups: readonly LineGroup[];
  readonly hidden: number;
  /** Whether it has been worked out which musts a part would turn. */
  readonly closersKnown: boolean;
  readonly sort: MetricKey | 'fit';
  readonly setSort: (sort: MetricKey | 'fit') => void;
  readonly hideEqual: boolean;
  readonly setHideEqual: (hide: boolean) => void;
  readonly more: boolean;
  readonly setMore: (more: boolean) => void;
}

/** A metric of a candidate, whether it is simulated or not. */
export const metricOf = (assessment: Assessment, key: MetricKey): Metric =>
  (LOAD_METRIC_KEYS as readonly string[]).includes(key)
    ? assessment.underLoad()[key as LoadMetricKey]
    : assessment.metrics[key as Exclude<MetricKey, LoadMetricKey>];

/** Lines beside the wants, where the rider asks for them. */
const KEEPING: readonly MetricKey[] = [
  'resale',
  'yearlyCost',
  'costPerKm',
  'servicesYear',
  'tripServices',
  'oilToCarry',
];
const MORE_GROUPS: readonly {
  readonly key: 'load' | 'keeping';
  readonly metrics: readonly MetricKey[];
}[] = [
  {
    key: 'load',
    metrics: [
      ...BASE_METRIC_KEYS.filter((k) => !(WANT_KEYS as readonly string[]).includes(k)),
      ...LOAD_METRIC_KEYS.filter((k) => !KEEPING.includes(k)),
    ],
  },
  { key: 'keeping', metrics: KEEPING },
];

export function useWeighUp(): WeighUpModel | undefined {
  const chosen = useStanding();
  const dossier = useDossierState((s) => s.dossier);
  const [{ units }] = usePreferences();
  const [state, setState] = useState<State>('stock');
  const best = useBestParts(chosen, state === 'best');
  const standing = state === 'best' ? best?.standing : chosen;
  const view = state === 'stock' ? 'stock' : 'built';
  const [sort, setSort] = useState<MetricKey | 'fit'>('fit');
  const [hideEqual, setHideEqual] = useState(false);
  const [more, setMore] = useState(false);
  // What parts would turn is looked for when the ranking has been drawn.
  const asked = useMemo(() => ({ dossier, standing: chosen }), [dossier, chosen]);
  const { pieces } = useInPieces(
    asked,
    ({ standing: of }) => of?.candidates.length ?? 0,
    closersOf,
  );
  const closers = useMemo(() => new Map(pieces ?? []), [pieces]);
  const currency = standing?.brief.money.currency;
  const reader = useMemo(() => currency && { units, currency }, [units, currency]);
  return useMemo(() => {
    if (!standing || !reader) return undefined;
    const rows = sorted(rowsOf(standing, view, closers), sort);
    const counting = new Set(wantsOf(standing.brief));
    const every: readonly LineGroup[] = [
      ...(Object.entries(WANT_GROUPS) as [WantGroup, readonly WantKey[]][]).map(([key, wants]) => ({
        key,
        lines: wants.filter((w) => counting.has(w)).map((want) => lineOf(standing, want)),
      })),
      ...(more
        ? MORE_GROUPS.map(({ key, metrics }) => ({
            key,
            lines: metrics.map((m) => lineOf(standing, m)),
          }))
        : []),
    ];
    const all = every.filter((g) => g.lines.length > 0);
    const groups = hideEqual
      ? all
          .map((g) => ({ ...g, lines: g.lines.filter((line) => !isEqual(line, rows, reader)) }))
          .filter((g) => g.lines.length > 0)
      : all;
    const count = (list: readonly LineGroup[]) => list.reduce((n, g) => n + g.lines.length, 0);
    return {
      standing,
      state,
      setState,
      view,
      planning: state === 'best' ? best : undefined,
      sort,
      setSort,
      rows,
      reader,
      groups,
      hidden: count(all) - count(groups),
      closersKnown: view !== 'stock' || pieces !== undefined,
      hideEqual,
      setHideEqual,
      more,
      setMore,
    };
  }, [closers, pieces, standing, reader, state, view, best, sort, hideEqual, more]);
}

const NONE: ReadonlyMap<MustKey, MustCloser> = new Map();

/** What parts would turn a must of one candidate. */
function closersOf(
  { dossier, standing }: { readonly dossier: Dossier; readonly standing: Standing | undefined },
  index: number,
): readonly [string, WeighRow['closers']] {
  const entry = standing?.candidates[index];
  const open = entry?.stock.musts.some((m) => m.verdict === 'fail' || m.verdict === 'unsure');
  return [
    entry?.candidate.id ?? '',
    standing && entry && open ? mustClosers(dossier, standing, entry) : NONE,
  ];
}

/** The shortlist of a state in its order. */
export function rowsOf(
  standing: Standing,
  view: View,
  closers: ReadonlyMap<string, WeighRow['closers']> = new Map(),
): readonly WeighRow[] {
  const byId = new Map(standing.candidates.map((c) => [c.candidate.id, c]));
  return (view === 'stock' ? standing.stockRanking : standing.builtRanking).flatMap((ranked) => {
    const entry = byId.get(ranked.id);
    return entry
      ? [
          {
            entry,
            ranked,
            assessment: view === 'stock' ? entry.stock : entry.built,
            score: ranked.score,
            closers:
              (view === 'stock' && ranked.group !== 'kept' && closers.get(ranked.id)) || NONE,
          },
        ]
      : [];
  });
}

function sorted(rows: readonly WeighRow[], sort: MetricKey | 'fit'): readonly WeighRow[] {
  if (sort === 'fit') return rows;
  const better = METRIC_DEFINITIONS[sort].better;
  const key = (row: WeighRow) => {
    const { estimate } = metricOf(row.assessment, sort);
    if (estimate.kind === 'unknown') return Number.POSITIVE_INFINITY;
    return better === 'less' ? estimate.interval.mid : -estimate.interval.mid;
  };
  return rows.toSorted((a, b) => key(a) - key(b));
}

/** One scale for a metric over all candidates, stock and built, so that the need line stands still. */
function lineOf(standing: Standing, metric: MetricKey): WeighLine {
  const want = (WANT_KEYS as readonly string[]).includes(metric) ? (metric as WantKey) : undefined;
  const need = want && standing.curves[want].need;
  const points = standing.candidates
    .flatMap((c) => [c.stock, ...(c.built === c.stock ? [] : [c.built])])
    .flatMap((a) => {
      const { estimate } = metricOf(a, metric);
      return estimate.kind === 'known' ? [estimate.interval.low, estimate.interval.high] : [];
    });
  const low = Math.min(...points, need ?? Number.POSITIVE_INFINITY);
  const high = Math.max(...points, need ?? Number.NEGATIVE_INFINITY);
  const pad = (high - low) * 0.08 || 1;
  return {
    metric,
    need,
    weight: want && standing.weights[want] * 100,
    scale: { low: low - pad, high: high + pad },
  };
}

/** Whether all candidates show the same figure. */
function isEqual({ metric }: WeighLine, rows: readonly WeighRow[], reader: Reader): boolean {
  const shown = rows.map((row) => {
    const { estimate } = metricOf(row.assessment, metric);
    return estimate.kind === 'known'
      ? formatBase(estimate.interval.mid, METRIC_DEFINITIONS[metric].dimension, reader)
      : 'not known';
  });
  return new Set(shown).size <= 1;
}
