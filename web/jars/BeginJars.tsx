import { useCallback, useEffect, useRef } from 'react';
import { useNavigate, useParams } from 'react-router';
import { useBatch } from '../api/batches.ts';
import { useBeginCook, useCooks } from '../api/cooks.ts';
import { request } from '../api/request.ts';
import { failureOf } from '../api/failure.ts';
import { NotFetched } from '../ui/Broken.tsx';
import { Loading } from '../ui/Loading.tsx';

/** `/batches/:id/jars`: to the jars of the cook of it that is not put away, or of a pot that was cooked without being followed. */
export function BeginJars() {
  const { id = '' } = useParams();
  const batch = useBatch(id);
  const cooks = useCooks();
  const begin = useBeginCook();
  const navigate = useNavigate();
  const asked = useRef(false);
  const failure = failureOf([batch, cooks]);
  const last = cooks.data?.find(({ batchId }) => batchId === id) ?? null;
  const open = last !== null && last.putAwayAt === null;
  const ready = batch.data !== undefined && cooks.data !== undefined;
  const { mutate, error } = begin;
  const fill = useCallback(
    () =>
      mutate(
        { batchId: id },
        {
          onSuccess: (cook) => {
            // Nobody followed the pot: it is off the stove from the beginning. Not answered, it is so all the same once jars are put away.
            void request(`/cooks/${cook.id}/end`, 'POST').catch(() => undefined);
            void navigate(`/cooks/${cook.id}/jars`, { replace: true });
          },
        },
      ),
    [mutate, id, navigate],
  );
  useEffect(() => {
    if (!ready || asked.current) return;
    asked.current = true;
    if (open) void navigate(`/cooks/${last.id}/jars`, { replace: true });
    else fill();
  }, [ready, open, last, navigate, fill]);
  if (failure) return <NotFetched {...failure} />;
  if (error) return <NotFetched error={error} again={fill} />;
  return <Loading what="the jars" />;
}
