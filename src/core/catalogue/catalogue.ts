import type { Part } from '../part';
import { SHIPPED_PARTS } from './shipped-parts';

/** A shipped part as it was before a correction, and what the correction was. */
export interface Correction {
  /** The version of the catalogue that brought it. */
  readonly version: number;
  readonly id: string;
  /** What is different now, in a rider's words. */
  readonly what: string;
  /** The part as it was until then; absent: it was not there. */
  readonly was?: Part | undefined;
}

/** The parts that come with the app. Dossiers name them by id, so a correction reaches every dossier. */
export interface Catalogue {
  readonly version: number;
  readonly parts: Readonly<Record<string, Part>>;
  /** Oldest first; append-only. */
  readonly corrections: readonly Correction[];
}

export const SHIPPED: Catalogue = {
  version: 1,
  parts: Object.fromEntries(SHIPPED_PARTS.map((p) => [p.id, p])),
  corrections: [],
};

/** Corrections that came after a version. */
export const correctionsSince = (
  { corrections }: Catalogue,
  version: number,
): readonly Correction[] => corrections.filter((c) => c.version > version);

/** Every form in which a part has been shipped, the present one first. */
export const formsOf = ({ parts, corrections }: Catalogue, id: string): readonly Part[] => [
  ...(Object.hasOwn(parts, id) ? [parts[id] as Part] : []),
  ...corrections.flatMap((c) => (c.id === id && c.was ? [c.was] : [])),
];
