export * from './canner.ts';
