import type { Batch, BatchSummary, Recipe } from '@idle-kettle/contract';
import { request } from '../api/request.ts';
import { PRACTICE_BATCHES, type NamedFormula } from './practiceBatches.ts';

/** One thing to practise on, as a list shows it. */
export type PracticeChoice = {
  /** Names it among all of them. */
  readonly id: string;
  readonly name: string;
  /** Where it is from. */
  readonly from: 'example' | 'batch' | 'recipe';
  /** Its formula, which for a batch is fetched once it is chosen. */
  readonly formula: () => Promise<NamedFormula>;
};

/**
 * Everything that can be practised on: the examples, then the batches of this kitchen that can be
 * cooked, then its recipes.
 */
export const practiceChoices = (
  batches: readonly BatchSummary[],
  recipes: readonly Recipe[],
): readonly PracticeChoice[] => [
  ...PRACTICE_BATCHES.map((formula, index) => ({
    id: `example ${index}`,
    name: formula.name,
    from: 'example' as const,
    formula: () => Promise.resolve(formula),
  })),
  ...batches
    .filter(({ plan }) => plan !== null && plan.yield !== null)
    .map(({ id, name }) => ({
      id: `batch ${id}`,
      name,
      from: 'batch' as const,
      formula: () => request<Batch>(`/batches/${id}`),
    })),
  ...recipes.flatMap(({ id, name, versions: [newest] }) =>
    newest === undefined
      ? []
      : [
          {
            id: `recipe ${id}`,
            name,
            from: 'recipe' as const,
            formula: () =>
              Promise.resolve({ name, lines: newest.lines, settings: newest.settings }),
          },
        ],
  ),
];
