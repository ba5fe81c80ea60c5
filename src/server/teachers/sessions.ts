import type { Knex } from 'knex';
import type { TeacherActor } from '../actors/actor';
import { newToken, tokenHash } from '../actors/tokens';
import { forwardClock } from './forward-clock';

/** A session ends after so long without a request, and after so long in all, ms: a working day, a working week. */
export const sessionLasts = { idleMs: 10 * 3_600_000, inAllMs: 7 * 24 * 3_600_000 };
/** What was read of a session is believed for so long, ms: the console may end one meanwhile. */
const believedMs = 2000;
/** When it was last seen is written down no more often than this, ms. */
const writtenEveryMs = 60_000;

interface Row {
  token_hash: string;
  teacher_id: string;
  created_at: number;
  seen_at: number;
  name: string;
  admin: 0 | 1;
}

/** Ends all sessions of a teacher, but for one, in the transaction `knex` is. */
export async function endSessionsOf(knex: Knex, teacherId: string, but: string | null = null): Promise<void> {
  const ended = knex('sessions').where({ teacher_id: teacherId });
  await (but === null ? ended : ended.andWhereNot({ token_hash: but })).delete();
}

/** Teachers who are signed in. */
export class Sessions {
  readonly #knex: Knex;
  readonly #now: () => number;
  readonly #known = new Map<string, { actor: TeacherActor | null; readAt: number }>();

  constructor(knex: Knex, now: () => number, steady?: () => number) {
    this.#knex = knex;
    this.#now = forwardClock(now, steady);
  }

  async begin(teacherId: string): Promise<string> {
    const token = newToken();
    const now = this.#now();
    await this.#knex('sessions')
      .where('created_at', '<', now - sessionLasts.inAllMs)
      .delete();
    await this.#knex('sessions').insert({
      token_hash: tokenHash(token),
      teacher_id: teacherId,
      created_at: now,
      seen_at: now,
    });
    return token;
  }

  /** Whose session it is; null where it is none, or no longer. */
  async teacherOf(token: string): Promise<TeacherActor | null> {
    const session = tokenHash(token);
    const now = this.#now();
    const known = this.#known.get(session);
    if (known && now - known.readAt < believedMs) return known.actor;
    const actor = await this.#read(session, now);
    if (this.#known.size > 1000) this.#known.clear();
    this.#known.set(session, { actor, readAt: now });
    return actor;
  }

  /** Ends one session. */
  async end(session: string): Promise<void> {
    await this.#knex('sessions').where({ token_hash: session }).delete();
    this.#known.delete(session);
  }

  /** Believes nothing of what was read any more: sessions have ended. */
  forget(): void {
    this.#known.clear();
  }

  async #read(session: string, now: number): Promise<TeacherActor | null> {
    const row = await this.#knex('sessions')
      .join('teachers', 'teachers.id', 'sessions.teacher_id')
      .where({ token_hash: session, closed_at: null })
      .first<Row | undefined>('sessions.*', 'teachers.name', 'teachers.admin');
    if (!row) return null;
    // It stays in the table until the next one begins: whoever only asks, writes nothing that must wait.
    if (now - row.seen_at > sessionLasts.idleMs || now - row.created_at > sessionLasts.inAllMs) return null;
    // A moment to come was noted by a clock that went ahead before the program was started anew: its time counts from now.
    const ahead = Math.max(row.seen_at, row.created_at) > now;
    if (ahead || now - row.seen_at > writtenEveryMs) {
      // Nobody waits for it to be noted: the database may be held by another program just now.
      void this.#knex('sessions')
        .where({ token_hash: session })
        .update({ seen_at: now, created_at: Math.min(row.created_at, now) })
        .catch(() => undefined);
    }
    return { kind: 'teacher', id: row.teacher_id, name: row.name, admin: row.admin === 1, session };
  }
}
