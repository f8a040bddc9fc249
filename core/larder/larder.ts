import { FRUITS } from './fruits.ts';
import { PANTRY } from './pantry.ts';
import type { Ingredient } from './ingredient.ts';

/** Everything that can go into a pot, fruit first. */
export const LARDER: readonly Ingredient[] = [...FRUITS, ...PANTRY];

const plain = (name: string): string => name.trim().toLowerCase().replace(/\s+/g, ' ');

const byName = new Map<string, Ingredient>(
  LARDER.flatMap((row) =>
    [row.id, row.name, ...row.alsoCalled].map((name) => [plain(name), row] as const),
  ),
);

/** The ingredient of that id, name or other word for it; null when the larder has none. Case is ignored. */
export const findIngredient = (name: string): Ingredient | null => byName.get(plain(name)) ?? null;
