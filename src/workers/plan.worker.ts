import loadHighs from 'highs';
import { bestBuild, buildCurve, planModelOf } from '@/core/build';
import { whatItTakes, type ProgramSolver } from '@/core/planning';
import type { PlanPiece, PlanRequest } from './plan';
import type { FromWorker } from './protocol';

const say = (message: FromWorker<'done', PlanPiece>) => postMessage(message);
const piece = (p: PlanPiece) => say({ kind: 'piece', piece: p });

onmessage = ({ data }: MessageEvent<PlanRequest>) => {
  loadHighs()
    .then((highs) => {
      work(data, highs);
      say({ kind: 'outcome', result: 'done' });
    })
    .catch((error: unknown) =>
      say({ kind: 'died', message: error instanceof Error ? error.message : String(error) }),
    );
};

function work(request: PlanRequest, highs: ProgramSolver): void {
  switch (request.kind) {
    case 'best':
      return piece({
        kind: 'best',
        id: request.candidate.id,
        best: bestBuild(highs, request.candidate.setting, request.spend),
      });
    case 'takes': {
      const { model } = planModelOf(request.candidate.setting);
      for (const partId of request.partIds)
        piece({ kind: 'takes', partId, takes: whatItTakes(highs, model, request.spend, partId) });
      return undefined;
    }
    case 'curves': {
      // A good build of each soon, then the best of each, then the curves.
      for (const thorough of [false, true])
        for (const { id, setting } of request.candidates.filter(
          (c) => !request.known.includes(c.id),
        ))
          piece({ kind: 'best', id, best: bestBuild(highs, setting, request.spend, thorough) });
      if (request.depth === 'best') return undefined;
      let open = request.candidates.map(({ id, setting }) => ({
        id,
        corners: buildCurve(highs, setting),
      }));
      while (open.length > 0) {
        open = open.filter(({ id, corners }) => {
          const next = corners.next();
          piece(next.done ? { kind: 'whole', id } : { kind: 'corner', id, corner: next.value });
          return !next.done;
        });
      }
      return undefined;
    }
  }
}
