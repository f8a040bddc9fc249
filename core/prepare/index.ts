export * from './cost.ts';
export * from './prepareOf.ts';
