import type { Case } from '@/core/assessment';
import type { DoubtModel, RankDoubt, SimulationSetting } from '@/core/doubt';
import type { BriefTurning } from '@/core/stakes';
import { startJob, type Job } from './client';

export type DoubtRequest =
  | { readonly kind: 'ranks'; readonly model: DoubtModel; readonly setting: SimulationSetting }
  | {
      readonly kind: 'brief';
      readonly leader: Case;
      readonly rival: Case;
    };

export type DoubtPiece =
  | { readonly kind: 'ranks'; readonly doubt: RankDoubt }
  | { readonly kind: 'brief'; readonly turnings: readonly BriefTurning[] };

/** Simulates ranks, the result so far as it grows, or looks for what in the brief would turn an order; in a worker. */
export const startDoubt = (
  request: DoubtRequest,
  onPiece: (piece: DoubtPiece) => void,
): Job<'done'> =>
  startJob<DoubtRequest, 'done', DoubtPiece>(
    () => new Worker(new URL('./doubt.worker.ts', import.meta.url), { type: 'module' }),
    request,
    { onPiece },
  );
