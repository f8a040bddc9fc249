import { type Judged, isNamed } from './judged.ts';
import { largestJarMl, largestJarName } from './processing.ts';
import { against } from './saying.ts';
import type { Against, ShelfCase } from './shelfCase.ts';

/** Lines that are not understood, jars beyond the tables, altitudes beyond them. */
export function againstJars({ found, assured }: Judged): Against[] {
  const { product, puzzlingLines, process, largestJarMl: largest, assurance } = found;
  const all: Against[] = [];
  if (puzzlingLines > 0) {
    all.push(
      against(
        puzzlingLines === 1
          ? 'One line is not understood, so its safety cannot be told.'
          : `${puzzlingLines} lines are not understood, so their safety cannot be told.`,
        [],
      ),
    );
  }
  // A named formula prints its own jars.
  if (!(assured && isNamed(assurance)) && largest > largestJarMl(product, holdsApples(found))) {
    all.push(
      against(
        `No processing time is published for ${product === 'butter' ? 'this butter' : product.replace('-', ' ')} in jars larger than a ${largestJarName(product, holdsApples(found))}.`,
        [],
      ),
    );
  } else if (process === null && largest <= largestJarMl(product, holdsApples(found))) {
    all.push(against('No processing time is published above 10,000 ft (3,048 m).', []));
  }
  return all;
}

/** Whether its fruit is apple, and nothing else: apple butter alone has a time for quarts. */
export const holdsApples = ({ lines }: Pick<ShelfCase, 'lines'>): boolean => {
  const fruit = lines
    .filter(({ ingredient }) => ingredient.kind === 'fruit')
    .map(({ ingredient }) => ingredient.id);
  return fruit.length > 0 && fruit.every((id) => APPLES.has(id));
};

const APPLES: ReadonlySet<string> = new Set([
  'apple',
  'crab-apple',
  'applesauce',
  'sweetened-applesauce',
]);
