import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect } from '@playwright/test';
import Database from 'better-sqlite3';

/** The built program as a process of its own, with a data folder of its own; it can be stopped, killed and started again. */
export class TestServer {
  readonly data = mkdtempSync(join(tmpdir(), 'tawny-e2e-'));
  readonly port: number;
  readonly #args: readonly string[];
  #process: ChildProcess | null = null;
  /** What it said on its console. */
  said = '';

  private constructor(port: number, args: readonly string[]) {
    this.port = port;
    this.#args = args;
  }

  /** `lan`: open to the network, so that teachers sign in. */
  static async start({ demo = false, lan = false } = {}): Promise<TestServer> {
    const args = [demo ? '--demo' : '', lan ? '--lan' : demo ? '' : '--open'].filter(Boolean);
    const server = new TestServer(await freePort(), args);
    await server.up();
    return server;
  }

  get url(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  /** Starts the process and waits until it answers. */
  async up(): Promise<void> {
    this.#process = spawn(process.execPath, ['dist/server/main.js', ...this.#args], {
      env: { ...process.env, TAWNY_DATA: this.data, TAWNY_PORT: String(this.port), TAWNY_HOST: '127.0.0.1' },
      stdio: ['ignore', 'pipe', 'inherit'],
    });
    this.#process.stdout!.on('data', (text: Buffer) => (this.said += text.toString()));
    await expect(async () => {
      expect((await fetch(`${this.url}/healthz`)).ok, 'the server comes up').toBe(true);
    }).toPass({ intervals: [50], timeout: 15_000 });
  }

  /** Ends the process: politely, or with SIGKILL. */
  async down(signal: 'SIGTERM' | 'SIGKILL' = 'SIGTERM'): Promise<void> {
    const running = this.#process;
    this.#process = null;
    if (!running || running.exitCode !== null) return;
    const ended = new Promise((resolve) => running.once('exit', resolve));
    running.kill(signal);
    await ended;
  }

  /** Stops the process for good and throws its data away. */
  async remove(): Promise<void> {
    await this.down();
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

  async json<T>(path: string): Promise<T> {
    return (await (await fetch(this.url + path)).json()) as T;
  }

  async send<T>(method: string, path: string, body: unknown): Promise<T> {
    const response = await fetch(this.url + path, {
      method,
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
    if (!response.ok) throw new Error(`${method} ${path}: ${response.status} ${await response.text()}`);
    return (await response.json()) as T;
  }
}

function freePort(): Promise<number> {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address();
      probe.close(() => resolve(typeof address === 'object' && address ? address.port : 0));
    });
  });
}
