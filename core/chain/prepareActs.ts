import { isSugar, type Method } from '../method/index.ts';
import { isEmptied, massOfLines, type UnderstoodLine } from '../parser/index.ts';
import { act, usedOf, type Act } from './act.ts';

/** Sugar that carries powdered pectin so that it does not clump, g: ¼ cup; common practice. */
export const CARRIER_SUGAR_G = 50;

/** Whether some of a formula's sugar carries its powdered pectin. */
export const carriesPectin = (method: Method, sugarG: number): boolean =>
  method === 'powdered-pectin' && sugarG > 4 * CARRIER_SUGAR_G;

/** What is weighed and mixed before the heat. */
export function prepareActs(method: Method, lines: readonly UnderstoodLine[]): readonly Act[] {
  const emptied = lines.filter(isEmptied);
  const own = lines.filter((line) => !isEmptied(line));
  return [
    ...(emptied.length === 0
      ? []
      : [act({ id: 'empty-jars', phase: 'prepare', uses: usedOf(emptied), mayWaitMin: 60 })]),
    act({ id: 'weigh', phase: 'prepare', uses: usedOf(own), mayWaitMin: 60 }),
    // Where jars are emptied, all of it goes in cold with its sugar.
    ...(emptied.length === 0 && carriesPectin(method, massOfLines(own.filter(isSugar)))
      ? [act({ id: 'carry-pectin', phase: 'prepare', mayWaitMin: 60 })]
      : []),
  ];
}
