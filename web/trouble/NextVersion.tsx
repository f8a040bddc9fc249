import { say, textOf } from '@idle-kettle/words';
import type { Kitchen } from '@idle-kettle/contract';
import type { Formula } from '@idle-kettle/core';
import type { CauseId, ToldCause } from '@idle-kettle/core/troubleshooting';
import { useQuery } from '@tanstack/react-query';
import { BookmarkPlus } from 'lucide-react';
import { Link } from 'react-router';
import { sayError } from '../api/request.ts';
import { useSaveRecipe } from '../api/recipes.ts';
import { afterChange } from '../balance/formula.ts';
import { slowPlanner } from '../workers/planner.ts';

type Props = {
  readonly name: string;
  readonly formula: Formula;
  readonly kitchen: Kitchen;
  readonly cause: ToldCause;
};

/** Causes that lie in the formula: what the plan would mend them with goes into the next version. */
const OF_THE_FORMULA: ReadonlySet<CauseId> = new Set(['low-acid', 'low-pectin', 'worn-pectin']);

/**
 * What to do next time, kept with one press: as the next version of the recipe that the batch was
 * made from, or as a new one. What the plan mends the cause with is planned before it is shown.
 */
export function NextVersion({ name, formula, kitchen, cause }: Props) {
  const save = useSaveRecipe();
  const { data: outcome } = useQuery({
    queryKey: ['next version', formula, kitchen.version],
    queryFn: () => slowPlanner.ask((planner) => planner.plan(formula, kitchen)),
    staleTime: Infinity,
    enabled: OF_THE_FORMULA.has(cause.code),
  });
  const remedy =
    outcome?.ok === true && OF_THE_FORMULA.has(cause.code)
      ? outcome.plan.set?.remedies[0]
      : undefined;
  const next =
    remedy === undefined
      ? formula
      : afterChange({ name, lines: [...formula.lines], settings: formula.settings }, remedy.change);
  const { recipe: from, ...settings } = next.settings;
  const note = textOf(remedy === undefined ? cause.remedy : remedy.act);
  return (
    <section aria-label={say('trouble.nextVersion')} className="border-l-4 border-primary pl-3">
      <h3 className="font-bold">{say('trouble.nextVersion')}</h3>
      <p>{note}</p>
      {save.data ? (
        <p role="status">
          <Link to="/recipes" className="link">
            {say('trouble.versionKept', {
              number: save.data.versions[0]?.number ?? 1,
              name: save.data.name,
            })}
          </Link>
        </p>
      ) : (
        <button
          type="button"
          className="btn mt-1"
          disabled={save.isPending}
          onClick={() =>
            save.mutate({
              id: from?.id ?? null,
              recipe: {
                name,
                lines: next.lines.filter((line) => line.trim() !== ''),
                settings,
                note,
              },
            })
          }
        >
          <BookmarkPlus aria-hidden className="size-5" />{' '}
          {from === undefined ? say('trouble.keepRecipe') : say('trouble.keepVersion')}
        </button>
      )}
      {save.error && (
        <p role="alert" className="text-error">
          {sayError(save.error)}
        </p>
      )}
    </section>
  );
}
