import type { Text } from '@idle-kettle/words/message';
import type { Change } from '../evaluate/index.ts';

/** Something to mind about a batch. */
export type Caution = {
  readonly code: string;
  /**
   * `stop`: do not go on like this. `warn`: about this batch, which will disappoint or do harm
   * unless it is minded. `note`: worth knowing.
   */
  readonly level: 'stop' | 'warn' | 'note';
  readonly text: Text;
  /** Into how many pots it had better be split; absent where that is not the way on. */
  readonly pots?: number;
  /** What would put it right at a press; absent where nothing would. */
  readonly offer?: { readonly act: Text; readonly change: Change };
};

/** A caution not to go on like this. */
export const stop = (code: string, text: Text): Caution => ({ code, level: 'stop', text });
/** A caution about this batch: it will disappoint or do harm unless it is minded. */
export const warn = (code: string, text: Text): Caution => ({ code, level: 'warn', text });
/** A caution that is worth knowing. */
export const note = (code: string, text: Text): Caution => ({ code, level: 'note', text });
