/** Fetches what the shelf knows: tables and calculators. */
export const loadBody = () => import('./ShelfBody').then((body) => body.ShelfBody);
