import { spawn, type ChildProcess } from 'node:child_process';
import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import Database from 'better-sqlite3';
import { comesUpMs } from './patience';

/** The invented school as it is after its first start, made once for all tests (`demo-school.ts`). */
export const demoData = join('test-results', 'demo-school');

/** An answer that was no. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    text: string,
  ) {
    super(`${status} ${text}`);
  }
}

const newData = () => mkdtempSync(join(tmpdir(), 'tawny-e2e-'));

/** The built program as a process of its own, with a data folder of its own; it can be stopped, killed and started again. */
export class TestServer {
  readonly data: string;
  readonly port: number;
  readonly #args: readonly string[];
  #names = '';
  #process: ChildProcess | null = null;
  /** A command the process is started through. */
  within: readonly string[] = [];
  /** What it said on its console. */
  said = '';

  private constructor(port: number, args: readonly string[], data: string) {
    this.port = port;
    this.#args = args;
    this.data = data;
  }

  /**
   * @param lan open to the network, so that teachers sign in
   * @param names it answers to besides its own
   */
  static async start({ demo = false, lan = false, names = '' } = {}): Promise<TestServer> {
    const args = [demo ? '--demo' : '', lan ? '--lan' : demo ? '' : '--open'].filter(Boolean);
    const server = await TestServer.unstarted(args);
    server.#names = names;
    if (demo) cpSync(demoData, server.data, { recursive: true });
    await server.up();
    return server;
  }

  /** One that is not started yet, in a data folder that may have something in it. */
  static async unstarted(args: readonly string[], data = newData()): Promise<TestServer> {
    return new TestServer(await freePort(), args, data);
  }

  get url(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  get pid(): number {
    return this.#process!.pid!;
  }

  /** Starts the process and does not wait. */
  begin(): void {
    const [command, ...args] = [...this.within, process.execPath, 'dist/server/main.js', ...this.#args];
    this.#process = spawn(command!, args, {
      env: {
        ...process.env,
        ...{ TAWNY_DATA: this.data, TAWNY_PORT: String(this.port), TAWNY_HOST: '127.0.0.1' },
        TAWNY_NAMES: this.#names,
      },
      stdio: ['ignore', 'pipe', 'inherit'],
    });
    this.#process.stdout!.on('data', (text: Buffer) => (this.said += text.toString()));
  }

  /** Starts the process and waits until it answers. */
  async up(): Promise<void> {
    this.begin();
    const until = performance.now() + comesUpMs;
    while (!(await this.#answers())) {
      if (performance.now() > until) throw new Error('the program does not come up');
      await pause(20);
    }
  }

  /** Ends the process: politely, or with SIGKILL. */
  async down(signal: 'SIGTERM' | 'SIGKILL' = 'SIGTERM'): Promise<void> {
    const running = this.#process;
    this.#process = null;
    if (!running || running.exitCode !== null || running.signalCode !== null) return;
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
    return this.#read(path, await fetch(this.url + path));
  }

  async send<T>(method: string, path: string, body: unknown): Promise<T> {
    const response = await fetch(this.url + path, {
      method,
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
    return this.#read(`${method} ${path}`, response);
  }

  async #read<T>(what: string, response: Response): Promise<T> {
    if (!response.ok) throw new Refused(response.status, `${what}: ${await response.text()}`);
    return (await response.json()) as T;
  }

  #answers(): Promise<boolean> {
    return fetch(`${this.url}/healthz`).then(
      ({ ok }) => ok,
      () => false,
    );
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
