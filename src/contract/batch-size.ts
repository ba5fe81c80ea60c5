/** Most entries in one batch. */
export const batchSize = 1000;

/** Most entries of a log that are told at once; what comes after is asked for next. */
export const logPage = 2500;

/** Header of a page of a log: the place after which to ask for the next; missing on the last. */
export const logNext = 'Log-Next';
