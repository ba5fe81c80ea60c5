import { Problem } from '../problems/problem';

/** Another program may hold the database for a while; it is tried again so often, so long, ms. */
const pauseMs = 40;
const longestMs = 20_000;

const codeOf = (error: unknown): string => (error as { code?: string } | null)?.code ?? '';

/** Whether the database was held by another program when something was to be written: nothing was. */
const isHeld = (error: unknown) => /^SQLITE_(BUSY|LOCKED)/.test(codeOf(error));

/** Whether there is no room left to write. */
const isFull = (error: unknown) => /^(SQLITE_FULL|SQLITE_IOERR_WRITE|ENOSPC|EDQUOT)/.test(codeOf(error));

/**
 * Does what is all or nothing, again while another program holds the database. Others are served meanwhile: waiting
 * inside the database would hold up everyone.
 *
 * @throws Problem 503 where it is held too long, 507 where the disk is full; nothing was changed then
 */
export async function patiently<T>(work: () => Promise<T> | T): Promise<T> {
  const started = performance.now();
  for (;;) {
    try {
      return await work();
    } catch (error) {
      if (isFull(error)) {
        throw new Problem(
          507,
          'No room',
          'The disk of the server is full. Nothing was changed; it can be sent again.',
        );
      }
      if (!isHeld(error)) throw error;
      if (performance.now() - started > longestMs) {
        throw new Problem(
          503,
          'Busy',
          'Another program holds the database. Nothing was changed; it can be sent again.',
        );
      }
      await new Promise((resolve) => setTimeout(resolve, pauseMs));
    }
  }
}
