import { type SafetyContext, isNamed } from './safetyContext.ts';
import { largestJarMl, largestJarName } from './processing.ts';
import { safetyFinding } from './messages.ts';
import type { SafetyFinding, StorageCase } from './storageCase.ts';

/** Lines that are not understood, jars beyond the tables, altitudes beyond them. */
export function jarFindings({ found, isAssured }: SafetyContext): SafetyFinding[] {
  const { product, unrecognizedLines, process, largestJarMl: largest, assurance } = found;
  const all: SafetyFinding[] = [];
  if (unrecognizedLines > 0) {
    all.push(
      safetyFinding(
        unrecognizedLines === 1
          ? 'One line is not understood, so its safety cannot be told.'
          : `${unrecognizedLines} lines are not understood, so their safety cannot be told.`,
        [],
      ),
    );
  }
  // A named formula prints its own jars.
  if (!(isAssured && isNamed(assurance)) && largest > largestJarMl(product, holdsApples(found))) {
    all.push(
      safetyFinding(
        `No processing time is published for ${product === 'butter' ? 'this butter' : product.replace('-', ' ')} in jars larger than a ${largestJarName(product, holdsApples(found))}.`,
        [],
      ),
    );
  } else if (process === null && largest <= largestJarMl(product, holdsApples(found))) {
    all.push(safetyFinding('No processing time is published above 10,000 ft (3,048 m).', []));
  }
  return all;
}

/** Whether its fruit is apple, and nothing else: apple butter alone has a time for quarts. */
export const holdsApples = ({ lines }: Pick<StorageCase, 'lines'>): boolean => {
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
