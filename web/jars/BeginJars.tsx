import { say } from '@idle-kettle/words';
import { useCallback, useEffect, useRef } from 'react';
import { useNavigate, useParams } from 'react-router';
import { useBatch } from '../api/batches.ts';
import { useStartCook, useCookSessions } from '../api/cookSessions.ts';
import { request } from '../api/request.ts';
import { failureOf } from '../api/failure.ts';
import { NotFetched } from '../ui/Broken.tsx';
import { Loading } from '../ui/Loading.tsx';
import { useGoOn } from '../ui/useGoOn.ts';

/**
 * `/batches/:id/jars`: to the jars of the cook of it that is not put away, or of a pot that was
 * cooked without being followed.
 */
export function BeginJars() {
  const { id = '' } = useParams();
  const batch = useBatch(id);
  const sessions = useCookSessions();
  const begin = useStartCook();
  const navigate = useNavigate();
  const goOn = useGoOn();
  const asked = useRef(false);
  const failure = failureOf([batch, sessions]);
  const last = sessions.data?.find(({ batchId }) => batchId === id) ?? null;
  const open = last !== null && last.storedAt === null;
  const ready = batch.data !== undefined && sessions.data !== undefined;
  const { mutate, error } = begin;
  const fill = useCallback(() => {
    const onwards = goOn();
    mutate(
      { batchId: id },
      {
        onSuccess: (session) => {
          // Nobody logged this cook, so it ends at once. If the request fails, putting the jars
          // away ends it too.
          void request(`/cook-sessions/${session.id}/end`, 'POST').catch(() => undefined);
          onwards(`/cook-sessions/${session.id}/jars`, { replace: true });
        },
      },
    );
  }, [mutate, id, goOn]);
  useEffect(() => {
    if (!ready || asked.current) return;
    asked.current = true;
    if (open) void navigate(`/cook-sessions/${last.id}/jars`, { replace: true });
    else fill();
  }, [ready, open, last, navigate, fill]);
  if (failure) return <NotFetched {...failure} />;
  if (error) return <NotFetched error={error} again={fill} />;
  return <Loading what={say('jars.theJars')} />;
}
