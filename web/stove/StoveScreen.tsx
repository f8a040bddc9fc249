import { say } from '@idle-kettle/words';
import { useNavigate, useParams } from 'react-router';
import { useChangeKitchen, useKitchen } from '../api/kitchen.ts';
import { sayError } from '../api/request.ts';
import { useMay } from '../api/who.ts';
import { NotFetched } from '../ui/Broken.tsx';
import { Loading } from '../ui/Loading.tsx';
import { DebriefView } from '../practice/DebriefView.tsx';
import { Stove } from './Stove.tsx';
import { useCookLog } from './useCookLog.ts';

/** `/cook-sessions/:id`: a cook as it goes; of a practice that is over, its debrief. */
export function StoveScreen() {
  const { id = '' } = useParams();
  return <OneCook key={id} id={id} />;
}

function OneCook({ id }: { id: string }) {
  const log = useCookLog(id);
  const kitchen = useKitchen();
  const navigate = useNavigate();
  const change = useChangeKitchen();
  const mayDo = useMay();
  const { session } = log;
  if (session === null) {
    return log.error ? (
      <NotFetched error={log.error} again={() => void log.refresh()} />
    ) : (
      <Loading what={say('stove.theCookSession')} />
    );
  }
  if (session.debrief !== null) return <DebriefView session={session} debrief={session.debrief} />;
  const keepWater = (waterBoilsC: number) => {
    if (kitchen.data) change.mutate({ version: kitchen.data.version, changes: { waterBoilsC } });
  };
  const said = change.error
    ? say('stove.notSaved', { sayError: sayError(change.error) })
    : say('stove.savedForThisKitchen');
  return (
    <Stove
      session={session}
      log={log}
      keeping={
        session.practice === null && mayDo('kitchen')
          ? { keep: keepWater, said: change.isIdle || change.isPending ? '' : said }
          : null
      }
      onReady={() => {
        void log.end();
        if (session.practice === null) void navigate(`/cook-sessions/${id}/jars`);
      }}
    />
  );
}
