import 'reflect-metadata';

export * from './batch.ts';
export * from './before.ts';
export * from './card.ts';
export * from './clock.ts';
export * from './cook.ts';
export * from './equipment.ts';
export * from './evidence.ts';
export * from './faults.ts';
export * from './kitchen.ts';
export * from './lines.ts';
export * from './planInKitchen.ts';
export * from './planRequest.ts';
export * from './problem.ts';
export * from './reading.ts';
export * from './settings.ts';
export * from './text.ts';
