/** Most entries in one batch. */
export const batchSize = 1000;
