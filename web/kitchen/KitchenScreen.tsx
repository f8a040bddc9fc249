import { useKitchen } from '../api/kitchen.ts';
import { NotFetched } from '../ui/Broken.tsx';
import { Guarded } from '../ui/Guarded.tsx';
import { Loading } from '../ui/Loading.tsx';
import { Equipment } from './Equipment.tsx';
import { KitchenSetUp } from './KitchenSetUp.tsx';
import { TaughtNames } from './TaughtNames.tsx';

export function KitchenScreen() {
  const { data, error, refetch } = useKitchen();
  if (error) return <NotFetched error={error} again={() => void refetch()} />;
  if (!data) return <Loading what="the kitchen" />;
  return (
    <>
      <Guarded what="the set-up" on={data}>
        <KitchenSetUp kitchen={data} />
      </Guarded>
      {data.setUp && (
        <Guarded what="what stands in the kitchen" on={data}>
          <Equipment kitchen={data} />
        </Guarded>
      )}
      {data.setUp && (
        <Guarded what="the names" on={data}>
          <TaughtNames kitchen={data} />
        </Guarded>
      )}
    </>
  );
}
