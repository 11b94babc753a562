import { describe, expect, test, vi } from 'vitest';
import { SILENCE_MS, startJob } from '@/workers/client';
import type { FromWorker } from '@/workers/protocol';

/** A worker that answers what it is told to, as soon as it is asked. */
class FakeWorker {
  onmessage: ((event: { data: FromWorker<string> }) => void) | null = null;
  onerror: ((event: { message: string }) => void) | null = null;
  onmessageerror: (() => void) | null = null;
  ended = false;
  asked: unknown;
  constructor(
    readonly answers: readonly FromWorker<string>[],
    readonly breaks?: string,
  ) {}
  postMessage(request: unknown) {
    if (request instanceof Error) throw request;
    this.asked = request;
    queueMicrotask(() => {
      for (const data of this.answers) if (!this.ended) this.onmessage?.({ data });
      if (this.breaks !== undefined && !this.ended) this.onerror?.({ message: this.breaks });
    });
  }
  terminate() {
    this.ended = true;
  }
}
const run = (
  worker: FakeWorker,
  onProgress: (done: number, of: number) => void = () => undefined,
) => startJob<string, string>(() => worker as unknown as Worker, 'please', { onProgress });

describe('a job in a worker', () => {
  test('a browser that refuses the worker: it died, with the reason', async () => {
    const refuse = (): Worker => {
      throw new Error('no workers here');
    };
    const job = startJob<string, string>(refuse, 'please', {});
    expect(await job.outcome).toEqual({ kind: 'died', message: 'no workers here' });
    expect(job.cancel()).toBeUndefined();
  });
  test('progress, then the outcome; the worker is ended', async () => {
    const worker = new FakeWorker([
      { kind: 'progress', done: 1, of: 2 },
      { kind: 'progress', done: 2, of: 2 },
      { kind: 'outcome', result: 'done' },
    ]);
    const seen: number[] = [];
    expect(await run(worker, (done) => seen.push(done)).outcome).toEqual({
      kind: 'outcome',
      result: 'done',
    });
    expect(seen).toEqual([1, 2]);
    expect(worker.asked).toBe('please');
    expect(worker.ended).toBe(true);
  });
  test('one that says nothing for a minute does not answer; one that is there may take its time', async () => {
    vi.useFakeTimers();
    try {
      const silent = new FakeWorker([]);
      const gone = run(silent);
      await vi.advanceTimersByTimeAsync(SILENCE_MS - 1);
      expect(silent.ended).toBe(false);
      await vi.advanceTimersByTimeAsync(1);
      expect(await gone.outcome).toEqual({ kind: 'died', message: 'the worker does not answer' });
      const slow = new FakeWorker([{ kind: 'there' }]);
      const job = run(slow);
      await vi.advanceTimersByTimeAsync(10 * SILENCE_MS);
      expect(slow.ended).toBe(false);
      job.cancel();
      expect(await job.outcome).toEqual({ kind: 'cancelled' });
    } finally {
      vi.useRealTimers();
    }
  });
  test('a request that cannot be sent, and an answer that cannot be read', async () => {
    const unsent = new FakeWorker([]);
    const job = startJob<Error, string>(
      () => unsent as unknown as Worker,
      new Error('not to be cloned'),
      {},
    );
    expect(await job.outcome).toEqual({ kind: 'died', message: 'not to be cloned' });
    const garbled = new FakeWorker([]);
    const other = run(garbled);
    garbled.onmessageerror?.();
    expect(await other.outcome).toMatchObject({ kind: 'died' });
    expect(garbled.ended).toBe(true);
  });
  test('stopped before: cancelled at once, and nothing comes after', async () => {
    const worker = new FakeWorker([{ kind: 'outcome', result: 'late' }]);
    const job = run(worker);
    job.cancel();
    expect(await job.outcome).toEqual({ kind: 'cancelled' });
    expect(worker.ended).toBe(true);
  });
  test('stopping after the end changes nothing', async () => {
    const job = run(new FakeWorker([{ kind: 'outcome', result: 'done' }]));
    expect(await job.outcome).toEqual({ kind: 'outcome', result: 'done' });
    job.cancel();
    expect(await job.outcome).toEqual({ kind: 'outcome', result: 'done' });
  });
  test('a fault said, and a worker that breaks', async () => {
    expect(await run(new FakeWorker([{ kind: 'died', message: 'out of paper' }])).outcome).toEqual({
      kind: 'died',
      message: 'out of paper',
    });
    expect(await run(new FakeWorker([], 'no such script')).outcome).toEqual({
      kind: 'died',
      message: 'no such script',
    });
    expect(await run(new FakeWorker([], '')).outcome).toMatchObject({
      kind: 'died',
      message: expect.stringMatching(/could not be started/) as string,
    });
  });
});
