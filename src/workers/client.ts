import type { FromWorker } from './protocol';

export interface Job<R> {
  /** The outcome; `cancelled` when stopped before, `died` when the worker broke down. */
  readonly outcome: Promise<
    | { readonly kind: 'outcome'; readonly result: R }
    | { readonly kind: 'cancelled' }
    | { readonly kind: 'died'; readonly message: string }
  >;
  /** Ends the worker at once. */
  readonly cancel: () => void;
}

export interface JobListener<P> {
  readonly onProgress?: (done: number, of: number) => void;
  readonly onPiece?: (piece: P) => void;
}

/** A worker that has not said that it is there after so long never will, ms. */
export const SILENCE_MS = 60_000;

/** A browser may refuse a worker outright. */
function begin(make: () => Worker): { readonly worker: Worker } | { readonly fault: string } {
  try {
    return { worker: make() };
  } catch (error) {
    return { fault: error instanceof Error ? error.message : 'the worker could not be started' };
  }
}

/** Runs one request in a worker of its own, which is ended with the job. */
export function startJob<Q, R, P = never>(
  make: () => Worker,
  request: Q,
  { onProgress, onPiece }: JobListener<P>,
): Job<R> {
  const begun = begin(make);
  if ('fault' in begun)
    return {
      outcome: Promise.resolve({ kind: 'died', message: begun.fault }),
      cancel: () => undefined,
    };
  const { worker } = begun;
  const silence = setTimeout(
    () => settle({ kind: 'died', message: 'the worker does not answer' }),
    SILENCE_MS,
  );
  let settle: (value: Awaited<Job<R>['outcome']>) => void = () => undefined;
  const outcome = new Promise<Awaited<Job<R>['outcome']>>((resolve) => {
    settle = (value) => {
      clearTimeout(silence);
      worker.terminate();
      resolve(value);
    };
  });
  worker.onmessage = ({ data }: MessageEvent<FromWorker<R, P>>) => {
    clearTimeout(silence);
    if (data.kind === 'there') return;
    if (data.kind === 'progress') onProgress?.(data.done, data.of);
    else if (data.kind === 'piece') onPiece?.(data.piece);
    else settle(data);
  };
  worker.onerror = (event) =>
    settle({ kind: 'died', message: event.message || 'the worker could not be started' });
  worker.onmessageerror = () =>
    settle({ kind: 'died', message: 'the worker’s answer cannot be read' });
  try {
    worker.postMessage(request);
  } catch (error) {
    settle({ kind: 'died', message: error instanceof Error ? error.message : 'not to be sent' });
  }
  return { outcome, cancel: () => settle({ kind: 'cancelled' }) };
}
