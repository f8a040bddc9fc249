import { Link } from 'react-router';

/** Stands in for a screen that failed; drafts are kept in the browser, so nothing typed is lost. */
export const Broken = () => (
  <Notice title="This screen stopped working">
    What you typed is kept in this browser.{' '}
    <button type="button" className="link" onClick={() => window.location.reload()}>
      Load it again
    </button>
  </Notice>
);

export const NoSuchPage = () => (
  <Notice title="There is nothing here">
    The address may be mistyped.{' '}
    <Link to="/" className="link">
      Go to the batches
    </Link>
  </Notice>
);

/** Something could not be fetched; offers to try again. */
export const NotFetched = ({ error, again }: { error: Error; again: () => void }) => (
  <Notice title="That could not be fetched">
    {error.message}{' '}
    <button type="button" className="link" onClick={again}>
      Try again
    </button>
  </Notice>
);

const Notice = ({ title, children }: { title: string; children: React.ReactNode }) => (
  <section role="alert" className="mx-auto my-12 max-w-xl rounded-box bg-base-100 p-8">
    <h1 className="mb-2 text-2xl font-bold text-primary">{title}</h1>
    <p className="text-lg">{children}</p>
  </section>
);
