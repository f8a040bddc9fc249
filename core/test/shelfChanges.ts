import { INGREDIENTS, type Ingredient } from '../ingredients/index.ts';
import { roleOf, type Role } from '../process/index.ts';

/** How good a verdict is: only the pantry is for any jar, and a source’s only for its own. */
export const RANK = { pantry: 2, 'by-source': 1, fridge: 0, freezer: 0 } as const;

/** What is added for its acid. */
export const ACID_ROLES: readonly Role[] = ['citrus-juice', 'vinegar', 'other-acid'];

const OF_A_PRESERVE: readonly Role[] = [
  ...ACID_ROLES, 'acid-fruit', 'sweetener', 'pectin', 'water', 'wine', 'pepper',
]; // prettier-ignore

/** Every row that no family of preserves is made of: of which more is never safer. */
export const OTHER_ROWS: readonly Ingredient[] = INGREDIENTS.filter(
  (row) => !OF_A_PRESERVE.includes(roleOf(row)),
);
