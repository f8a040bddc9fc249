export * from './acids.ts';
export * from './acidity.ts';
export * from './batch.ts';
export * from './body.ts';
export * from './lowMethoxyl.ts';
export * from './pectin.ts';
export * from './set.ts';
