import { ORIGINS, type Origin } from '../readings';
import { parseTyre } from '../tyre';
import { factDefinition, type FactKey } from './fact-definitions';

/** One thing said about a fact, and by whom. */
export interface FactReading {
  readonly id: string;
  /** An option of the fact, or a tyre's designation as quoted. */
  readonly value: string;
  readonly origin: Origin;
  readonly note: string;
}

/** All that has been said about one fact of a donor. */
export interface Fact {
  readonly readings: readonly FactReading[];
  readonly pinned?: string | undefined;
}

export type DonorFacts = { readonly [K in FactKey]?: Fact | undefined };

/** Whether a value may stand for this fact. */
export function isFactValue(key: FactKey, value: string): boolean {
  const definition = factDefinition(key);
  return definition.kind === 'tyre'
    ? parseTyre(value) !== undefined
    : definition.options.includes(value);
}

/** The reading that counts: the pinned one, else the firmest origin, else the later entry. */
export function factInUse(fact: Fact | undefined): FactReading | undefined {
  if (!fact) return undefined;
  const pinned = fact.readings.find((r) => r.id === fact.pinned);
  return (
    pinned ??
    fact.readings.reduce<FactReading | undefined>(
      (best, r) => (best && ORIGINS.indexOf(r.origin) > ORIGINS.indexOf(best.origin) ? best : r),
      undefined,
    )
  );
}

/** Readings that say something else than the one in use. */
export function rivalFacts(fact: Fact | undefined): readonly FactReading[] {
  const inUse = factInUse(fact);
  return fact?.readings.filter((r) => inUse && r.value !== inUse.value) ?? [];
}
