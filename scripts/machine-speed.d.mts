/** How many times slower than usual this machine is, at least 1. */
export function slowness(): number;
