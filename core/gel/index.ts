export * from './acidity.ts';
export * from './acids.ts';
export * from './pectin.ts';
