import { Problem } from '../problems/problem';

/** Another program may hold the database for a while; it is tried again so often, so long, ms. */
const pauseMs = 40;
const longestMs = 20_000;

const codeOf = (error: unknown): string => (error as { code?: string } | null)?.code ?? '';

/** Whether the database was held by another program when something was to be written: nothing was. */
export const isHeld = (error: unknown) => /^SQLITE_(BUSY|LOCKED)/.test(codeOf(error));

/** Whether there is no room left to write. */
export const isFull = (error: unknown) =>
  /^(SQLITE_FULL|SQLITE_IOERR_WRITE|ENOSPC|EDQUOT)/.test(codeOf(error));

/** Whether it is for want of room that something was not written, whoever says it. */
export const isOutOfRoom = (error: unknown): boolean =>
  isFull(error) || (error instanceof Problem && error.document.status === 507);

/** What cannot be written for want of room is said so: nothing of it was. */
export async function withRoom<T>(work: () => PromiseLike<T> | T): Promise<T> {
  try {
    return await work();
  } catch (error) {
    if (!isFull(error)) throw error;
    throw new Problem(
      507,
      'No room',
      'The disk of the server is full. Nothing was changed; it can be sent again.',
    );
  }
}

/**
 * Does what is all or nothing, one statement or one whole transaction, again while another program holds the database.
 * Others are served meanwhile: waiting inside the database would hold up everyone. What is more than one transaction is
 * never done again from the top: half of it may be there.
 *
 * @throws Problem 503 where it is held too long, 507 where the disk is full; nothing was changed then
 */
export async function patiently<T>(work: () => PromiseLike<T> | T): Promise<T> {
  const started = performance.now();
  for (;;) {
    try {
      return await withRoom(work);
    } catch (error) {
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
