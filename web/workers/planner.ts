import { Hand, hireWorker } from './hand.ts';
import type { Planner } from './planner.worker.ts';

const hire = () =>
  hireWorker<Planner>(
    () => new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' }),
  );

/** The worker that follows the typing. */
export const planner = new Hand(hire);

/** A second worker for questions that take longer, so that the typing never waits for them. */
export const slowPlanner = new Hand(hire);
