import { FRUITS } from './fruits.ts';
import { OTHER_INGREDIENTS } from './otherIngredients.ts';
import type { Ingredient } from './ingredient.ts';

/** Everything that can go into a pot, fruit first. */
export const INGREDIENTS: readonly Ingredient[] = [...FRUITS, ...OTHER_INGREDIENTS];

const plain = (name: string): string => name.trim().toLowerCase().replace(/\s+/g, ' ');

const byName = new Map<string, Ingredient>(
  INGREDIENTS.flatMap((row) =>
    [row.id, row.name, ...row.alsoCalled].map((name) => [plain(name), row] as const),
  ),
);

/**
 * The ingredient of that id, name or other word for it; null when the ingredient table has none.
 * Case is ignored.
 */
export const findIngredient = (name: string): Ingredient | null => byName.get(plain(name)) ?? null;
