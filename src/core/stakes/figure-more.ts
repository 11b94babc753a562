import type { Metric, MetricKey } from '../assessment';

/** What one figure or fact more would bring to a machine's metrics. */
export interface FigureMore {
  /** Name of the figure or fact. */
  readonly name: string;
  /** Metrics that are not known for want of it alone. */
  readonly opens: readonly MetricKey[];
  /** Metrics that want it and something else besides. */
  readonly helps: readonly MetricKey[];
  /** Metrics in which what is typical of the class stands in for it. */
  readonly firms: readonly MetricKey[];
}

/**
 * What nobody has given of a machine, by what one reading of it would bring to these metrics: first what would be known at all, then what
 * would no longer rest on its class. Names that bring nothing are left out.
 */
export function figureMore(metrics: readonly Metric[]): readonly FigureMore[] {
  const found = new Map<string, Record<'opens' | 'helps' | 'firms', MetricKey[]>>();
  const add = (name: string, kind: 'opens' | 'helps' | 'firms', key: MetricKey): void => {
    const entry = found.get(name) ?? { opens: [], helps: [], firms: [] };
    entry[kind].push(key);
    found.set(name, entry);
  };
  for (const { key, estimate, typical = [] } of metrics) {
    if (estimate.kind === 'known') for (const name of typical) add(name, 'firms', key);
    else {
      const missing = new Set<string>(estimate.missing);
      for (const name of missing) add(name, missing.size === 1 ? 'opens' : 'helps', key);
    }
  }
  return [...found]
    .map(([name, brings]): FigureMore => ({ name, ...brings }))
    .toSorted(
      (a, b) =>
        b.opens.length - a.opens.length ||
        b.helps.length - a.helps.length ||
        b.firms.length - a.firms.length,
    );
}
