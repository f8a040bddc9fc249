import { message } from '@idle-kettle/words/message';
import type { Description } from './description.ts';
import type { MeasuresId } from './measures.ts';
import type { Token } from './tokens.ts';

/**
 * A sugar with pectin that names no ratio is made for its own weight of fruit, and says so: jam
 * sugar in a UK kitchen is always that.
 */
export const plainGellingSugar = (
  said: Description,
  tokens: readonly Token[],
  measures: MeasuresId,
): Description =>
  said.row.id !== 'jam-sugar' ||
  tokens.some(({ lower }) => lower === '1:1') ||
  (measures === 'uk' && !tokens.some(({ lower }) => lower === 'gelling'))
    ? said
    : { ...said, assumed: [...said.assumed, message('parser.noRatioCountsAsOneToOne')] };
