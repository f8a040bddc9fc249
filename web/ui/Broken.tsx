import { say } from '@idle-kettle/words';
import { Say } from './Say.tsx';
import { Link } from 'react-router';

/** Stands in for a screen that failed; drafts are kept in the browser, so nothing typed is lost. */
export const Broken = () => (
  <Notice title={say('ui.thisScreenStoppedWorking')}>
    {say('ui.whatYouTypedIsKept')}{' '}
    <button type="button" className="link" onClick={() => window.location.reload()}>
      {say('ui.reload')}
    </button>
  </Notice>
);

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

/** Something could not be fetched; offers to try again. */
export const NotFetched = ({ error, again }: { error: Error; again: () => void }) => (
  <Notice title={say('ui.couldNotLoad')}>
    {error.message}{' '}
    <button type="button" className="link" onClick={again}>
      {say('ui.tryAgain')}
    </button>
  </Notice>
);

export const Notice = ({ title, children }: { title: string; children: React.ReactNode }) => (
  <section role="alert" className="mx-auto my-12 max-w-xl rounded-box bg-base-100 p-8">
    <h1 className="mb-2 text-2xl font-bold text-primary">{title}</h1>
    <p className="text-lg">{children}</p>
  </section>
);
