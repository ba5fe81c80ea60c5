declare module 'knex/lib/dialects/better-sqlite3/index.js' {
  /** Knex’s own client of SQLite, as far as it is built upon here. */
  export default class SqliteClient {
    constructor(config: object);
    /** Set on the client of a transaction. */
    readonly transacting?: boolean;
    runner(builder: unknown): { run(): Promise<unknown> };
    transaction(work: unknown, config?: unknown, outer?: unknown): PromiseLike<unknown>;
  }
}
