import { useKitchen } from '../api/kitchen.ts';
import { NotFetched } from '../ui/Broken.tsx';
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
      <KitchenSetUp kitchen={data} />
      {data.setUp && <Equipment kitchen={data} />}
      {data.setUp && <TaughtNames kitchen={data} />}
    </>
  );
}
