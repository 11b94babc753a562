import type { FigureKey } from '../../readings';

/** What a number may be: one of the figures, or none of ours. */
export type Kind = FigureKey | 'none';

/**
 * Weights of a multinomial logistic regression. `rows`: one feature a line, its name, a tab, then for each kind with a weight the
 * place of the kind and the weight in tenths, all parted by blanks.
 */
export interface WrittenModel {
  readonly kinds: readonly string[];
  readonly rows: string;
}

export interface Model {
  readonly kinds: readonly Kind[];
  /** Place of a kind and its weight, in turn; nothing for a feature that was not learnt. */
  readonly weightsOf: (feature: string) => readonly number[] | undefined;
}

/** The model as written. A feature's weights are read when they are first asked for: a text has few of them. */
export function modelFrom({ kinds, rows }: WrittenModel): Model {
  const written = new Map<string, string>();
  for (const row of rows.split('\n')) {
    const cut = row.indexOf('\t');
    if (cut >= 0) written.set(row.slice(0, cut), row.slice(cut + 1));
  }
  const known = new Map<string, readonly number[]>();
  const weightsOf = (feature: string): readonly number[] | undefined => {
    const read = known.get(feature);
    const row = read ? undefined : written.get(feature);
    if (row === undefined) return read;
    const pairs = row.split(' ').map((n, i) => (i % 2 === 0 ? Number(n) : Number(n) / 10));
    known.set(feature, pairs);
    return pairs;
  };
  return { kinds: kinds as readonly Kind[], weightsOf };
}

/** The chance of each kind, in the order of the model's: the softmax of the sums of weights. */
export function chancesOf(model: Model, features: Iterable<string>): readonly number[] {
  const sums = model.kinds.map(() => 0);
  for (const feature of features) {
    const row = model.weightsOf(feature);
    if (!row) continue;
    for (let i = 0; i + 1 < row.length; i += 2) {
      const kind = row[i] ?? 0;
      sums[kind] = (sums[kind] ?? 0) + (row[i + 1] ?? 0);
    }
  }
  const top = Math.max(...sums);
  const shares = sums.map((z) => Math.exp(z - top));
  const all = shares.reduce((a, b) => a + b, 0);
  return shares.map((x) => x / all);
}
