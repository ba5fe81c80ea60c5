import { logPage } from '../../contract/batch-size';
import type { LoggedEntry } from '../../contract/entries';
import { routes } from '../../contract/routes';
import { request } from './request';

/** All of a run’s log, a page at a time until there is no more. */
export async function wholeLog(runId: string): Promise<LoggedEntry[]> {
  const all: LoggedEntry[] = [];
  for (;;) {
    const page = await request<LoggedEntry[]>(`${routes.log(runId)}?after=${all.at(-1)?.seq ?? 0}`);
    all.push(...page);
    if (page.length < logPage) return all;
  }
}
