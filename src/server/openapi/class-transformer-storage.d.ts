declare module 'class-transformer/cjs/storage' {
  /** Where class-transformer keeps what `@Type` said; the schema maker reads nested types from it. */
  export const defaultMetadataStorage: never;
}
