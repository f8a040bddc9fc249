export * from './acidity.ts';
export * from './acids.ts';
export * from './batch.ts';
export * from './pectin.ts';
