import type { Recipe, RecipeDto } from '@idle-kettle/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { forgetPendingId, pendingId } from './pendingId.ts';
import { request } from './request.ts';

const LIST = ['recipes'];
const nameOf = (recipe: RecipeDto): string => `recipe ${JSON.stringify(recipe)}`;

export const useRecipes = () =>
  useQuery({ queryKey: LIST, queryFn: () => request<Recipe[]>('/recipes') });

/** A recipe by id; idle for null. */
export const useRecipe = (id: string | null) =>
  useQuery({
    queryKey: ['recipe', id],
    queryFn: () => request<Recipe>(`/recipes/${id}`),
    enabled: id !== null,
  });

/**
 * Keeps a formula: as a new recipe (id null), or as a new version of one. A new recipe keeps its id
 * until it is answered.
 */
export function useSaveRecipe() {
  const queries = useQueryClient();
  return useMutation<Recipe, Error, { readonly id: string | null; readonly recipe: RecipeDto }>({
    mutationFn: ({ id, recipe }) => {
      if (id !== null) return request(`/recipes/${id}/versions`, 'POST', recipe);
      return request('/recipes', 'POST', { ...recipe, id: pendingId(nameOf(recipe)) });
    },
    onSuccess: (_, { recipe }) => {
      forgetPendingId(nameOf(recipe));
      return queries.invalidateQueries({ queryKey: LIST });
    },
  });
}

export function useDeleteRecipe() {
  const queries = useQueryClient();
  return useMutation<void, Error, Recipe>({
    mutationFn: ({ id }) => request(`/recipes/${id}`, 'DELETE'),
    onSuccess: () => queries.invalidateQueries({ queryKey: LIST }),
  });
}

export function useRestoreRecipe() {
  const queries = useQueryClient();
  return useMutation<Recipe, Error, Recipe>({
    mutationFn: ({ id }) => request(`/recipes/${id}/restore`, 'POST'),
    onSuccess: () => queries.invalidateQueries({ queryKey: LIST }),
  });
}
