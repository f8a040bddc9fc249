import 'reflect-metadata';

export * from './batch.ts';
export * from './batchSummary.ts';
export * from './pretreatment.ts';
export * from './recipe.ts';
export * from './cookClock.ts';
export * from './cookSession.ts';
export * from './equipment.ts';
export * from './evidence.ts';
export * from './faults.ts';
export * from './kitchen.ts';
export * from './lines.ts';
export * from './owned.ts';
export * from './planRequest.ts';
export * from './problem.ts';
export * from './reading.ts';
export * from './settings.ts';
export * from './text.ts';
