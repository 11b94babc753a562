'use client';
import { useEffect, useMemo, useState } from 'react';
import type { Case } from '@/core/assessment';
import {
  turningPoints,
  type DoubtModel,
  type RankDoubt,
  type Turning,
  type WeightDoubt,
} from '@/core/doubt';
import type { BriefTurning } from '@/core/stakes';
import { startDoubt } from '@/workers/doubt';
import { doubtModel, DRAWING, type Standing } from '../queries';

/** Editing rests this long before drawing begins again, ms. */
const REST_MS = 250;
/** Rivals that are looked at one by one: further down, one that is worth as much still breaks a must almost always. */
const RIVALS = 3;

export interface DoubtWish {
  readonly view: 'stock' | 'built';
  readonly weights: WeightDoubt;
  /** How far weights drawn within bounds may move, as a share of where they are. */
  readonly reach?: number;
  /** Whose turning points are looked for; absent: the one most often first. */
  readonly leader?: string | undefined;
}

export interface DoubtViewModel {
  readonly model: DoubtModel;
  readonly result: RankDoubt | undefined;
  readonly running: boolean;
  readonly died: string | undefined;
  /** Ids in the order of the weigh-up: every screen names the same leader. */
  readonly order: readonly string[];
  readonly turnings: readonly Turning[];
  /** What in the brief would put the nearest rival ahead. */
  readonly briefTurnings: readonly BriefTurning[];
}

interface Drawn {
  readonly result: RankDoubt | undefined;
  readonly running: boolean;
  readonly died: string | undefined;
}

/** Draws in a worker, anew after every edit; the last result stays until then. */
function useDraws(model: DoubtModel): Drawn {
  const [state, setState] = useState<Drawn>({ result: undefined, running: true, died: undefined });
  useEffect(() => {
    let job: { readonly cancel: () => void } | undefined;
    const timer = setTimeout(() => {
      setState((was) => ({ ...was, running: true, died: undefined }));
      const started = startDoubt(
        { kind: 'ranks', model, setting: DRAWING },
        (piece) => piece.kind === 'ranks' && setState((was) => ({ ...was, result: piece.doubt })),
      );
      job = started;
      void started.outcome.then(
        (outcome) =>
          outcome.kind !== 'cancelled' &&
          setState((was) => ({
            ...was,
            running: false,
            died: outcome.kind === 'died' ? outcome.message : undefined,
          })),
      );
    }, REST_MS);
    return () => {
      clearTimeout(timer);
      job?.cancel();
    };
  }, [model]);
  // A result of other candidates than those that are asked about is none.
  const fits =
    state.result?.ids.length === model.alternatives.length &&
    state.result.ids.every((id, i) => id === model.alternatives[i]?.id);
  return fits ? state : { ...state, result: undefined };
}

/** What in the brief would put the rival ahead, looked for in a worker once the order has settled. */
function useBriefTurnings(
  standing: Standing,
  view: 'stock' | 'built',
  leader: string | undefined,
  rival: string | undefined,
): readonly BriefTurning[] {
  const [found, setFound] = useState<{
    readonly of: Standing;
    readonly pair: string;
    readonly turnings: readonly BriefTurning[];
  }>();
  const pair = `${leader} ${rival} ${view}`;
  useEffect(() => {
    const contenders = [leader, rival].flatMap((id): Case[] => {
      const entry = standing.candidates.find((c) => c.candidate.id === id);
      return entry ? [{ ...entry.bare, parts: view === 'stock' ? [] : entry.parts }] : [];
    });
    const [a, b] = contenders;
    if (!a || !b) return undefined;
    const job = startDoubt(
      { kind: 'brief', leader: a, rival: b },
      (piece) =>
        piece.kind === 'brief' && setFound({ of: standing, pair, turnings: piece.turnings }),
    );
    return job.cancel;
  }, [standing, leader, rival, view, pair]);
  return found?.of === standing && found.pair === pair ? found.turnings : [];
}

/** How sure the order is, what would turn it, and what in the brief would. */
export function useDoubt(
  standing: Standing,
  { view, weights, reach = 0.5, leader: wanted }: DoubtWish,
): DoubtViewModel {
  const model = useMemo(
    () => doubtModel(standing, view, weights, reach),
    [standing, view, weights, reach],
  );
  const state = useDraws(model);
  const { result } = state;
  const ranking = view === 'stock' ? standing.stockRanking : standing.builtRanking;
  const order = useMemo(() => ranking.map((r) => r.id), [ranking]);
  const leader = wanted ?? order[0];
  const turnings = useMemo(() => {
    if (leader === undefined || !result) return [];
    const placed = (id: string) =>
      (result.acceptability[result.ids.indexOf(id)] ?? []).some((s) => s > 0);
    return order
      .filter((id) => id !== leader && placed(id))
      .slice(0, RIVALS)
      .flatMap((rival) =>
        turningPoints(model, leader, rival).map((point): Turning => ({ rival, point })),
      );
  }, [order, model, result, leader]);
  const settled = state.running ? undefined : leader;
  return {
    model,
    ...state,
    order,
    turnings,
    briefTurnings: useBriefTurnings(
      standing,
      view,
      settled,
      order.find((id) => id !== leader),
    ),
  };
}
