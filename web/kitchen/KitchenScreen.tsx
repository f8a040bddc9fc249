import { say } from '@idle-kettle/words';
import { failureOf } from '../api/failure.ts';
import { useKitchen } from '../api/kitchen.ts';
import { NotFetched } from '../ui/Broken.tsx';
import { ErrorBoundary } from '../ui/ErrorBoundary.tsx';
import { Loading } from '../ui/Loading.tsx';
import { FirstSteps } from './FirstSteps.tsx';
import { KitchenPlace } from './KitchenPlace.tsx';

/** The kitchen; one that was never set up is asked the little that matters first. */
export function KitchenScreen() {
  const kitchen = useKitchen();
  const failure = failureOf([kitchen]);
  const { data } = kitchen;
  if (failure) return <NotFetched {...failure} />;
  if (!data) return <Loading what={say('kitchen.theKitchen')} />;
  return (
    <ErrorBoundary what={say('kitchen.theKitchen')} on={data}>
      {data.setUp ? <KitchenPlace kitchen={data} /> : <FirstSteps kitchen={data} />}
    </ErrorBoundary>
  );
}
