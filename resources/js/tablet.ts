import { createAsyncStoragePersister } from '@tanstack/query-async-storage-persister';
import type { PersistQueryClientOptions } from '@tanstack/react-query-persist-client';
import Dexie, { type EntityTable } from 'dexie';

/** Of the documents' shapes, written in by the build. */
declare const __CONTRACTS__: string;

/** What was last heard of the kitchen, kept on the tablet: with it a reload without network goes on where it was. */

interface Kept {
  key: string;
  value: string;
}

const memory = new Dexie('velko-memory') as Dexie & { kept: EntityTable<Kept, 'key'> };
memory.version(1).stores({ kept: 'key' });

/** Of these questions; anything else is asked anew. */
const REMEMBERED = ['session', 'kitchen', 'cook', 'log'];

const A_DAY_MS = 24 * 3600_000;

export const remembering: Omit<PersistQueryClientOptions, 'queryClient'> = {
  persister: createAsyncStoragePersister({
    key: 'velko',
    storage: {
      getItem: async (key) => (await memory.kept.get(key))?.value ?? null,
      setItem: (key, value) => memory.kept.put({ key, value }),
      removeItem: (key) => memory.kept.delete(key),
    },
  }),
  maxAge: A_DAY_MS,
  // Of another shape after an update: asked anew.
  buster: __CONTRACTS__,
  dehydrateOptions: {
    shouldDehydrateQuery: (query) =>
      // What was heard stays known, also while it cannot be asked again.
      query.state.data !== undefined && REMEMBERED.includes(String(query.queryKey[0])),
  },
};

/** Everything the last cook saw is forgotten. */
export const forgetAll = (): Promise<void> => memory.kept.clear();
