import type { BestBuild, PlannedBuild } from '@/core/build';
import { startPlan, type PlanCandidate } from '@/workers/plan';

/** What the planner has found so far for all candidates. */
export interface CurvesState {
  /** Inputs that the results belong to, compared one by one. */
  readonly inputs: readonly unknown[];
  readonly best: ReadonlyMap<string, BestBuild>;
  readonly corners: ReadonlyMap<string, readonly PlannedBuild[]>;
  /** Candidates whose curve is proven to its end. */
  readonly whole: ReadonlySet<string>;
  readonly running: boolean;
  /** Why the planner broke down, should it have. */
  readonly died: string | undefined;
}

const NOTHING: CurvesState = {
  inputs: [],
  best: new Map(),
  corners: new Map(),
  whole: new Set(),
  running: false,
  died: undefined,
};

/** Workers that share the candidates between them; a core is left for drawing. */
const WORKERS = 2;

let state = NOTHING;
let jobs: readonly { readonly cancel: () => void }[] = [];
const listeners = new Set<() => void>();

/** Pieces come in bursts; screens are told at most this often, so that drawing never piles up. */
const TELL_MS = 600;
let telling: ReturnType<typeof setTimeout> | undefined;

const tell = (): void => {
  clearTimeout(telling);
  telling = undefined;
  listeners.forEach((l) => l());
};
/** `state` itself is what screens read: it changes only when they are told. */
let shown = NOTHING;
const set = (next: Partial<CurvesState>, at: 'once' | 'soon' = 'once'): void => {
  state = { ...state, ...next };
  const show = () => {
    shown = state;
    tell();
  };
  if (at === 'once') show();
  else telling ??= setTimeout(show, TELL_MS);
};

/** The planner's results outlive the screens: they are kept until an input changes. */
export const planRoom = {
  get: (): CurvesState => shown,
  none: (): CurvesState => NOTHING,
  subscribe: (listener: () => void): (() => void) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  },
  stop: (): void => {
    jobs.forEach((j) => j.cancel());
    jobs = [];
    if (state.running) set({ running: false });
  },
  /** Starts over for these inputs; results for the same inputs are kept unless `again`. */
  start: (
    inputs: readonly unknown[],
    candidates: () => readonly PlanCandidate[],
    spend: number,
    again = false,
  ): void => {
    const same =
      inputs.length === state.inputs.length && inputs.every((x, i) => x === state.inputs[i]);
    if (same && !again) return;
    planRoom.stop();
    const list = candidates();
    set({ ...NOTHING, inputs, running: list.length > 0 });
    const shares = Array.from({ length: Math.min(WORKERS, list.length) }, (_, w) =>
      list.filter((_c, i) => i % WORKERS === w),
    );
    let open = shares.length;
    jobs = shares.map((share) => {
      const job = startPlan({ kind: 'curves', candidates: share, spend }, (piece) => {
        if (state.inputs !== inputs) return;
        if (piece.kind === 'best')
          set({ best: new Map(state.best).set(piece.id, piece.best) }, 'soon');
        else if (piece.kind === 'corner')
          set(
            {
              corners: new Map(state.corners).set(piece.id, [
                ...(state.corners.get(piece.id) ?? []),
                piece.corner,
              ]),
            },
            'soon',
          );
        else if (piece.kind === 'whole') set({ whole: new Set(state.whole).add(piece.id) }, 'soon');
      });
      void job.outcome.then((outcome) => {
        if (state.inputs !== inputs || outcome.kind === 'cancelled') return;
        open -= 1;
        if (outcome.kind === 'died') set({ died: outcome.message });
        if (open === 0) set({ running: false });
      });
      return job;
    });
  },
};
