/** `TAWNY_THROTTLE=8`: every page has an eighth of the processor, by the browser’s own throttle. */
export const throttle = Math.max(1, Number(process.env.TAWNY_THROTTLE ?? 1));
