import { describe, expect, test } from 'vitest';
import { startJob } from '@/workers/client';
import type { FromWorker } from '@/workers/protocol';

/** A worker that answers what it is told to, as soon as it is asked. */
class FakeWorker {
  onmessage: ((event: { data: FromWorker<string> }) => void) | null = null;
  onerror: ((event: { message: string }) => void) | null = null;
  ended = false;
  asked: unknown;
  constructor(
    readonly answers: readonly FromWorker<string>[],
    readonly breaks?: string,
  ) {}
  postMessage(request: unknown) {
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
