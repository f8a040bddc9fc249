export * from './keeping.ts';
export * from './processing.ts';
export * from './shelf.ts';
