export * from './ambient.ts';
export * from './atmosphere.ts';
export * from './saturation.ts';
