import { say } from '@idle-kettle/words';
import { lazy, Suspense } from 'react';
import { failureOf } from '../api/failure.ts';
import { useWho } from '../api/who.ts';
import { NotFetched } from '../ui/Broken.tsx';
import { Loading } from '../ui/Loading.tsx';
import { Outside } from '../ui/Outside.tsx';

/** Fetched by who needs it: on the machine itself nobody does. */
const SignIn = lazy(() => import('./SignIn.tsx').then(({ SignIn: form }) => ({ default: form })));

/** Shows a household’s pages to whoever belongs to it; anybody else signs in first. */
export function KnownOnly({ children }: { readonly children: React.ReactNode }) {
  const who = useWho();
  const failure = who.data === undefined ? failureOf([who]) : null;
  if (failure)
    return (
      <Outside>
        <NotFetched {...failure} />
      </Outside>
    );
  if (who.data === undefined)
    return (
      <Outside>
        <Loading what={say('ui.theKitchen')} />
      </Outside>
    );
  if (who.data.role === null)
    return (
      <Outside>
        <Suspense fallback={<Loading what={say('people.signIn')} />}>
          <SignIn />
        </Suspense>
      </Outside>
    );
  return children;
}
