import { say } from '@idle-kettle/words';
import { useParams } from 'react-router';
import { useCookLog } from '../stove/useCookLog.ts';
import { NotFetched } from '../ui/Broken.tsx';
import { Loading } from '../ui/Loading.tsx';
import { Jars } from './Jars.tsx';

/** `/cook-sessions/:id/jars`: from the full pot to the shelf. */
export function JarsScreen() {
  const { id = '' } = useParams();
  return <OneBatch key={id} id={id} />;
}

function OneBatch({ id }: { id: string }) {
  const log = useCookLog(id);
  if (log.session === null)
    return log.error ? (
      <NotFetched error={log.error} again={() => void log.refresh()} />
    ) : (
      <Loading what={say('jars.theJars')} />
    );
  return <Jars session={log.session} log={log} />;
}
