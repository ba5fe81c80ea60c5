import type { BackupState } from '../../contract/school';
import { newestBackup } from './backup';

const dayMs = 24 * 3_600_000;
/** After one that failed it is tried again so soon, ms. */
const againMs = 10 * 60_000;

/** Makes a copy at the end of each run and daily, and remembers how that went: one that failed is for the teacher to see. */
export class Backups {
  readonly #copy: (now: Date) => Promise<unknown>;
  readonly #logger: { error(details: object, text: string): void };
  #state: BackupState;
  #timer: NodeJS.Timeout | null = null;

  /** @param copy makes one copy: `backUp`, or a thread that does */
  constructor(
    dataFolder: string,
    copy: (now: Date) => Promise<unknown>,
    logger: { error(details: object, text: string): void },
  ) {
    this.#copy = copy;
    this.#logger = logger;
    this.#state = { lastAt: newestBackup(dataFolder), failed: null };
  }

  get state(): BackupState {
    return this.#state;
  }

  /** Makes one now. It never throws: what went wrong is in the state. */
  async make(): Promise<void> {
    const now = new Date();
    try {
      await this.#copy(now);
      this.#state = { lastAt: now.getTime(), failed: null };
    } catch (error) {
      this.#logger.error({ err: error }, 'backup failed');
      this.#state = { ...this.#state, failed: { at: now.getTime(), why: whyOf(error) } };
    }
  }

  /** Makes one now if the last is a day old, and from then on daily; sooner after a failure. */
  daily(): void {
    const due = () => {
      const { lastAt, failed } = this.#state;
      const inMs = failed ? againMs : Math.max(1000, (lastAt ?? 0) + dayMs - Date.now());
      this.#timer = setTimeout(() => void this.make().then(due), Math.min(inMs, dayMs));
      this.#timer.unref();
    };
    due();
  }

  stop(): void {
    if (this.#timer) clearTimeout(this.#timer);
  }
}

/** Why a file could not be written, in words. */
function whyOf(error: unknown): string {
  const { code = '', message = String(error) } = error as { code?: string; message?: string };
  if (code === 'ENOSPC' || code === 'SQLITE_FULL') return 'the disk is full';
  if (['EACCES', 'EPERM', 'EROFS', 'SQLITE_READONLY', 'SQLITE_CANTOPEN'].includes(code))
    return 'the folder for backups cannot be written to';
  return message;
}
