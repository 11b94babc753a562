import { beforeAll, describe, expect, test } from 'vitest';
import { simulateRanks } from '@/core/doubt';
import type { Case } from '@/core/assessment';
import { briefTurnings } from '@/core/stakes';
import { doubtModel } from '@/store/queries';
import type { DoubtPiece, DoubtRequest } from '@/workers/doubt';
import type { FromWorker } from '@/workers/protocol';
import { dossier, entryOf, standingOf } from '../store/demo-standing';

const now = standingOf(dossier);
const said: FromWorker<'done', DoubtPiece>[] = [];
/** The worker's own module with a stand-in for its global scope; requests are cloned as a browser would. */
const ask = (request: DoubtRequest): readonly FromWorker<'done', DoubtPiece>[] => {
  said.length = 0;
  (globalThis as unknown as { onmessage: (event: { data: DoubtRequest }) => void }).onmessage({
    data: structuredClone(request),
  });
  return [...said];
};
beforeAll(async () => {
  Object.assign(globalThis, {
    onmessage: null,
    postMessage: (message: FromWorker<'done', DoubtPiece>) => said.push(structuredClone(message)),
  });
  await import('@/workers/doubt.worker');
});

describe('the doubt worker', () => {
  const setting = { seed: 41, most: 4000, every: 1000, error: 0 };
  test('a held seed gives what the computation gives in Node, piece by piece', () => {
    const model = doubtModel(now, 'stock', 'order');
    const pieces = ask({ kind: 'ranks', model, setting });
    const direct = [...simulateRanks(model, setting)];
    expect(direct.length).toBe(4);
    expect(pieces).toEqual([
      ...direct.map((doubt) => ({ kind: 'piece', piece: { kind: 'ranks', doubt } })),
      { kind: 'outcome', result: 'done' },
    ]);
  });
  test('what would turn the brief is the same, too', () => {
    const contender = (id: string): Case => ({ ...entryOf(now, id).bare, parts: [] });
    const [leader, rival] = [contender('c-drover-430-brenfold'), contender('c-pika-340-x')];
    expect(ask({ kind: 'brief', leader, rival })[0]).toEqual({
      kind: 'piece',
      piece: { kind: 'brief', turnings: briefTurnings(leader, rival) },
    });
  });
  test('a model that cannot be drawn comes back as words, not as silence', () => {
    const model = doubtModel(now, 'stock', 'within');
    const broken = {
      ...model,
      criteria: model.criteria.map((c) => ({ ...c, bounds: { low: 0.9, high: 1 } })),
    };
    expect(ask({ kind: 'ranks', model: broken, setting })).toEqual([
      { kind: 'died', message: expect.stringContaining('bounds') as string },
    ]);
  });
});
