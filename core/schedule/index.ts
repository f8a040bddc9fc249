export * from './batchProgress.ts';
export * from './crew.ts';
export * from './crewLine.ts';
export * from './day.ts';
export * from './dayRequest.ts';
export * from './handMinutes.ts';
export * from './liveDay.ts';
export * from './short.ts';
export * from './workedDay.ts';
export {
  HELD_KINDS,
  type HeldKind,
  type ThingKind,
  type Job,
  type Piece,
  type Segment,
  type Things,
} from './job.ts';
export { OF_ITSELF, schedule, type Schedule } from './solve.ts';
