export * from './task.ts';
export * from './today.ts';
export * from './taskInWords.ts';
