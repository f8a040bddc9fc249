import { say } from '@idle-kettle/words';
import type { Recipe } from '@idle-kettle/contract';
import { format } from 'date-fns';
import { Trash2, CookingPot, Undo2 } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { useRestoreRecipe, useRecipes, useDeleteRecipe } from '../api/recipes.ts';
import { failureOf } from '../api/failure.ts';
import { sayError } from '../api/request.ts';
import { useMay } from '../api/who.ts';
import { VersionEffects } from '../book/VersionEffects.tsx';
import { NotFetched } from '../ui/Broken.tsx';
import { Empty } from '../ui/Empty.tsx';
import { fruitColourOfLines } from '../ui/fruit.ts';
import { ErrorBoundary } from '../ui/ErrorBoundary.tsx';
import { Loading } from '../ui/Loading.tsx';
import { PageHeading } from '../ui/PageHeading.tsx';

/** The recipes: formulas that are made again, each with its versions. */
export function RecipesScreen() {
  const recipes = useRecipes();
  const mayDo = useMay();
  const remove = useDeleteRecipe();
  const restore = useRestoreRecipe();
  const [gone, setGone] = useState<Recipe | null>(null);
  const failure = failureOf([recipes]);
  if (failure) return <NotFetched {...failure} />;
  if (!recipes.data) return <Loading what={say('recipes.theRecipes')} />;
  const trouble = remove.error ?? restore.error;
  return (
    <>
      <PageHeading className="mb-4 text-3xl font-bold text-primary">
        {say('recipes.recipes')}
      </PageHeading>
      {gone && (
        <p role="status" className="mb-4 flex items-center gap-2">
          {say('recipes.deleted', { name: gone.name })}
          <button
            type="button"
            className="btn btn-ghost btn-sm"
            onClick={() => restore.mutate(gone, { onSuccess: () => setGone(null) })}
          >
            <Undo2 aria-hidden className="size-4" /> {say('recipes.restore')}
          </button>
        </p>
      )}
      {trouble && (
        <p role="alert" className="mb-4 border-l-4 border-error pl-3 text-error">
          {sayError(trouble)}
        </p>
      )}
      {recipes.data.length === 0 ? (
        <Empty title={say('recipes.noRecipesYet')}>{say('recipes.openABatchAndChoose')}</Empty>
      ) : (
        <ul className="grid gap-4 md:grid-cols-2">
          {recipes.data.map((recipe) => (
            <ErrorBoundary
              key={recipe.id}
              what={say('recipes.theRecipe', { name: recipe.name })}
              as="li"
              on={recipe}
            >
              <OneCard
                recipe={recipe}
                onDelete={
                  mayDo('remove')
                    ? () => remove.mutate(recipe, { onSuccess: () => setGone(recipe) })
                    : null
                }
                mayCook={mayDo('cook')}
              />
            </ErrorBoundary>
          ))}
        </ul>
      )}
    </>
  );
}

type CardProps = {
  readonly recipe: Recipe;
  /** Null where whoever is here may not. */
  readonly onDelete: (() => void) | null;
  readonly mayCook: boolean;
};

function OneCard({ recipe, onDelete, mayCook }: CardProps) {
  const [newest] = recipe.versions;
  const [number, setNumber] = useState(newest?.number ?? 1);
  const version = recipe.versions.find((found) => found.number === number) ?? newest;
  if (!version) return null;
  return (
    <li
      className="jar-label flex flex-col gap-2 py-4 pr-6 pl-4"
      style={{ '--fruit': fruitColourOfLines(version) } as React.CSSProperties}
    >
      <div className="flex items-start gap-2">
        <h2 className="grow text-xl font-bold text-primary">{recipe.name}</h2>
        {onDelete !== null && (
          <button
            type="button"
            className="btn btn-square btn-ghost btn-sm"
            aria-label={say('recipes.delete', { name: recipe.name })}
            onClick={onDelete}
          >
            <Trash2 aria-hidden className="size-4" />
          </button>
        )}
      </div>
      <label className="flex flex-wrap items-center gap-2 text-sm">
        {say('recipes.version')}
        <select
          className="select select-sm w-auto"
          value={version.number}
          onChange={({ target }) => setNumber(Number(target.value))}
        >
          {recipe.versions.map((found) => (
            <option key={found.number} value={found.number}>
              {found.number}, {format(new Date(found.createdAt), 'd MMM yyyy')}
            </option>
          ))}
        </select>
        {version.note !== '' && <span>“{version.note}”</span>}
      </label>
      <ul>
        {version.lines.map((line, index) => (
          <li key={index}>{line}</li>
        ))}
      </ul>
      {recipe.versions.length > 1 && <Effects recipe={recipe} number={version.number} />}
      {mayCook && (
        <Link
          to={`/batches/new?recipe=${recipe.id}&version=${version.number}`}
          className="btn btn-primary mt-auto w-fit"
        >
          <CookingPot aria-hidden className="size-5" /> {say('recipes.startABatchFromIt')}
        </Link>
      )}
    </li>
  );
}

/** What each version changed and what it did; asked for when somebody wants to know. */
function Effects({ recipe, number }: { readonly recipe: Recipe; readonly number: number }) {
  const [isOpen, setOpen] = useState(false);
  return (
    <details onToggle={({ currentTarget }) => setOpen(currentTarget.open)}>
      <summary className="cursor-pointer font-bold">{say('book.versions')}</summary>
      {isOpen && <VersionEffects madeFrom={{ recipeId: recipe.id, name: recipe.name, number }} />}
    </details>
  );
}
