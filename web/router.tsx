import { say } from '@idle-kettle/words';
import { createBrowserRouter, redirect } from 'react-router';
import { KnownOnly } from './household/KnownOnly.tsx';
import { SCREENS } from './screens.ts';
import { Broken, NoSuchPage } from './ui/Broken.tsx';
import { Loading } from './ui/Loading.tsx';
import { Outside } from './ui/Outside.tsx';
import { TodayScreen } from './today/TodayScreen.tsx';
import { Shell } from './ui/Shell.tsx';

export const router = createBrowserRouter([
  {
    // Who is invited is not signed in yet.
    element: <Outside />,
    hydrateFallbackElement: <Loading what={say('ui.theKitchen')} />,
    errorElement: <Broken />,
    children: [{ path: 'join/:code', lazy: SCREENS.join }],
  },
  {
    element: (
      <KnownOnly>
        <Shell />
      </KnownOnly>
    ),
    hydrateFallbackElement: <Loading what={say('ui.theKitchen')} />,
    children: [
      {
        // Within the shell: a screen that fails leaves the way to the others.
        errorElement: <Broken />,
        children: [
          { index: true, element: <TodayScreen /> },
          { path: 'batches', lazy: SCREENS.batches },
          { path: 'shelf', lazy: SCREENS.shelf },
          { path: 'shelf/stock-take', lazy: SCREENS.stockTake },
          { path: 'shelf/batch/:id', lazy: SCREENS.batchJars },
          // Where the code on a label leads.
          { path: 'j/:code', lazy: SCREENS.jar },
          // Where somebody looks who cuts an address short.
          { path: 'cook-sessions', loader: () => redirect('/stove') },
          // Addresses that were kept or printed before.
          { path: 'cards', loader: () => redirect('/recipes') },
          { path: 'cooks', loader: () => redirect('/stove') },
          { path: 'cooks/:id', loader: ({ params }) => redirect(`/cook-sessions/${params['id']}`) },
          {
            path: 'cooks/:id/jars',
            loader: ({ params }) => redirect(`/cook-sessions/${params['id']}/jars`),
          },
          { path: 'batches/:id', lazy: SCREENS.balance },
          { path: 'batches/:id/prepare', lazy: SCREENS.prepare },
          { path: 'batches/:id/stove', lazy: SCREENS.begin },
          { path: 'cook-sessions/:id', lazy: SCREENS.stove },
          { path: 'cook-sessions/:id/jars', lazy: SCREENS.jars },
          { path: 'batches/:id/jars', lazy: SCREENS.beginJars },
          { path: 'stove', lazy: SCREENS.stoveHome },
          { path: 'recipes', lazy: SCREENS.recipes },
          { path: 'book', lazy: SCREENS.book },
          { path: 'book/beside', lazy: SCREENS.beside },
          { path: 'book/knows', lazy: SCREENS.knows },
          { path: 'book/charts', lazy: SCREENS.charts },
          { path: 'book/files', lazy: SCREENS.files },
          { path: 'book/:id', lazy: SCREENS.record },
          { path: 'days', lazy: SCREENS.days },
          { path: 'days/:id', lazy: SCREENS.day },
          { path: 'days/:id/hands/:person', lazy: SCREENS.hands },
          { path: 'trouble', lazy: SCREENS.trouble },
          { path: 'kitchen', lazy: SCREENS.kitchen },
          { path: 'household', lazy: SCREENS.household },
          { path: '*', element: <NoSuchPage /> },
        ],
      },
    ],
  },
]);
