import { configure } from '@testing-library/dom';
import { vi } from 'vitest';
import { ownAnswer } from './contract/problem';
import { slowness } from '../scripts/machine-speed.mjs';

/** What a test answers in place of the server bears the server’s mark. */
class OwnResponse extends Response {
  constructor(body?: BodyInit | null, init?: ResponseInit) {
    super(body, init);
    this.headers.set(ownAnswer, 'test');
  }
  static override json(data: unknown, init?: ResponseInit): Response {
    return new OwnResponse(JSON.stringify(data), {
      ...init,
      headers: { 'content-type': 'application/json', ...(init?.headers as Record<string, string>) },
    });
  }
}
globalThis.Response = OwnResponse;

/** What is waited for comes, or the test hangs: never a verdict on how fast it came, ms. */
const longestMs = 100_000 * slowness();

configure({ asyncUtilTimeout: longestMs });
const { waitFor } = vi;
vi.waitFor = (callback, options = longestMs) => waitFor(callback, options);
