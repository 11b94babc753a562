import type { DoubtModel, RankDoubt, SimulationSetting } from '@/core/doubt';
import { startJob, type Job } from './client';

export interface DoubtRequest {
  readonly model: DoubtModel;
  readonly setting: SimulationSetting;
}

/** Simulates ranks in a worker; each piece is the result so far. */
export const startDoubt = (request: DoubtRequest, onPiece: (doubt: RankDoubt) => void): Job<'done'> =>
  startJob<DoubtRequest, 'done', RankDoubt>(() => new Worker(new URL('./doubt.worker.ts', import.meta.url), { type: 'module' }), request, { onPiece });
