import { useEffect } from 'react';
import { useParams } from 'react-router';
import { useChangeKitchen, useKitchen } from '../api/kitchen.ts';
import { sayError } from '../api/request.ts';
import { NotFetched } from '../ui/Broken.tsx';
import { Loading } from '../ui/Loading.tsx';
import { DebriefView } from '../practice/DebriefView.tsx';
import { Stove } from './Stove.tsx';
import { useCookLog } from './useCookLog.ts';

/** Keeping the pages takes a slow device a second; what is pressed as soon as a stove is there comes first, ms. */
const PAGES_KEPT_AFTER_MS = 5000;

/** From the first look at a stove on, pages open without a server too. */
function keepPages(): () => void {
  const timer = setTimeout(() => {
    // A browser that has no such workers goes without.
    if ('serviceWorker' in navigator) void navigator.serviceWorker.register('/sw.js');
  }, PAGES_KEPT_AFTER_MS);
  return () => clearTimeout(timer);
}

/** `/cooks/:id`: a cook as it goes; of a practice that is over, its debrief. */
export function StoveScreen() {
  const { id = '' } = useParams();
  useEffect(keepPages, []);
  return <OneCook key={id} id={id} />;
}

function OneCook({ id }: { id: string }) {
  const log = useCookLog(id);
  const kitchen = useKitchen();
  const change = useChangeKitchen();
  const { cook } = log;
  if (cook === null) {
    return log.error ? (
      <NotFetched error={log.error} again={() => void log.refresh()} />
    ) : (
      <Loading what="the cook" />
    );
  }
  if (cook.debrief !== null) return <DebriefView cook={cook} debrief={cook.debrief} />;
  const keepWater = (waterBoilsC: number) => {
    if (kitchen.data) change.mutate({ version: kitchen.data.version, changes: { waterBoilsC } });
  };
  const said = change.error ? `Not kept. ${sayError(change.error)}` : 'Kept for this kitchen.';
  return (
    <Stove
      cook={cook}
      log={log}
      keeping={
        cook.practice === null
          ? { keep: keepWater, said: change.isIdle || change.isPending ? '' : said }
          : null
      }
      onReady={() => void log.end()}
    />
  );
}
