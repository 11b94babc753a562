import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import type { BestBuild, PlannedBuild } from '@/core/build';
import { planRoom } from '@/store/running/plan-room';
import type { PlanCandidate, PlanPiece, PlanRequest } from '@/workers/plan';
import type { FromWorker } from '@/workers/protocol';

/** Workers that say what the test tells them to. */
const workers: FakeWorker[] = [];
class FakeWorker {
  onmessage: ((event: { data: FromWorker<'done', PlanPiece> }) => void) | null = null;
  onerror: ((event: { message: string }) => void) | null = null;
  asked: PlanRequest | undefined;
  ended = false;
  constructor() {
    workers.push(this);
  }
  postMessage(request: PlanRequest) {
    this.asked = request;
  }
  terminate() {
    this.ended = true;
  }
  say(data: FromWorker<'done', PlanPiece>) {
    if (!this.ended) this.onmessage?.({ data });
  }
}

const build = (cost: number): PlannedBuild => ({
  partIds: [],
  cost,
  points: 70,
  planned: 70,
  failed: [],
});
const best: BestBuild = { kind: 'build', build: build(5000), leftOut: [] };
/** Candidates whose plans depend on a word and nothing else. */
const candidates = (of: string, ...ids: string[]): readonly PlanCandidate[] =>
  ids.map(
    (id) =>
      ({
        id,
        setting: {
          brief: { trip: {} },
          donor: { id, version: of },
          choices: [],
          pinned: new Set([of]),
          banned: new Set(),
        },
      }) as unknown as PlanCandidate,
  );
const settled = () => vi.advanceTimersByTimeAsync(1000);

beforeEach(() => {
  vi.useFakeTimers();
  vi.stubGlobal('Worker', FakeWorker);
  workers.length = 0;
});
afterEach(() => {
  planRoom.stop();
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

describe('the planner’s results', () => {
  test('two workers share the candidates; pieces are gathered, told in bursts, and the end is known', async () => {
    const told = vi.fn();
    const leave = planRoom.subscribe(told);
    planRoom.start(candidates('one', 'a', 'b', 'c'), 9000);
    expect(
      workers.map((w) => (w.asked?.kind === 'curves' ? w.asked.candidates.map((c) => c.id) : [])),
    ).toEqual([['a', 'c'], ['b']]);
    expect(planRoom.get()).toMatchObject({ running: true });
    told.mockClear();
    workers[0]?.say({ kind: 'piece', piece: { kind: 'best', id: 'a', best } });
    workers[0]?.say({ kind: 'piece', piece: { kind: 'corner', id: 'a', corner: build(4000) } });
    workers[0]?.say({ kind: 'piece', piece: { kind: 'corner', id: 'a', corner: build(3000) } });
    expect(told).not.toHaveBeenCalled();
    await settled();
    expect(told).toHaveBeenCalledTimes(1);
    expect(planRoom.get().best.get('a')).toBe(best);
    expect(
      planRoom
        .get()
        .corners.get('a')
        ?.map((c) => c.cost),
    ).toEqual([4000, 3000]);
    for (const worker of workers) worker.say({ kind: 'outcome', result: 'done' });
    await settled();
    expect(planRoom.get().running).toBe(false);
    leave();
  });
  test('the same inputs keep what was found; others start over; again starts over too', () => {
    planRoom.start(candidates('two', 'a'), 9000);
    planRoom.start(candidates('two', 'a'), 9000);
    expect(workers).toHaveLength(1);
    planRoom.start(candidates('three', 'a'), 9000);
    expect(workers.map((w) => w.ended)).toEqual([true, false]);
    planRoom.start(candidates('three', 'a'), 9000, true);
    expect(workers).toHaveLength(3);
  });
  test('each candidate keeps what was found until what it depends on changes', async () => {
    planRoom.start(candidates('kept', 'a', 'b'), 9000);
    workers[0]?.say({ kind: 'piece', piece: { kind: 'best', id: 'a', best } });
    workers[0]?.say({ kind: 'piece', piece: { kind: 'corner', id: 'a', corner: build(4000) } });
    workers[0]?.say({ kind: 'piece', piece: { kind: 'whole', id: 'a' } });
    workers[1]?.say({ kind: 'piece', piece: { kind: 'corner', id: 'b', corner: build(4000) } });
    await settled();
    planRoom.start([...candidates('kept', 'a'), ...candidates('other', 'b')], 9000);
    await settled();
    expect(planRoom.get().best.get('a')).toBe(best);
    expect(planRoom.get().corners.get('a')).toHaveLength(1);
    expect(planRoom.get().corners.get('b')).toBeUndefined();
    const asked = workers.at(-1)?.asked;
    expect(asked?.kind === 'curves' && asked.candidates.map((c) => c.id)).toEqual(['b']);
    // One that leaves the shortlist takes its results along and costs the others nothing.
    workers.at(-1)?.say({ kind: 'piece', piece: { kind: 'whole', id: 'b' } });
    await settled();
    const before = workers.length;
    planRoom.start(candidates('kept', 'a'), 9000);
    await settled();
    expect(workers).toHaveLength(before);
    expect([...planRoom.get().subjects.keys()]).toEqual(['a']);
  });
  test('only as deep as is asked: the best of each, and later the curves beside what is known', async () => {
    const asked = () => {
      const request = workers.at(-1)?.asked;
      return request?.kind === 'curves' ? [request.depth, request.known] : [];
    };
    planRoom.start(candidates('deep', 'a'), 9000, false, 'best');
    expect(asked()).toEqual(['best', []]);
    // A first build is no answer: it is looked for again.
    workers[0]?.say({
      kind: 'piece',
      piece: { kind: 'best', id: 'a', best: { ...best, quick: true } },
    });
    workers[0]?.say({ kind: 'piece', piece: { kind: 'best', id: 'a', best } });
    workers[0]?.say({ kind: 'outcome', result: 'done' });
    await settled();
    planRoom.start(candidates('deep', 'a'), 9000, false, 'best');
    expect(workers).toHaveLength(1);
    planRoom.start(candidates('deep', 'a'), 9000);
    expect(asked()).toEqual(['whole', ['a']]);
    await settled();
    expect(planRoom.get().best.get('a')).toBe(best);
    // A screen that wants less lets it go on.
    planRoom.start(candidates('deep', 'a'), 9000, false, 'best');
    expect(workers).toHaveLength(2);
    expect(planRoom.get().running).toBe(true);
  });
  test('a first build alone is not known: the best is looked for when curves are wanted', async () => {
    planRoom.start(candidates('soon', 'a'), 9000, false, 'best');
    workers[0]?.say({
      kind: 'piece',
      piece: { kind: 'best', id: 'a', best: { ...best, quick: true } },
    });
    await settled();
    planRoom.start(candidates('soon', 'a'), 9000);
    const request = workers.at(-1)?.asked;
    expect(request?.kind === 'curves' && request.known).toEqual([]);
  });
  test('what an ended worker still says is not heard', async () => {
    planRoom.start(candidates('four', 'a'), 9000);
    const [old] = workers;
    const heard = old?.onmessage;
    planRoom.start(candidates('five', 'a'), 9000);
    heard?.({ data: { kind: 'piece', piece: { kind: 'best', id: 'a', best } } });
    await settled();
    expect(planRoom.get().best.size).toBe(0);
  });
  test('stopped at once; what was found stays', async () => {
    planRoom.start(candidates('six', 'a', 'b'), 9000);
    workers[0]?.say({ kind: 'piece', piece: { kind: 'best', id: 'a', best } });
    planRoom.stop();
    expect(workers.every((w) => w.ended)).toBe(true);
    await settled();
    expect(planRoom.get()).toMatchObject({ running: false, died: undefined });
    expect(planRoom.get().best.get('a')).toBe(best);
  });
  test('a worker that breaks down is said, with what was found kept', async () => {
    planRoom.start(candidates('seven', 'a'), 9000);
    workers[0]?.say({ kind: 'piece', piece: { kind: 'best', id: 'a', best } });
    workers[0]?.onerror?.({ message: 'out of memory' });
    await settled();
    expect(planRoom.get()).toMatchObject({ running: false, died: 'out of memory' });
    expect(planRoom.get().best.get('a')).toBe(best);
  });
  test.each([
    [undefined, 2],
    [1, 2],
    [3, 2],
    [4, 3],
    [5, 4],
    [16, 4],
  ])('of %s cores %i work, and every candidate is asked of one of them', (cores, most) => {
    vi.stubGlobal('navigator', cores === undefined ? {} : { hardwareConcurrency: cores });
    const ids = ['a', 'b', 'c', 'd', 'e', 'f'];
    planRoom.start(candidates(`cores ${cores ?? 'unsaid'}`, ...ids), 9000);
    expect(workers).toHaveLength(most);
    const asked = workers.flatMap(({ asked: of }) =>
      of?.kind === 'curves' ? of.candidates.map((c) => c.id) : [],
    );
    expect(asked.toSorted()).toEqual(ids);
  });
  test('nobody to plan for: nothing runs', () => {
    planRoom.start(candidates('eight'), 9000);
    expect(workers).toEqual([]);
    expect(planRoom.get().running).toBe(false);
  });
});
