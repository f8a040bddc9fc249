import { wrap, type Remote } from 'comlink';
import type { Planner } from './planner.worker.ts';

const start = (): Remote<Planner> =>
  wrap<Planner>(new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' }));

let typing: Remote<Planner> | null = null;
let asking: Remote<Planner> | null = null;

/** The worker that follows the typing. */
export const planner = (): Remote<Planner> => (typing ??= start());

/** A second worker for questions that take longer, so that the typing never waits for them. */
export const slowPlanner = (): Remote<Planner> => (asking ??= start());
