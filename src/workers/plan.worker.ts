import loadHighs from 'highs';
import { bestBuild, buildCurve, isFinal, planModelOf, type PlannedBuild } from '@/core/build';
import { whatItTakes, type ProgramSolver } from '@/core/planning';
import { keptPlans, questionKey } from './kept-plans';
import type { PlanCandidate, PlanPiece, PlanRequest } from './plan';
import type { FromWorker } from './protocol';

const say = (message: FromWorker<'done', PlanPiece>) => postMessage(message);
say({ kind: 'there' });
const piece = (p: PlanPiece) => say({ kind: 'piece', piece: p });

onmessage = ({ data }: MessageEvent<PlanRequest>) => {
  work(data)
    .then(() => say({ kind: 'outcome', result: 'done' }))
    .catch((error: unknown) =>
      say({ kind: 'died', message: error instanceof Error ? error.message : String(error) }),
    );
};

const kept = keptPlans();
/** The solver, loaded once something has to be solved. */
let loading: Promise<ProgramSolver> | undefined;
const solver = (): Promise<ProgramSolver> => (loading ??= loadHighs());

async function work(request: PlanRequest): Promise<void> {
  switch (request.kind) {
    case 'best': {
      const { candidate, spend } = request;
      const key = await questionKey(candidate.setting, spend);
      const best = (await kept.best(key)) ?? bestBuild(await solver(), candidate.setting, spend);
      piece({ kind: 'best', id: candidate.id, best });
      return kept.keepBest(key, best);
    }
    case 'takes': {
      const { model } = planModelOf(request.candidate.setting);
      const highs = await solver();
      for (const partId of request.partIds)
        piece({ kind: 'takes', partId, takes: whatItTakes(highs, model, request.spend, partId) });
      return undefined;
    }
    case 'curves':
      return curves(request);
  }
}

/** A good build of each soon, then the best of each, then the curves; what was found before comes first. */
async function curves(request: Extract<PlanRequest, { kind: 'curves' }>): Promise<void> {
  const { candidates, spend } = request;
  const keys = new Map<string, string | undefined>();
  const known = new Set(request.known);
  const whole = new Set<string>();
  for (const { id, setting } of candidates) {
    const key = await questionKey(setting, spend);
    keys.set(id, key);
    const best = known.has(id) ? undefined : await kept.best(key);
    if (best) {
      known.add(id);
      piece({ kind: 'best', id, best });
    }
    const corners = request.depth === 'whole' ? await kept.curve(key) : undefined;
    if (!corners) continue;
    whole.add(id);
    for (const corner of corners) piece({ kind: 'corner', id, corner });
    piece({ kind: 'whole', id });
  }
  for (const thorough of [false, true])
    for (const { id, setting } of candidates.filter((c) => !known.has(c.id))) {
      const best = bestBuild(await solver(), setting, spend, thorough);
      piece({ kind: 'best', id, best });
      if (isFinal(best)) await kept.keepBest(keys.get(id), best);
    }
  if (request.depth === 'best') return;
  await inTurn(
    candidates.filter((c) => !whole.has(c.id)),
    keys,
  );
}

/** Curves corner by corner, every candidate in turn. */
async function inTurn(
  candidates: readonly PlanCandidate[],
  keys: ReadonlyMap<string, string | undefined>,
): Promise<void> {
  if (candidates.length === 0) return;
  const highs = await solver();
  let open = candidates.map(({ id, setting }) => ({
    id,
    sweep: buildCurve(highs, setting),
    found: [] as PlannedBuild[],
  }));
  while (open.length > 0) {
    const ended: typeof open = [];
    for (const one of open) {
      const next = one.sweep.next();
      if (next.done) {
        ended.push(one);
        piece({ kind: 'whole', id: one.id });
        await kept.keepCurve(keys.get(one.id), one.found);
      } else {
        one.found.push(next.value);
        piece({ kind: 'corner', id: one.id, corner: next.value });
      }
    }
    open = open.filter((one) => !ended.includes(one));
  }
}
