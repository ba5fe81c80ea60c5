import { logNext } from '../../contract/batch-size';
import type { LoggedEntry } from '../../contract/entries';
import { request } from './request';

/**
 * A log from a place on, a page at a time until there is no more. The page after the one that is being read is on its
 * way meanwhile.
 *
 * @param address of the log
 */
export async function* logPages(address: string, after = 0): AsyncGenerator<LoggedEntry[]> {
  let asked = ask(address, String(after));
  for (;;) {
    const next = await asked.next;
    const following = next === null ? null : ask(address, next);
    yield await asked.entries;
    if (!following) return;
    asked = following;
  }
}

/** Asks for a page; what comes after it is known as soon as its answer begins. */
function ask(address: string, after: string) {
  let told: (next: string | null) => void = () => undefined;
  const next = new Promise<string | null>((resolve) => (told = resolve));
  const entries = request<LoggedEntry[]>(`${address}?after=${after}`, {
    heard: (headers) => told(headers.get(logNext)),
  });
  // It is told when the page itself is waited for.
  entries.catch(() => told(null));
  return { next, entries };
}
