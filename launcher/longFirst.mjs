import Sequencer from '@jest/test-sequencer';

/**
 * Test files that take long, the longest first: begun late, one of them would leave the other cores
 * idle at the end.
 */
const LONG = [
  'launcher/test/faults',
  'server/test/fuzz',
  'core/process/families',
  'core/process/metamorphic',
  'core/plan/storage',
  'core/validation/validation',
  'core/calibration/calibration',
  'core/stove/estimator',
  'core/plan/infusions',
  'core/plan/properties',
  'core/yield/packing',
  'web/balance/balanceDrawn',
  'core/parser/properties',
  'core/stove/transitions',
  'core/practice/practice',
  'core/solve/formulaFor',
  'core/advice/sets',
  'web/stove/delivery',
];

/** @param {string} path */
const place = (path) => {
  const at = LONG.findIndex((name) => path.includes(name));
  return at === -1 ? LONG.length : at;
};

/** Its types tell of a wrapper that is not there. */
const Usual = /** @type {typeof Sequencer.default} */ (/** @type {unknown} */ (Sequencer));

/** Long files first; the others in Jest’s own order. */
export default class LongFirst extends Usual {
  /** @override @param {import('@jest/test-result').Test[]} tests */
  async sort(tests) {
    const usual = await super.sort(tests);
    return [...usual].sort((a, b) => place(a.path) - place(b.path));
  }
}
