import { message } from '@idle-kettle/words/message';
import type { Description } from './description.ts';
import { isCitrus } from './parts.ts';
import type { Part } from './words.ts';

const JUICE_AND_ZEST: ReadonlySet<Part> = new Set<Part>(['juice', 'zest']);

/** In a curd, “4 lemons” are their juice and zest: nobody cooks the whole fruit in it. */
export function citrusForCurd(said: Description): Description {
  const { row, amount, parts, form } = said;
  const isWhole =
    row.kind === 'fruit' &&
    row.state === 'fresh' &&
    isCitrus(row.id) &&
    amount.kind === 'pieces' &&
    parts.size === 0 &&
    form === null;
  return isWhole
    ? {
        ...said,
        parts: JUICE_AND_ZEST,
        assumed: [...said.assumed, message('parser.curdTakesJuiceAndZest')],
      }
    : said;
}
