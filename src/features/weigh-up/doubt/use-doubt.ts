'use client';
import { useEffect, useMemo, useState } from 'react';
import { turningPoints, type DoubtModel, type RankDoubt, type TurningPoint, type WeightDoubt } from '@/core/doubt';
import { doubtModel, type Standing } from '@/store/queries';
import { startDoubt } from '@/workers/doubt';

/** The same every time: a verdict must not hang on luck. */
const SEED = 20_260;
const MOST = 20_000;
const EVERY = 1000;
/** Standard error of a first-place share at which drawing stops. */
const ERROR = 0.003;
/** Editing rests this long before drawing begins again, ms. */
const REST_MS = 250;
/** Rivals that are looked at one by one. */
const RIVALS = 3;

/** One thing that would swap the leader and a rival, with who and how likely. */
export interface Turning {
  readonly rival: string;
  readonly point: TurningPoint;
}

export interface DoubtViewModel {
  readonly model: DoubtModel;
  readonly result: RankDoubt | undefined;
  readonly running: boolean;
  readonly died: string | undefined;
  /** Ids, most often first. */
  readonly order: readonly string[];
  readonly turnings: readonly Turning[];
}

/** How sure the order is: drawn in a worker, anew after every edit; the last result stays until then. */
export function useDoubt(standing: Standing, view: 'stock' | 'built', weights: WeightDoubt): DoubtViewModel {
  const model = useMemo(() => doubtModel(standing, view, weights), [standing, view, weights]);
  const [state, setState] = useState<{ readonly result: RankDoubt | undefined; readonly running: boolean; readonly died: string | undefined }>({ result: undefined, running: true, died: undefined });
  useEffect(() => {
    let job: { readonly cancel: () => void } | undefined;
    const timer = setTimeout(() => {
      setState((was) => ({ ...was, running: true, died: undefined }));
      const started = startDoubt({ model, setting: { seed: SEED, most: MOST, every: EVERY, error: ERROR } }, (result) => setState((was) => ({ ...was, result })));
      job = started;
      void started.outcome.then((outcome) => outcome.kind !== 'cancelled' && setState((was) => ({ ...was, running: false, died: outcome.kind === 'died' ? outcome.message : undefined })));
    }, REST_MS);
    return () => {
      clearTimeout(timer);
      job?.cancel();
    };
  }, [model]);
  const { result } = state;
  const order = useMemo(() => {
    if (!result) return [];
    const first = (i: number) => result.acceptability[i]?.[0] ?? 0;
    const mean = (i: number) => (result.acceptability[i] ?? []).reduce((sum, share, place) => sum + share / (place + 1), 0);
    return result.ids.map((_, i) => i).sort((a, b) => first(b) - first(a) || mean(b) - mean(a)).map((i) => result.ids[i] ?? '');
  }, [result]);
  const turnings = useMemo(() => {
    const [leader, ...rivals] = order;
    if (leader === undefined) return [];
    return rivals.filter((id) => { const i = result?.ids.indexOf(id) ?? -1; return (result?.acceptability[i] ?? []).some((s) => s > 0); }).slice(0, RIVALS).flatMap((rival) => turningPoints(model, leader, rival).map((point): Turning => ({ rival, point })));
  }, [order, model, result]);
  return { model, ...state, order, turnings };
}
