import type { DonorFacts, Fact, FactKey } from '../facts';
import type { Part } from './part';

/** The facts of a machine with parts fitted; the later part has the last word. The same object where no part sets any. */
export function applySets(
  facts: DonorFacts | undefined,
  parts: readonly Part[],
): DonorFacts | undefined {
  const set = parts.flatMap((part) =>
    Object.entries(part.sets ?? {}).flatMap(([key, value]): [FactKey, Fact][] =>
      value === undefined
        ? []
        : [
            [
              key as FactKey,
              { readings: [{ id: `part:${part.id}`, value, origin: 'claimed', note: part.name }] },
            ],
          ],
    ),
  );
  return set.length === 0 ? facts : { ...facts, ...Object.fromEntries(set) };
}
