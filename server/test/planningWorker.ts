import { join } from 'node:path';

/** The compiled program of the planning threads, which `./kettle test` builds before the tests. */
export const PLANNING_WORKER = join(import.meta.dirname, '../dist/planning/planning.bundle.js');
