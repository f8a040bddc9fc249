import 'reflect-metadata';

export * from './batch.ts';
export * from './faults.ts';
export * from './kitchen.ts';
export * from './lines.ts';
export * from './planRequest.ts';
export * from './problem.ts';
export * from './text.ts';
