import Sequencer from '@jest/test-sequencer';
import { secondsOf } from './testSeconds.mjs';

/** Its types tell of a wrapper that is not there. */
const Usual = /** @type {typeof Sequencer.default} */ (/** @type {unknown} */ (Sequencer));

/**
 * Long files first, the others in Jest’s own order: one that is begun late would leave the other
 * cores idle at the end.
 */
export default class LongFirst extends Usual {
  /** @override @param {import('@jest/test-result').Test[]} tests */
  async sort(tests) {
    const usual = await super.sort(tests);
    return [...usual].sort((a, b) => secondsOf(b.path) - secondsOf(a.path));
  }
}
