import * as z from 'zod/mini';
import { SHIPPED } from '@/core/catalogue';
import { idSchema as id } from './id';
import type { RecordType } from './record-type';

/** The one record lies under this key. */
export const CATALOGUE_KEY = 'catalogue';

/** That a dossier uses the shipped parts, and which of them it does without. Its own and changed parts are records of their own. */
export interface CatalogueUse {
  readonly id: string;
  /** The version of the shipped catalogue that the rider has last looked at. */
  readonly version: number;
  /** Shipped parts that the rider has taken out. */
  readonly without: readonly string[];
}

export const newCatalogueUse = (): CatalogueUse => ({
  id: CATALOGUE_KEY,
  version: SHIPPED.version,
  without: [],
});

export const catalogueRecord: RecordType<CatalogueUse> = {
  schema: z.strictObject({
    id,
    version: z.number().check(z.int(), z.minimum(0), z.maximum(100000)),
    without: z.array(id).check(z.maxLength(5000)),
  }),
  since: 4,
  most: 1,
  single: { key: CATALOGUE_KEY, fileKey: 'catalogue' },
  name: () => '',
  usual: newCatalogueUse,
  decidesUnstored: true,
  shared: 'always',
  compared: { ownAffair: ['id', 'version'] },
};

/** Whether a shipped part is there for a dossier with these records. */
export const isShippedThere = (
  uses: Readonly<Record<string, unknown>> | undefined,
  partId: string,
): boolean => {
  const use = uses?.[CATALOGUE_KEY] as CatalogueUse | undefined;
  return use !== undefined && Object.hasOwn(SHIPPED.parts, partId) && !use.without.includes(partId);
};
