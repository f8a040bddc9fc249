export * from './contents.ts';
export * from './formatLine.ts';
export * from '../parser/index.ts';
export * from '../parser/index.ts';
export * from './restate.ts';
export * from './scaleLine.ts';
