import { useKitchen } from '../api/kitchen.ts';
import { NotFetched } from '../ui/Broken.tsx';
import { Guarded } from '../ui/Guarded.tsx';
import { Loading } from '../ui/Loading.tsx';
import { FirstSteps } from './FirstSteps.tsx';
import { KitchenPlace } from './KitchenPlace.tsx';

/** The kitchen; one that was never set up is asked the little that matters first. */
export function KitchenScreen() {
  const { data, error, refetch } = useKitchen();
  if (error && !data) return <NotFetched error={error} again={() => void refetch()} />;
  if (!data) return <Loading what="the kitchen" />;
  return (
    <Guarded what="the kitchen" on={data}>
      {data.setUp ? <KitchenPlace kitchen={data} /> : <FirstSteps kitchen={data} />}
    </Guarded>
  );
}
