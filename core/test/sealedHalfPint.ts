import type { StorageCase } from '../process/index.ts';
import { HALF_PINT } from './canner.ts';

/** A batch as it is processed as a rule: sealed in half-pints, ten minutes in boiling water. */
export const SEALED_HALF_PINT = {
  process: { minutes: 10, presterilise: false },
  canner: 'boiling-water',
  storeIn: null,
  largestJarMl: HALF_PINT,
  rawPH: null,
} as const satisfies Partial<StorageCase>;
