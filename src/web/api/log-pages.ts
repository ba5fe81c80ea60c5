import { logPage } from '../../contract/batch-size';
import type { LoggedEntry } from '../../contract/entries';
import { request } from './request';

/**
 * A log from a place on, a page at a time until there is no more.
 *
 * @param address of the log
 */
export async function* logPages(address: string, after = 0): AsyncGenerator<LoggedEntry[]> {
  for (let seq = after; ;) {
    const page = await request<LoggedEntry[]>(`${address}?after=${seq}`);
    yield page;
    if (page.length < logPage) return;
    seq = page.at(-1)!.seq;
  }
}
