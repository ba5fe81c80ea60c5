import { configure } from '@testing-library/dom';
import { vi } from 'vitest';
import { slowness } from '../scripts/machine-speed.mjs';

/** What is waited for comes, or the test hangs: never a verdict on how fast it came, ms. */
const longestMs = 100_000 * slowness();

configure({ asyncUtilTimeout: longestMs });
const { waitFor } = vi;
vi.waitFor = (callback, options = longestMs) => waitFor(callback, options);
