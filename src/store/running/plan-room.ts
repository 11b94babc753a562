import equal from 'fast-deep-equal';
import { isFinal, planSubject, type BestBuild, type PlannedBuild } from '@/core/build';
import { startPlan, type PlanCandidate, type PlanDepth, type PlanPiece } from '@/workers/plan';

/** What the planner has found so far for all candidates. */
export interface CurvesState {
  /** What each candidate's results belong to (see `planSubject`), by id. */
  readonly subjects: ReadonlyMap<string, unknown>;
  readonly best: ReadonlyMap<string, BestBuild>;
  readonly corners: ReadonlyMap<string, readonly PlannedBuild[]>;
  /** Candidates whose curve is proven to its end. */
  readonly whole: ReadonlySet<string>;
  readonly running: boolean;
  /** Why the planner broke down, should it have. */
  readonly died: string | undefined;
}

const NOTHING: CurvesState = {
  subjects: new Map(),
  best: new Map(),
  corners: new Map(),
  whole: new Set(),
  running: false,
  died: undefined,
};

/** Workers that share the candidates between them: two, and of many cores all but one for drawing; each has a solver of its own in memory. */
const workersFor = (cores: number): number => Math.min(4, Math.max(2, cores - 1));

/** What the browser says of its machine; old ones say nothing. */
const coresOf = ({
  navigator,
}: {
  readonly navigator?: { readonly hardwareConcurrency?: number };
}): number => navigator?.hardwareConcurrency ?? 2;

let state = NOTHING;
let jobs: readonly { readonly cancel: () => void }[] = [];
const listeners = new Set<() => void>();

/** Pieces come in bursts; screens are told of a best build this soon, of corners at most so often: each telling redraws the picture. */
const SOON_MS = 600;
const LATER_MS = 2000;
let telling: ReturnType<typeof setTimeout> | undefined;

const tell = (): void => {
  clearTimeout(telling);
  telling = undefined;
  listeners.forEach((l) => l());
};
/** `state` itself is what screens read: it changes only when they are told. */
let shown = NOTHING;
let due = Number.POSITIVE_INFINITY;
const set = (next: Partial<CurvesState>, at: 'once' | 'soon' | 'later' = 'once'): void => {
  state = { ...state, ...next };
  const show = () => {
    shown = state;
    tell();
  };
  if (at === 'once') show();
  else {
    const by = performance.now() + (at === 'soon' ? SOON_MS : LATER_MS);
    if (telling !== undefined && due <= by) return;
    clearTimeout(telling);
    due = by;
    telling = setTimeout(show, by - performance.now());
  }
};

/** Which start the pieces of a worker belong to. */
let round = 0;

/** How deep the present subjects were asked to be planned. */
let asked: PlanDepth = 'best';

/**
 * What stands after some candidates begin anew: the others' results are kept, those of candidates that are gone are not. Of the `known`
 * the best build is kept, too.
 */
function keeping(
  subjects: ReadonlyMap<string, unknown>,
  anew: ReadonlySet<string>,
  known: ReadonlySet<string>,
): Omit<CurvesState, 'running' | 'died'> {
  const stays = (id: string) => subjects.has(id) && !anew.has(id);
  const kept = <V>(of: ReadonlyMap<string, V>) => new Map([...of].filter(([id]) => stays(id)));
  return {
    subjects,
    best: new Map([...state.best].filter(([id]) => stays(id) || known.has(id))),
    corners: kept(state.corners),
    whole: new Set([...state.whole].filter(stays)),
  };
}

function take(piece: PlanPiece): void {
  if (piece.kind === 'best') set({ best: new Map(state.best).set(piece.id, piece.best) }, 'soon');
  else if (piece.kind === 'corner') {
    const before = state.corners.get(piece.id) ?? [];
    set({ corners: new Map(state.corners).set(piece.id, [...before, piece.corner]) }, 'later');
  } else if (piece.kind === 'whole') set({ whole: new Set(state.whole).add(piece.id) }, 'later');
}

/** The planner's results outlive the screens: each candidate's are kept until what they depend on changes. */
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
  /** Plans for these candidates; those that are planned already as deep as is asked, or being planned so, go on as they are unless `again`. */
  start: (
    candidates: readonly PlanCandidate[],
    spend: number,
    again = false,
    depth: PlanDepth = 'whole',
  ): void => {
    const subjects = new Map(candidates.map((c) => [c.id, planSubject(c.setting)]));
    const isSame = (id: string) =>
      state.subjects.has(id) && equal(state.subjects.get(id), subjects.get(id));
    const changed = candidates.filter((c) => again || !isSame(c.id));
    const deeper = depth === 'whole' && asked === 'best';
    if (changed.length === 0 && subjects.size === state.subjects.size && !deeper) return;
    planRoom.stop();
    asked = depth;
    const hasBest = ({ id }: PlanCandidate): boolean => {
      const best = state.best.get(id);
      return best !== undefined && isFinal(best);
    };
    const isDone = (c: PlanCandidate): boolean =>
      state.whole.has(c.id) || (depth === 'best' && hasBest(c));
    // One that was still being planned begins anew as well, but for its best build.
    const anew = candidates.filter((c) => changed.includes(c) || !isDone(c));
    const ids = new Set(anew.map((c) => c.id));
    const known = new Set(anew.filter((c) => !changed.includes(c) && hasBest(c)).map((c) => c.id));
    round += 1;
    const mine = round;
    set({ ...keeping(subjects, ids, known), died: undefined, running: anew.length > 0 });
    const workers = Math.min(workersFor(coresOf(globalThis)), anew.length);
    const shares = Array.from({ length: workers }, (_, w) =>
      anew.filter((_c, i) => i % workers === w),
    );
    let open = shares.length;
    jobs = shares.map((share) => {
      const job = startPlan(
        { kind: 'curves', candidates: share, spend, depth, known: [...known] },
        (piece) => {
          if (round === mine) take(piece);
        },
      );
      void job.outcome.then((outcome) => {
        if (round !== mine || outcome.kind === 'cancelled') return;
        open -= 1;
        if (outcome.kind === 'died') set({ died: outcome.message });
        if (open === 0) set({ running: false });
      });
      return job;
    });
  },
};
