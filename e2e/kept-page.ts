import type { BrowserContextOptions, Page, ViewportSize } from '@playwright/test';

export type State = BrowserContextOptions['storageState'];

/** An answer of the app's server without any script: the same origin, and nothing that writes. */
const STILL = '/api/start';
const NOTHING_STORED = { cookies: [], origins: [] };

/**
 * What is stored in the browser but the cookies, which the app has none of, is copied under a name (`keep`), or what is
 * there is taken away and the copy put in its place (`put`); false where there is no copy. Runs in the page.
 */
async function storedAs({ name, act }: { name: string; act: 'keep' | 'put' }): Promise<boolean> {
  type Store = Pick<IDBObjectStore, 'name' | 'keyPath' | 'autoIncrement'> & {
    indexes: Pick<IDBIndex, 'name' | 'keyPath' | 'unique' | 'multiEntry'>[];
    keys: IDBValidKey[];
    values: unknown[];
  };
  interface Database {
    name: string;
    version: number;
    stores: Store[];
  }
  const COPIES = 'copies';
  const done = <T>(request: IDBRequest<T>): Promise<T> =>
    new Promise((resolve, reject) => {
      request.addEventListener('success', () => resolve(request.result));
      request.addEventListener('error', () => reject(request.error ?? new Error('refused')));
    });
  const ended = (work: IDBTransaction): Promise<void> =>
    new Promise((resolve, reject) => {
      work.addEventListener('complete', () => resolve());
      work.addEventListener('abort', () => reject(work.error ?? new Error('aborted')));
    });
  const opened = (of: string, version?: number, made?: (db: IDBDatabase) => void) => {
    const request = indexedDB.open(of, version);
    request.addEventListener('upgradeneeded', () => made?.(request.result));
    return done(request);
  };
  const others = async () =>
    (await indexedDB.databases()).flatMap((d) => (d.name && d.name !== COPIES ? [d.name] : []));

  const read = async (of: string): Promise<Database> => {
    const db = await opened(of);
    const tables = [...db.objectStoreNames];
    const work = tables.length > 0 ? db.transaction(tables) : undefined;
    const stores = await Promise.all(
      tables.map(async (table): Promise<Store> => {
        const store = (work as IDBTransaction).objectStore(table);
        const indexes = [...store.indexNames].map((i) => {
          const { name, keyPath, unique, multiEntry } = store.index(i);
          return { name, keyPath, unique, multiEntry };
        });
        const { keyPath, autoIncrement } = store;
        const [keys, values] = await Promise.all([done(store.getAllKeys()), done(store.getAll())]);
        return { name: table, keyPath, autoIncrement, indexes, keys, values };
      }),
    );
    db.close();
    return { name: of, version: db.version, stores };
  };
  const write = async ({ name: of, version, stores }: Database): Promise<void> => {
    const db = await opened(of, version, (made) => {
      for (const { name: table, keyPath, autoIncrement, indexes } of stores) {
        const store = made.createObjectStore(table, { keyPath, autoIncrement });
        for (const { name: i, keyPath: path, ...how } of indexes) store.createIndex(i, path, how);
      }
    });
    const work = db.transaction(db.objectStoreNames, 'readwrite');
    for (const { name: table, keyPath, keys, values } of stores)
      for (const [at, value] of values.entries())
        work.objectStore(table).put(value, keyPath === null ? keys[at] : undefined);
    await ended(work);
    db.close();
  };

  const copies = await opened(COPIES, 1, (made) => made.createObjectStore('states'));
  try {
    if (act === 'keep') {
      const found = await Promise.all((await others()).map(read));
      // One without a table was only being taken away.
      const databases = found.filter((d) => d.stores.length > 0);
      const local = Object.entries(localStorage);
      const work = copies.transaction('states', 'readwrite');
      work.objectStore('states').put({ databases, local }, name);
      await ended(work);
      return true;
    }
    const copy = (await done(copies.transaction('states').objectStore('states').get(name))) as
      | { databases: Database[]; local: [string, string][] }
      | undefined;
    sessionStorage.clear();
    localStorage.clear();
    if (!copy) return false;
    for (const of of await others()) await done(indexedDB.deleteDatabase(of));
    for (const [key, value] of copy.local) localStorage.setItem(key, value);
    for (const database of copy.databases) await write(database);
    return true;
  } finally {
    copies.close();
  }
}

/** One page, left open from test to test: its scripts are compiled once, and each test begins with what is stored alone. */
export class KeptPage {
  constructor(private readonly page: Page) {}

  /** Leaves the app, closes what else was opened, and puts this state where the last test's was. */
  async begin(state: State, size: ViewportSize): Promise<Page> {
    const { page } = this;
    const context = page.context();
    for (const other of context.pages()) if (other !== page) await other.close();
    await context.setOffline(false);
    await page.unrouteAll();
    await page.emulateMedia({ media: null, colorScheme: null });
    await page.setViewportSize(size);
    await page.goto(STILL);
    const name = typeof state === 'string' ? state : 'nothing';
    if (await page.evaluate(storedAs, { name, act: 'put' as const })) return page;
    await context.setStorageState(state ?? NOTHING_STORED);
    await page.evaluate(storedAs, { name, act: 'keep' as const });
    return page;
  }
}
