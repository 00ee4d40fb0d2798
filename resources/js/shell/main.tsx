import { MutationCache, QueryCache, QueryClient } from '@tanstack/react-query';
import { PersistQueryClientProvider } from '@tanstack/react-query-persist-client';
import { setNonce } from 'get-nonce';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, RouterProvider } from 'react-router';
import { Refusal } from '../api';
import { NONCE } from '../nonce';
import { remembering } from '../tablet';
import { queries } from '../queries';
import { speak } from '../words/language';

// Styles that libraries add while it runs are ours only with the page's number.
setNonce(NONCE);

const A_DAY_MS = 24 * 3600_000;

/** Whoever is not signed in any more is told so. */
const isSignedOut = (fault: unknown) => {
  if (fault instanceof Refusal && fault.signedOut) {
    void client.invalidateQueries(queries.session);
  }
};

const client: QueryClient = new QueryClient({
  queryCache: new QueryCache({
    onError: (fault, query) => {
      if (query.queryKey[0] !== queries.session.queryKey[0]) {
        isSignedOut(fault);
      }
    },
  }),
  mutationCache: new MutationCache({ onError: isSignedOut }),
  defaultOptions: {
    queries: {
      refetchOnWindowFocus: false,
      // Asked whatever the browser thinks of the network: it does not know the kitchen's.
      networkMode: 'always',
      gcTime: A_DAY_MS,
      // A refusal stays one; a lost connection is worth another try, and what asked too much may ask again in its time.
      retry: (count, fault) => count < 3 && (!(fault instanceof Refusal) || fault.waitS !== null),
      retryDelay: (count, fault) =>
        1000 * (fault instanceof Refusal && fault.waitS !== null ? fault.waitS : 2 ** count),
    },
    mutations: { networkMode: 'always' },
  },
});

const root = document.getElementById('app');
if (root) {
  // The words come before anything that says them.
  await speak(document.documentElement.lang);
  const { App } = await import('./App');
  const router = createBrowserRouter([{ path: '*', element: <App /> }]);
  createRoot(root).render(
    <StrictMode>
      <PersistQueryClientProvider client={client} persistOptions={remembering}>
        <RouterProvider router={router} />
      </PersistQueryClientProvider>
    </StrictMode>,
  );
}

if ('serviceWorker' in navigator && import.meta.env.PROD) {
  void navigator.serviceWorker.register('/sw.js');
}
