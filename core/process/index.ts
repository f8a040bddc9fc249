export * from './processing.ts';
export * from './shelf.ts';
