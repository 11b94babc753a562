import type { BestBuild, PlannedBuild, PlanSetting } from '@/core/build';
import type { WhatItTakes } from '@/core/planning';
import { startJob, type Job } from './client';

/** One candidate to plan for. */
export interface PlanCandidate {
  readonly id: string;
  readonly setting: PlanSetting;
}

/** How far a shortlist is planned: the best build of each, or their curves to the end. */
export type PlanDepth = 'best' | 'whole';

export type PlanRequest =
  /** The best build of each under the limit first, then every curve, corner by corner in turn, as deep as is asked. */
  | {
      readonly kind: 'curves';
      readonly candidates: readonly PlanCandidate[];
      readonly spend: number;
      readonly depth: PlanDepth;
      /** Candidates whose best build is known already. */
      readonly known: readonly string[];
    }
  | { readonly kind: 'best'; readonly candidate: PlanCandidate; readonly spend: number }
  /** What each of these parts would have to cost or give. */
  | {
      readonly kind: 'takes';
      readonly candidate: PlanCandidate;
      readonly spend: number;
      readonly partIds: readonly string[];
    };

/** What is sent as soon as it is proven. */
export type PlanPiece =
  | { readonly kind: 'best'; readonly id: string; readonly best: BestBuild }
  | { readonly kind: 'corner'; readonly id: string; readonly corner: PlannedBuild }
  | { readonly kind: 'whole'; readonly id: string }
  | { readonly kind: 'takes'; readonly partId: string; readonly takes: WhatItTakes };

/** Starts the planner in a worker of its own; pieces come as they are proven. */
export const startPlan = (request: PlanRequest, onPiece: (piece: PlanPiece) => void): Job<'done'> =>
  startJob<PlanRequest, 'done', PlanPiece>(
    () => new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' }),
    request,
    { onPiece },
  );
