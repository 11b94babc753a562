import type { CurrencyCode } from '@/core/units';
import type { DossierStore } from '@/store/dossier-store';
import {
  BRIEF_KEY,
  CATALOGUE_KEY,
  newBrief,
  newCatalogueUse,
  RECORDS,
  shipsGood,
  TABLES,
  type Dossier,
} from '@/store/records';

/** The invented examples: another rider each. */
export type ExampleName = 'crossing' | 'forest';

/** Puts an invented example in the place of the present dossier; one step of undo. */
export function putExample(store: DossierStore, example: Dossier): void {
  for (const table of TABLES)
    for (const record of Object.values<object>(example[table])) shipsGood(RECORDS, table, record);
  store.replaceAll(example, { code: 'open-example', facts: {} });
}

/** Fetches an example and puts it in the place of the present dossier. */
export const openExample = async (
  store: DossierStore,
  name: ExampleName = 'crossing',
): Promise<void> => putExample(store, await exampleDossier(name));

/** An example as a dossier; its data is loaded only now. */
export const exampleDossier = async (name: ExampleName = 'crossing'): Promise<Dossier> =>
  name === 'crossing'
    ? (await import('./scenario')).demoDossier()
    : (await import('./forest')).forestDossier();

/** Begins a brief of the rider's own, with the shipped parts to choose from. */
export function startBrief(store: DossierStore, currency: CurrencyCode = 'EUR'): void {
  const { catalogues } = store.getState().dossier;
  store.execute({
    label: { code: 'start-brief', facts: {} },
    changes: [
      { table: 'briefs', key: BRIEF_KEY, path: [], after: newBrief(currency) },
      ...(catalogues[CATALOGUE_KEY]
        ? []
        : [
            {
              table: 'catalogues',
              key: CATALOGUE_KEY,
              path: [],
              after: newCatalogueUse(),
            } as const,
          ]),
    ],
  });
}
