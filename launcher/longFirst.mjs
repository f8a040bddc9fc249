import Sequencer from '@jest/test-sequencer';

/** Test files that take long, the longest first: begun late, one of them would leave the other cores idle at the end. */
const LONG = [
  'launcher/test/faults',
  'server/test/fuzz',
  'core/validation/trials',
  'core/calibration/calibration',
  'core/plan/shelf',
  'core/parser/properties',
  'core/plan/properties',
  'core/yield/packing',
  'core/practice/practice',
  'core/solve/formulaFor',
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
