export * from './contents.ts';
export * from './formatLine.ts';
export * from './line.ts';
export * from './readLine.ts';
export * from './restate.ts';
export * from './scaleLine.ts';
