/**
 * The package ships this file without a declaration; its rules on nested classes are kept there.
 */
declare module 'class-transformer/cjs/storage.js' {
  import type { MetadataStorage } from 'class-transformer/types/MetadataStorage.js';
  export const defaultMetadataStorage: MetadataStorage;
}
