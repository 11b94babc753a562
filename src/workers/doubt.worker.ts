import { simulateRanks } from '@/core/doubt';
import { briefTurnings } from '@/core/stakes';
import type { DoubtPiece, DoubtRequest } from './doubt';
import type { FromWorker } from './protocol';

const say = (message: FromWorker<'done', DoubtPiece>) => postMessage(message);
say({ kind: 'there' });

onmessage = ({ data }: MessageEvent<DoubtRequest>) => {
  try {
    if (data.kind === 'brief')
      say({
        kind: 'piece',
        piece: { kind: 'brief', turnings: briefTurnings(data.leader, data.rival) },
      });
    else
      for (const doubt of simulateRanks(data.model, data.setting))
        say({ kind: 'piece', piece: { kind: 'ranks', doubt } });
    say({ kind: 'outcome', result: 'done' });
  } catch (error) {
    say({ kind: 'died', message: error instanceof Error ? error.message : String(error) });
  }
};
