import { message } from '@idle-kettle/words/message';
import type { SafetyContext } from './safetyContext.ts';
import { largestJarMl, largestJarName } from './processing.ts';
import { safetyFinding } from './messages.ts';
import type { SafetyFinding, StorageCase } from './storageCase.ts';

/** What nobody understood may be anything. */
export const unknownLineFindings = ({ found: { unrecognizedLines } }: SafetyContext) =>
  unrecognizedLines === 0
    ? []
    : [
        safetyFinding(
          unrecognizedLines === 1
            ? message('process.oneLineIsNotRecognized')
            : message('process.linesAreNotRecognizedSo', { unrecognizedLines }),
          [],
        ),
      ];

/**
 * A spelling that was put right, or a kind that nobody knows, opens no pantry before somebody
 * confirms it.
 */
export const unconfirmedFindings = ({ found: { lines } }: SafetyContext): SafetyFinding[] =>
  lines.flatMap(({ ingredient, toConfirm }) =>
    toConfirm === undefined
      ? []
      : [
          safetyFinding(
            message('process.confirmFirst', {
              written: toConfirm.name,
              ingredient: ingredient.name,
            }),
            [ingredient.id],
          ),
        ],
  );

/** A kitchen without a canner, jars beyond the tables, altitudes beyond them. */
export function jarFindings({ found }: SafetyContext): SafetyFinding[] {
  const { product, process, canner, largestJarMl: largest } = found;
  if (canner === 'none') return [safetyFinding(message('process.thisKitchenHasNoCanner'), [])];
  const all: SafetyFinding[] = [];
  if (largest > largestJarMl(product, holdsApples(found))) {
    all.push(
      safetyFinding(
        message('process.noProcessingTimeIsPublished', {
          part: product === 'butter' ? message('process.thisButter') : product.replace('-', ' '),
          largestJarName: largestJarName(product, holdsApples(found)),
        }),
        [],
      ),
    );
  } else if (process === null && largest <= largestJarMl(product, holdsApples(found))) {
    all.push(safetyFinding(message('process.noProcessingTimeIsPublishedAbove'), []));
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
