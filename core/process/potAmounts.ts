import { contentsOf } from '../formula/index.ts';
import { DRIED_GREENS, FRESH_OVER_DRIED, roleOf, type Role } from './caps.ts';
import type { StorageLine } from './storageCase.ts';

/** Grams in a pot by what they are to the shelf. */
export type PotAmounts = {
  readonly all: number;
  readonly of: (...roles: readonly Role[]) => number;
  readonly ofRow: (...ids: readonly string[]) => number;
  /** Acid fruit and its juice, citrus juice included, g. */
  readonly acidFruit: number;
  /** Acid fruit that is whole or cut, and no juice, g. */
  readonly wholeFruit: number;
  /** Acid fruit that is dried, g. */
  readonly driedFruit: number;
  /** All but sugar, pectin, water and acids, g. */
  readonly others: number;
  /** Sucrose in all of it, g. */
  readonly sucrose: number;
  /** Peppers, onion, garlic and herbs by their fresh weight, g. */
  readonly greens: number;
  /** Juice or vinegar of a strength that is known, g: bottled lemon and lime juice, 5 % vinegar. */
  readonly bottled: number;
  readonly vinegar: number;
  /** Ids of the rows in some roles, each once. */
  readonly rowsOf: (...roles: readonly Role[]) => string[];
};

const BOTTLED: readonly string[] = ['lemon-juice-bottled', 'lime-juice-bottled'];

const isJuice = ({ ingredient }: StorageLine): boolean =>
  ingredient.kind === 'juice' || (ingredient.kind === 'fruit' && ingredient.state === 'juice');

/** Dried by its state, or a row of dried fruit: less than half of it is water. */
const isDried = ({ ingredient }: StorageLine): boolean =>
  ingredient.kind === 'fruit' &&
  ingredient.make.solublesPct.typical + ingredient.make.insolublesPct.typical > 50;

/** Sums a pot up by typical grams. `asAcid` are rows that count as acid fruit for this batch. */
export function amountsOf(lines: readonly StorageLine[], asAcid: ReadonlySet<string>): PotAmounts {
  const sum = (
    which: (line: StorageLine) => boolean,
    each: (line: StorageLine) => number = ({ massG }) => massG.typical,
  ) => lines.filter(which).reduce((total, line) => total + each(line), 0);
  const role = ({ ingredient }: StorageLine): Role =>
    asAcid.has(ingredient.id) ? 'acid-fruit' : roleOf(ingredient);
  const of = (...roles: readonly Role[]) => sum((line) => roles.includes(role(line)));
  const ofRow = (...ids: readonly string[]) => sum(({ ingredient }) => ids.includes(ingredient.id));
  const all = sum(() => true);
  return {
    all,
    of,
    ofRow,
    acidFruit: of('acid-fruit', 'citrus-juice'),
    wholeFruit: sum((line) => role(line) === 'acid-fruit' && !isJuice(line)),
    driedFruit: sum((line) => role(line) === 'acid-fruit' && isDried(line)),
    others: all - of('sweetener', 'pectin', 'water', 'vinegar', 'other-acid'),
    sucrose: sum(
      () => true,
      ({ ingredient, massG }) => contentsOf(ingredient, massG.typical).sucrose,
    ),
    greens:
      of('pepper', 'allium', 'fresh-herb') +
      FRESH_OVER_DRIED * sum(({ ingredient }) => DRIED_GREENS.has(ingredient.id)),
    bottled: ofRow(...BOTTLED),
    vinegar: ofRow('vinegar'),
    rowsOf: (...roles) => [
      ...new Set(
        lines.filter((line) => roles.includes(role(line))).map(({ ingredient }) => ingredient.id),
      ),
    ],
  };
}
