import { say } from '@idle-kettle/words';
import { useParams, useSearchParams } from 'react-router';
import { useBatch } from '../api/batches.ts';
import { useRecipe } from '../api/recipes.ts';
import { failureOf } from '../api/failure.ts';
import { useKitchen } from '../api/kitchen.ts';
import { isMissing } from '../api/request.ts';
import { NotFetched } from '../ui/Broken.tsx';
import { Loading } from '../ui/Loading.tsx';
import { useMay } from '../api/who.ts';
import { Balance } from './Balance.tsx';
import { BatchRead } from './BatchRead.tsx';
import { MissingBatch } from './MissingBatch.tsx';
import { screenOf } from './newBatch.ts';

const NEW = 'new';

/**
 * Where a batch is designed: `/batches/new`, `/batches/new?recipe=…&version=…` or `/batches/:id`.
 */
export function BalanceScreen() {
  const { id = NEW } = useParams();
  const [search] = useSearchParams();
  const batchId = id === NEW ? null : id;
  const recipeId = id === NEW ? search.get('recipe') : null;
  const mayCook = useMay()('cook');
  const kitchen = useKitchen();
  const batch = useBatch(batchId);
  const recipe = useRecipe(recipeId);
  const failure = failureOf([kitchen, batch, recipe]);
  if (failure && batchId !== null && isMissing(batch.error))
    return <MissingBatch id={batchId} {...failure} />;
  if (failure) return <NotFetched {...failure} />;
  if (!kitchen.data || (batchId !== null && !batch.data) || (recipeId !== null && !recipe.data)) {
    return <Loading what={say('balance.theBatch')} />;
  }
  if (batch.data && !mayCook) return <BatchRead kitchen={kitchen.data} batch={batch.data} />;
  const number = Number(search.get('version') ?? 0);
  const version =
    recipe.data?.versions.find((found) => found.number === number) ?? recipe.data?.versions[0];
  return (
    <Balance
      key={screenOf(batchId, recipeId === null ? '' : `${recipeId} ${number}`)}
      kitchen={kitchen.data}
      saved={batch.data ?? null}
      from={
        recipe.data && version
          ? {
              ...version,
              name: recipe.data.name,
              settings: {
                ...version.settings,
                recipe: { id: recipe.data.id, number: version.number },
              },
            }
          : null
      }
    />
  );
}
