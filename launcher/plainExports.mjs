import { createTransformer } from '@swc/jest';

/** What swc defines every export with: it is looked up anew whenever it is used. */
const GETTER = /enumerable: true,(\s+)get:/g;
/** Our modules import in no circle, so that all of them are what they stay once they have run. */
const KEPT = `
for (const name of Object.keys(exports))
  Object.defineProperty(exports, name, { value: exports[name], enumerable: true });
`;

/** @typedef {import('@jest/transform').SyncTransformer<unknown>} Transformer */

/**
 * TypeScript for the tests, by swc, with exports that are plain values once a module has run: what
 * computes calls across modules all the time, and each call would go through a getter or two.
 */
export default {
  /** @param {Parameters<typeof createTransformer>[0]} options @returns {Transformer} */
  createTransformer(options) {
    const swc = /** @type {Transformer} */ (createTransformer(options));
    return {
      process(text, path, how) {
        const { code, ...rest } = swc.process(text, path, how);
        const looked = code.replace(GETTER, 'enumerable: true,$1configurable: true,$1get:');
        return { ...rest, code: looked + KEPT };
      },
      getCacheKey: (text, path, how) => `plain ${swc.getCacheKey?.(text, path, how) ?? ''}`,
    };
  },
};
