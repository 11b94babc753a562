import { simulateRanks, type RankDoubt } from '@/core/doubt';
import type { DoubtRequest } from './doubt';
import type { FromWorker } from './protocol';

const say = (message: FromWorker<'done', RankDoubt>) => postMessage(message);

onmessage = ({ data }: MessageEvent<DoubtRequest>) => {
  try {
    for (const doubt of simulateRanks(data.model, data.setting)) say({ kind: 'piece', piece: doubt });
    say({ kind: 'outcome', result: 'done' });
  } catch (error) {
    say({ kind: 'died', message: error instanceof Error ? error.message : String(error) });
  }
};
