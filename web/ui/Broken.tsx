import { say } from '@idle-kettle/words';
import { Link, useRouteError } from 'react-router';
import { isFinal } from '../api/request.ts';
import { Say } from './Say.tsx';
import { ScreenNotFetched } from './screenNotFetched.ts';
import { useTryAgain } from './useTryAgain.ts';
import { PageHeading } from './PageHeading.tsx';

/** Stands in for a screen that failed; drafts are kept in the browser, so nothing typed is lost. */
export function Broken() {
  if (useRouteError() instanceof ScreenNotFetched) return <NotHereYet />;
  return (
    <Notice title={say('ui.thisScreenStoppedWorking')}>
      {say('ui.whatYouTypedIsKept')}{' '}
      <button type="button" className="link" onClick={() => void reload()}>
        {say('ui.reload')}
      </button>
    </Notice>
  );
}

/** Whether a page that is loaded anew comes: kept in the browser, or from a server that answers. */
const isThere = async (): Promise<boolean> =>
  navigator.serviceWorker?.controller != null ||
  fetch('/api/kitchen', { cache: 'no-store' }).then(
    ({ ok }) => ok,
    () => false,
  );

/** Loads the page anew, unless a browser would show its own empty page instead. */
async function reload(): Promise<void> {
  if (await isThere()) window.location.reload();
}

/**
 * A page is loaded anew by itself no oftener than this, ms: where its code stays away although the
 * server answers, that helps once or not at all.
 */
const BETWEEN_RELOADS_MS = 60_000;
const RELOADED_AT = 'kettle.reloadedAt';

/** Loads the page anew by itself once it is there. */
async function reloadByItself(): Promise<void> {
  if (Date.now() - Number(sessionStorage.getItem(RELOADED_AT)) < BETWEEN_RELOADS_MS) return;
  if (!(await isThere())) return;
  sessionStorage.setItem(RELOADED_AT, String(Date.now()));
  window.location.reload();
}

/** The code of a screen has not come. A browser may remember that, so the page is loaded anew. */
function NotHereYet() {
  useTryAgain(() => void reloadByItself());
  return (
    <Notice title={say('ui.couldNotLoad')}>
      {say('ui.thisScreenOpensByItself')}{' '}
      <button type="button" className="link" onClick={() => void reload()}>
        {say('ui.tryAgain')}
      </button>
    </Notice>
  );
}

export const NoSuchPage = () => (
  <Notice title={say('ui.pageNotFound')}>
    <Say
      id="ui.checkTheAddress"
      values={{
        part: (
          <Link to="/" className="link">
            {say('ui.goToBatches')}
          </Link>
        ),
      }}
    />
  </Notice>
);

/** Something could not be fetched; it is tried again by itself, and when asked. */
export function NotFetched({ error, again }: { error: Error; again: () => void }) {
  useTryAgain(again, isFinal(error));
  return (
    <Notice title={say('ui.couldNotLoad')}>
      {error.message}{' '}
      <button type="button" className="link" onClick={again}>
        {say('ui.tryAgain')}
      </button>
    </Notice>
  );
}

export const Notice = ({ title, children }: { title: string; children: React.ReactNode }) => (
  <section role="alert" className="mx-auto my-12 max-w-xl rounded-box bg-base-100 p-8">
    <PageHeading className="mb-2 text-2xl font-bold text-primary">{title}</PageHeading>
    <p className="text-lg">{children}</p>
  </section>
);
