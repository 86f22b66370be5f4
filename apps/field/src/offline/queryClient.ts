import { createAsyncStoragePersister } from '@tanstack/query-async-storage-persister';
import { QueryClient, type DehydratedState } from '@tanstack/react-query';
import type { PersistQueryClientOptions } from '@tanstack/react-query-persist-client';
import { del, get, set } from 'idb-keyval';
import { announcer } from './announcer';
import { UnreachableError } from './api';
import { KEYS } from './keys';
import { whenQuiet } from './quietMoment';

const DAY_MS = 24 * 60 * 60 * 1000;
/** Less than 2³¹ ms: the browser's timers know no longer wait, and would let go of everything at once. */
const KEEP_MS = 21 * DAY_MS;

/** Answers of the server are kept on the device for three weeks, so that calls open without a signal. */
export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      gcTime: KEEP_MS,
      staleTime: 10_000,
      retry: (failures, error) => error instanceof UnreachableError && failures < 3,
    },
  },
});

/** First part of the key of what the engine computed. */
export const ENGINE_KEY = 'engine';

/** Never kept: what is quicker computed again, what is asked for to settle it there and then, and what is kept by its parts. */
const NOT_KEPT: readonly unknown[] = [ENGINE_KEY, KEYS.twoVersions('', 0)[0], KEYS.workingSet('', '')[0], KEYS.search('')[0]];

let beingKept: DehydratedState | undefined;
const kept = announcer<[DehydratedState]>();

/** Tells, each time the answers have been kept, what they are; until the returned function is called. */
export const onKept = kept.listen;

export const persistOptions: Omit<PersistQueryClientOptions, 'queryClient'> = {
  persister: createAsyncStoragePersister({
    key: 'swing.queries',
    throttleTime: 500,
    // Writing down everything that is kept takes long enough to be felt under a thumb, so it waits for a quiet moment.
    serialize: async (client) => {
      await new Promise<void>(whenQuiet);
      beingKept = client.clientState;
      return JSON.stringify(client);
    },
    storage: {
      getItem: async (key) => (await get<string>(key)) ?? null,
      setItem: async (key, value: string) => {
        const state = beingKept;
        await set(key, value);
        if (state !== undefined) kept.tell(state);
      },
      removeItem: (key) => del(key),
    },
  }),
  maxAge: KEEP_MS,
  // Raised when what a call holds changes its form: older answers are fetched again.
  buster: '4',
  dehydrateOptions: {
    // Writes live in the outbox, which is durable at once and not only at the next turn of the persister.
    shouldDehydrateMutation: () => false,
    shouldDehydrateQuery: ({ queryKey, state }) => !NOT_KEPT.includes(queryKey[0]) && state.status === 'success',
  },
};
