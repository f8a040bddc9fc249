export * from './density.ts';
export * from './finish.ts';
export * from './losses.ts';
export * from './packing.ts';
