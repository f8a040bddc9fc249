export * from './task.ts';
export * from './today.ts';
