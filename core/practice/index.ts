export * from './debrief.ts';
export * from './drops.ts';
export * from './faults.ts';
export * from './kettle.ts';
export * from './obedient.ts';
export * from './practice.ts';
export * from './senses.ts';
export * from './spoiled.ts';
