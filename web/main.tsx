import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router';
import { signedOut } from './api/request.ts';
import { WHO } from './api/who.ts';
import { router } from './router.tsx';
import { noteGoing } from './ui/going.ts';
import './styles.css';

const queries = new QueryClient({
  defaultOptions: {
    // The server is on this machine: ask at once, whatever the browser thinks of the network.
    queries: { networkMode: 'always', retry: 1, staleTime: 5_000 },
    mutations: { networkMode: 'always' },
  },
});

// Who was signed out meanwhile is asked to sign in, at the stove too.
signedOut.add(() => void queries.invalidateQueries({ queryKey: WHO }));

router.subscribe(({ navigation }) => noteGoing(navigation.state !== 'idle'));

const root = document.getElementById('root');
if (root === null) throw new Error('The page has no #root');

createRoot(root).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <RouterProvider router={router} />
    </QueryClientProvider>
  </StrictMode>,
);
