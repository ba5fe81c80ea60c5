/** Most entries in one batch. */
export const batchSize = 1000;

/** Most entries of a log that are told at once; what comes after is asked for next. */
export const logPage = 2500;

/** A page of a log also ends where its entries take so much, characters: those with long words come a few at a time. */
export const logPageLong = 600_000;

/** Header of a page of a log: the place after which to ask for the next; missing on the last. */
export const logNext = 'Log-Next';
