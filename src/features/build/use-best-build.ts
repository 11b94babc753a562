'use client';
import { useEffect, useEffectEvent, useState } from 'react';
import { planSubject, spendLimit, type BestBuild } from '@/core/build';
import type { WhatItTakes } from '@/core/planning';
import { planSetting } from '@/store/queries';
import { useDossierState, useStable } from '@/store/react';
import { startPlan } from '@/workers/plan';
import { today } from '@/store/running';
import type { BuildModel } from './use-build';

/** Editing rests this long before the planner is asked again. */
const REST_MS = 150;

export interface BestBuildModel {
  /** The last answer; it stays while a new one is worked on. */
  readonly best: BestBuild | undefined;
  readonly working: boolean;
  readonly died: string | undefined;
  readonly again: () => void;
  readonly takes: ReadonlyMap<string, WhatItTakes>;
  /** Asks what a part that was not planned would have to cost or give. */
  readonly ask: (partId: string) => void;
}

/** The best build of the candidate at hand within what there is to spend, planned anew after every edit. */
export function useBestBuild({ standing, entry }: BuildModel, legalOnly: boolean): BestBuildModel {
  const dossier = useDossierState((s) => s.dossier);
  const { id } = entry.candidate;
  const setting = planSetting(dossier, standing, entry, { legalOnly, today: today() });
  // The build itself is no input, nor is a note: only what the planner reckons with.
  const subject = useStable(planSubject(setting));
  const [answers, setAnswers] = useState<{
    readonly id: string;
    readonly best: BestBuild | undefined;
    readonly died: string | undefined;
    readonly working: boolean;
  }>({ id, best: undefined, died: undefined, working: true });
  const [takes, setTakes] = useState<ReadonlyMap<string, WhatItTakes>>(new Map());
  const [round, setRound] = useState(0);
  const request = () => ({
    candidate: { id, setting },
    spend: Math.max(0, spendLimit({ brief: standing.brief })),
  });
  const asked = useEffectEvent(request);
  useEffect(() => {
    let job: { readonly cancel: () => void } | undefined;
    const timer = setTimeout(() => {
      setAnswers((was) => ({
        ...was,
        best: was.id === id ? was.best : undefined,
        id,
        working: true,
        died: undefined,
      }));
      setTakes(new Map());
      const started = startPlan({ kind: 'best', ...asked() }, (piece) => {
        if (piece.kind === 'best')
          setAnswers({ id, best: piece.best, died: undefined, working: false });
      });
      job = started;
      void started.outcome.then(
        (outcome) =>
          outcome.kind === 'died' &&
          setAnswers((was) => ({ ...was, working: false, died: outcome.message })),
      );
    }, REST_MS);
    return () => {
      clearTimeout(timer);
      job?.cancel();
    };
  }, [id, subject, round]);
  const mine = answers.id === id;
  return {
    best: mine ? answers.best : undefined,
    working: !mine || answers.working,
    died: mine ? answers.died : undefined,
    again: () => setRound((r) => r + 1),
    takes,
    ask: (partId) =>
      void startPlan({ kind: 'takes', ...request(), partIds: [partId] }, (piece) => {
        if (piece.kind === 'takes') setTakes((was) => new Map(was).set(piece.partId, piece.takes));
      }),
  };
}
