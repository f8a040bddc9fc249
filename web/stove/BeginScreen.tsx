import { Flame } from 'lucide-react';
import { Link, useNavigate, useParams } from 'react-router';
import { useBatch } from '../api/batches.ts';
import { failureOf } from '../api/failure.ts';
import { useStartCook, useCookSessions } from '../api/cookSessions.ts';
import { sayError } from '../api/request.ts';
import { NotFetched } from '../ui/Broken.tsx';
import { Loading } from '../ui/Loading.tsx';

/** `/batches/:id/stove`: sets a batch on the stove, or goes on with one that stands there. */
export function BeginScreen() {
  const { id = '' } = useParams();
  const batch = useBatch(id);
  const sessions = useCookSessions();
  const begin = useStartCook();
  const navigate = useNavigate();
  const failure = failureOf([batch, sessions]);
  if (failure) return <NotFetched {...failure} />;
  if (!batch.data || !sessions.data) return <Loading what="the batch" />;
  const on = sessions.data.find(({ batchId, endedAt }) => batchId === id && endedAt === null);
  return (
    <section aria-label="Set it on the stove" className="mx-auto flex max-w-2xl flex-col gap-4">
      <h1 className="text-3xl font-bold text-primary">{batch.data.name}, on the stove</h1>
      <ul className="list-inside list-disc text-lg">
        <li>Everything is weighed, the sugar in a bowl of its own.</li>
        <li>Jars are hot, a small spare one with them, and the canner is heating.</li>
        <li>A plate is in the freezer.</li>
        <li>Children and pets are out of the way, and nobody has to leave.</li>
      </ul>
      <p className="text-lg">
        <Link to={`/batches/${id}/prepare`} className="link">
          The whole list is under Prepare.
        </Link>{' '}
        <Link to={`/batches/${id}/jars`} className="link">
          It is cooked already: to the jars.
        </Link>
      </p>
      {on && (
        <Link to={`/cook-sessions/${on.id}`} className="btn btn-primary min-h-16 text-2xl">
          <Flame aria-hidden className="size-7" /> Go on with the pot that is on
        </Link>
      )}
      {begin.error && (
        <p role="alert" className="text-error">
          {sayError(begin.error)}
        </p>
      )}
      <button
        type="button"
        disabled={begin.isPending}
        onClick={() =>
          begin.mutate(
            { batchId: id },
            { onSuccess: (session) => void navigate(`/cook-sessions/${session.id}`) },
          )
        }
        className={`btn min-h-16 text-2xl ${on ? 'btn-outline' : 'btn-primary'}`}
      >
        <Flame aria-hidden className="size-7" /> {on ? 'Begin another pot of it' : 'Begin'}
      </button>
    </section>
  );
}
