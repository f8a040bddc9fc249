import { RestartingWorker, startWorker } from './restartingWorker.ts';
import type { Planner } from './planner.worker.ts';

const hire = () =>
  startWorker<Planner>(
    () => new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' }),
  );

/** The worker that follows the typing. */
export const planner = new RestartingWorker(hire);

/** A second worker for questions that take longer, so that the typing never waits for them. */
export const slowPlanner = new RestartingWorker(hire);
