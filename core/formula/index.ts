export * from './contents.ts';
export * from './line.ts';
export * from './readLine.ts';
