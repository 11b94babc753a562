import { ROWS, type Rows } from '../numeric';

/** Something that could be found out: its value in each row of the table of draws. */
export interface Knowable {
  readonly key: string;
  readonly rows: Rows;
}

/** What one may choose: its worth in each row, 0 where it breaks what it has to keep. */
export interface Choosable {
  readonly id: string;
  readonly rows: Rows;
}

/** What knowing one thing is worth before choosing. */
export interface ValueOfKnowing {
  readonly key: string;
  /** How much better the choice is on average, in the unit of the worths. */
  readonly gain: number;
  /** How often it would be another one, 0–1. */
  readonly turns: number;
}

/** Bins of equally many rows that a source is sorted into. */
const BINS = 16;
const PER_BIN = ROWS / BINS;
/** From this ratio of the scatter of the bins to that of chance up a lead is taken to hang on a source: 3 in 100 000 do so by chance (F of 15 and 1008, from memory). */
const MORE_THAN_CHANCE = 3.2;

/** Rows in the order of a source's values. */
const orderOf = ({ rows }: Knowable): Uint16Array =>
  Uint16Array.from({ length: ROWS }, (_, i) => i).sort((a, b) => (rows[a] ?? 0) - (rows[b] ?? 0));

/** Means of a difference in each bin, drawn towards the mean of all by what of their scatter chance explains (James & Stein, from memory). */
function smoothed(lead: Rows, order: Uint16Array, mean: number): readonly number[] {
  const means: number[] = [];
  let within = 0;
  for (let bin = 0; bin < BINS; bin += 1) {
    let [sum, squares] = [0, 0];
    for (let k = bin * PER_BIN; k < (bin + 1) * PER_BIN; k += 1) {
      const value = lead[order[k] ?? 0] ?? 0;
      sum += value;
      squares += value * value;
    }
    means.push(sum / PER_BIN);
    within += squares / PER_BIN - (sum / PER_BIN) ** 2;
  }
  const noise = within / BINS / PER_BIN;
  const between = means.reduce((sum, m) => sum + (m - mean) ** 2, 0) / (BINS - 1);
  const trust = between > MORE_THAN_CHANCE * noise ? 1 - noise / between : 0;
  return means.map((m) => mean + trust * (m - mean));
}

const meanOf = (rows: Rows): number => rows.reduce((sum, x) => sum + x, 0) / ROWS;

/**
 * Expected value of partial perfect information of each thing alone: mean over its values of the best that could then be chosen, less the
 * best that can be chosen now. The table is sorted by the source and the means of neighbouring rows are taken (Strong, Oakley & Brennan
 * 2014, from memory; bins instead of a spline). Of sources that move no choice the gain is 0. The largest gain first.
 */
export function valueOfKnowing(
  knowables: readonly Knowable[],
  choices: readonly Choosable[],
): readonly ValueOfKnowing[] {
  const [best, ...others] = choices.toSorted((a, b) => meanOf(b.rows) - meanOf(a.rows));
  if (!best || others.length === 0) return knowables.map(({ key }) => ({ key, gain: 0, turns: 0 }));
  const leads = others.map(({ rows }) => {
    const lead = rows.map((x, i) => x - (best.rows[i] ?? 0));
    return { lead, mean: meanOf(lead) };
  });
  return knowables
    .map((knowable) => {
      const order = orderOf(knowable);
      const bins = leads.map(({ lead, mean }) => smoothed(lead, order, mean));
      let [gain, turns] = [0, 0];
      for (let bin = 0; bin < BINS; bin += 1) {
        const most = Math.max(0, ...bins.map((means) => means[bin] ?? 0));
        gain += most / BINS;
        if (most > 0) turns += 1 / BINS;
      }
      return { key: knowable.key, gain, turns };
    })
    .sort((a, b) => b.gain - a.gain);
}
