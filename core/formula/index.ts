export * from './contents.ts';
export * from './formatLine.ts';
export * from '../reader/index.ts';
export * from '../reader/index.ts';
export * from './restate.ts';
export * from './scaleLine.ts';
