import { MutationCache, QueryCache, QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router';
import { isSignedOut } from './api/request.ts';
import { WHO } from './api/who.ts';
import { router } from './router.tsx';
import './styles.css';

/** Who was signed out meanwhile is asked to sign in. */
function onError(error: Error): void {
  if (isSignedOut(error)) void queries.invalidateQueries({ queryKey: WHO });
}

const queries = new QueryClient({
  queryCache: new QueryCache({ onError }),
  mutationCache: new MutationCache({ onError }),
  defaultOptions: {
    // The server is on this machine: ask at once, whatever the browser thinks of the network.
    queries: { networkMode: 'always', retry: 1, staleTime: 5_000 },
    mutations: { networkMode: 'always' },
  },
});

const root = document.getElementById('root');
if (root === null) throw new Error('The page has no #root');

createRoot(root).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <RouterProvider router={router} />
    </QueryClientProvider>
  </StrictMode>,
);
