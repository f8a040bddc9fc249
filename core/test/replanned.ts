import { changed, type PlanRequest } from '../evaluate/index.ts';
import { planned, request } from './planned.ts';

/** The plan of a batch after a remedy. */
export const replanned = (change: Partial<PlanRequest>, remedy: Parameters<typeof changed>[1]) =>
  planned(changed(request(change), remedy));
