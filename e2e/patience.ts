import { slowness } from '../scripts/machine-speed.mjs';
import { throttle } from './throttle';

/** How much longer than usual things may take here and now. */
const longer = slowness() * throttle;

/**
 * Guards against hanging, ms: no test takes a tenth of them on a quiet machine, and no test’s verdict depends on them. A
 * lesson of some minutes at sixty times the speed is the longest thing waited for.
 */
export const patience = {
  timeout: 400_000 * longer,
  expect: { timeout: 90_000 * longer, toPass: { timeout: 90_000 * longer } },
};

/** A program that does not answer after so long will not, ms. */
export const comesUpMs = 120_000 * longer;
