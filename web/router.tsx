import { say } from '@idle-kettle/words';
import { createBrowserRouter, redirect } from 'react-router';
import { BatchesScreen } from './batches/BatchesScreen.tsx';
import { Broken, NoSuchPage } from './ui/Broken.tsx';
import { Shell } from './ui/Shell.tsx';
import { Loading } from './ui/Loading.tsx';

export const router = createBrowserRouter([
  {
    element: <Shell />,
    errorElement: <Broken />,
    hydrateFallbackElement: <Loading what={say('ui.theKitchen')} />,
    children: [
      { index: true, element: <BatchesScreen /> },
      // Where somebody looks who cuts an address short.
      { path: 'batches', loader: () => redirect('/') },
      { path: 'cook-sessions', loader: () => redirect('/stove') },
      // Addresses that were kept or printed before.
      { path: 'cards', loader: () => redirect('/recipes') },
      { path: 'cooks', loader: () => redirect('/stove') },
      { path: 'cooks/:id', loader: ({ params }) => redirect(`/cook-sessions/${params['id']}`) },
      {
        path: 'cooks/:id/jars',
        loader: ({ params }) => redirect(`/cook-sessions/${params['id']}/jars`),
      },
      {
        path: 'batches/:id',
        lazy: async () => ({
          Component: (await import('./balance/BalanceScreen.tsx')).BalanceScreen,
        }),
      },
      {
        path: 'batches/:id/prepare',
        lazy: async () => ({
          Component: (await import('./prepare/PrepareScreen.tsx')).PrepareScreen,
        }),
      },
      {
        path: 'batches/:id/stove',
        lazy: async () => ({ Component: (await import('./stove/BeginScreen.tsx')).BeginScreen }),
      },
      {
        path: 'cook-sessions/:id',
        lazy: async () => ({ Component: (await import('./stove/StoveScreen.tsx')).StoveScreen }),
      },
      {
        path: 'cook-sessions/:id/jars',
        lazy: async () => ({ Component: (await import('./jars/JarsScreen.tsx')).JarsScreen }),
      },
      {
        path: 'batches/:id/jars',
        lazy: async () => ({ Component: (await import('./jars/BeginJars.tsx')).BeginJars }),
      },
      {
        path: 'stove',
        lazy: async () => ({ Component: (await import('./practice/StoveHome.tsx')).StoveHome }),
      },
      {
        path: 'recipes',
        lazy: async () => ({
          Component: (await import('./recipes/RecipesScreen.tsx')).RecipesScreen,
        }),
      },
      {
        path: 'kitchen',
        lazy: async () => ({
          Component: (await import('./kitchen/KitchenScreen.tsx')).KitchenScreen,
        }),
      },
      { path: '*', element: <NoSuchPage /> },
    ],
  },
]);
