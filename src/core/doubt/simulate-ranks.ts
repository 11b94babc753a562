import { ROWS, seededRandom } from '../numeric';
import type { DoubtModel } from './doubt-model';
import { weightDraw } from './weight-draw';

/** What many draws of weights and readings say. Shares are 0–1. */
export interface RankDoubt {
  readonly samples: number;
  readonly ids: readonly string[];
  /** By alternative, by place from 0: share of draws in which it takes that place. Rows of alternatives that break a limit add to less than 1. */
  readonly acceptability: readonly (readonly number[])[];
  /** By alternative: mean weights of the draws that it wins; `undefined` where it never does. */
  readonly central: readonly (readonly number[] | undefined)[];
  /** By pair: share of draws in which both keep every limit and the first is ahead of the second. */
  readonly wins: readonly (readonly number[])[];
  /** Largest standard error of any first-place share, √(p(1−p)/N). */
  readonly error: number;
  /** The first place and the error are as settled as was asked. */
  readonly settled: boolean;
}

export interface SimulationSetting {
  readonly seed: number;
  readonly most: number;
  /** Draws between two results. */
  readonly every: number;
  /** Stop when the standard error of every first-place share is at most this. */
  readonly error: number;
}

/** Draws before a stop is thought of: a share of 0 or 1 has no error yet. */
const LEAST_SAMPLES = 1000;

/**
 * Stochastic multicriteria acceptability (SMAA-2, Lahdelma & Salminen 2001, from memory): weights uniform on the simplex (gaps of sorted
 * uniforms; normalised uniforms would not be), quantities row by row from the table of draws, so that what two alternatives share
 * cancels out. With fixed weights every row is taken once. Repeatable for a seed.
 *
 * @yields the result so far, every `every` draws and at the end
 */
export function* simulateRanks(
  model: DoubtModel,
  { seed, most, every, error: asked }: SimulationSetting,
): Generator<RankDoubt, void, undefined> {
  const { criteria, alternatives } = model;
  const [n, m] = [alternatives.length, criteria.length];
  const random = seededRandom(seed);
  const places = alternatives.map(() => new Array<number>(n).fill(0));
  const wins = alternatives.map(() => new Array<number>(n).fill(0));
  const sums = alternatives.map(() => new Array<number>(m).fill(0));
  const drawWeights = weightDraw(model.weights, criteria, random);
  const score = new Float64Array(n);
  const broken = new Uint8Array(n);
  const order = alternatives.map((_, i) => i);
  let samples = 0;
  const result = (): RankDoubt => {
    const error = Math.max(
      0,
      ...places.map((row) => {
        const p = (row[0] ?? 0) / samples;
        return Math.sqrt((p * (1 - p)) / samples);
      }),
    );
    return {
      samples,
      ids: alternatives.map((a) => a.id),
      acceptability: places.map((row) => row.map((c) => c / samples)),
      wins: wins.map((row) => row.map((c) => c / samples)),
      error,
      settled: samples >= LEAST_SAMPLES && (model.weights === 'fixed' || error <= asked),
      central: sums.map((row, i) => {
        const firsts = places[i]?.[0] ?? 0;
        return firsts === 0 ? undefined : row.map((s) => s / firsts);
      }),
    };
  };
  const draws = model.weights === 'fixed' ? Math.min(most, ROWS) : most;
  while (samples < draws) {
    const row = samples % ROWS;
    const weights = drawWeights();
    for (let i = 0; i < n; i += 1) {
      const alternative = alternatives[i];
      if (!alternative) continue;
      let sum = 0;
      for (let k = 0; k < m; k += 1) {
        const worth = alternative.worths[k] ?? 0;
        sum += (weights[k] ?? 0) * (typeof worth === 'number' ? worth : (worth[row] ?? 0));
      }
      score[i] = sum;
      const { keeps } = alternative;
      broken[i] = (typeof keeps === 'number' ? keeps : (keeps[row] ?? 0)) === 1 ? 0 : 1;
    }
    order.sort(
      (a, b) => (broken[a] ?? 0) - (broken[b] ?? 0) || (score[b] ?? 0) - (score[a] ?? 0) || a - b,
    );
    samples += 1;
    order.forEach((i, place) => {
      if (broken[i] === 0) (places[i] as number[])[place] = (places[i]?.[place] ?? 0) + 1;
      for (let later = place + 1; later < n; later += 1) {
        const j = order[later] ?? i;
        if (broken[i] === 0 && broken[j] === 0) (wins[i] as number[])[j] = (wins[i]?.[j] ?? 0) + 1;
      }
    });
    const first = order[0];
    if (first !== undefined && broken[first] === 0)
      for (let k = 0; k < m; k += 1)
        (sums[first] as number[])[k] = (sums[first]?.[k] ?? 0) + (weights[k] ?? 0);
    if (samples % every === 0 && samples < draws) {
      const now = result();
      yield now;
      if (now.settled) return;
    }
  }
  if (samples > 0) yield result();
}
