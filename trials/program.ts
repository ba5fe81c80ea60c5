import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';

/** The built program as a process that can be killed at any moment, in a data folder that stays. */
export class Program {
  readonly data: string;
  readonly port: number;
  readonly #args: readonly string[];
  #process: ChildProcess | null = null;

  private constructor(data: string, port: number, args: readonly string[]) {
    this.data = data;
    this.port = port;
    this.#args = args;
  }

  static async in(args: readonly string[] = ['--open'], data = mkdtempSync(join(tmpdir(), 'tawny-fault-'))) {
    return new Program(data, await freePort(), args);
  }

  get pid(): number {
    return this.#process!.pid!;
  }

  get url(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  /** Starts it and does not wait. */
  start(): void {
    this.#process = spawn(process.execPath, ['dist/server/main.js', ...this.#args], {
      env: {
        ...process.env,
        TAWNY_DATA: this.data,
        TAWNY_PORT: String(this.port),
        TAWNY_HOST: '127.0.0.1',
        TAWNY_LOG: 'silent',
      },
      stdio: 'ignore',
    });
  }

  async up(): Promise<void> {
    this.start();
    const until = performance.now() + 30_000;
    for (;;) {
      if (
        await fetch(`${this.url}/healthz`).then(
          ({ ok }) => ok,
          () => false,
        )
      )
        return;
      if (performance.now() > until) throw new Error('the program does not start');
      await pause(20);
    }
  }

  async kill(signal: 'SIGKILL' | 'SIGTERM' = 'SIGKILL'): Promise<void> {
    const running = this.#process;
    this.#process = null;
    if (!running || running.exitCode !== null || running.signalCode !== null) return;
    const ended = new Promise((resolve) => running.once('exit', resolve));
    running.kill(signal);
    await ended;
  }

  async remove(): Promise<void> {
    await this.kill();
    rmSync(this.data, { recursive: true, force: true });
  }

  /** Asks the database itself. */
  query<T>(sql: string, ...values: unknown[]): T[] {
    const database = new Database(join(this.data, 'tawny.sqlite'), { readonly: true });
    try {
      return database.prepare(sql).all(...values) as T[];
    } finally {
      database.close();
    }
  }

  /** Whether its database is sound. */
  isSound(): boolean {
    return this.query<{ integrity_check: string }>('PRAGMA integrity_check')[0]?.integrity_check === 'ok';
  }

  async send<T>(path: string, body: unknown, method = 'POST'): Promise<T> {
    const response = await fetch(this.url + path, {
      method,
      headers: { 'content-type': 'application/json' },
      ...(method !== 'GET' && { body: JSON.stringify(body) }),
      signal: AbortSignal.timeout(60_000),
    });
    if (!response.ok) throw new Refused(response.status, await response.text());
    return (await response.json()) as T;
  }
}

/** An answer that was no. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    text: string,
  ) {
    super(`${status} ${text}`);
  }
}

export const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

function freePort(): Promise<number> {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as AddressInfo;
      probe.close(() => resolve(port));
    });
  });
}
