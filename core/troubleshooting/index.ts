export { CAUSES, CAUSES_OF, type CauseId } from './causes.ts';
export type { DiscardReason } from './discard.ts';
export * from './facts.ts';
export { likelihood } from './rank.ts';
export { FINDINGS } from './findings.ts';
export * from './trouble.ts';
export { publishedFor, QUART_ML, type Published, type RemakeWay } from './published.ts';
export * from './remake.ts';
export type { WayNow } from './waysNow.ts';
