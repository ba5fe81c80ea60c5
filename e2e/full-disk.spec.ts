import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import {
  closeSync,
  copyFileSync,
  mkdtempSync,
  openSync,
  readdirSync,
  rmSync,
  statfsSync,
  writeSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { v7 as uuid } from 'uuid';
import type { RunSummary } from '../src/contract/practicals';
import { routes } from '../src/contract/routes';
import { TestServer } from './server';
import { expect, test } from './test';

const megabyte = 1024 * 1024;

/** A disk of a few megabytes, in a space of names of its own: nobody else sees it, and it goes with its process. */
class SmallDisk {
  readonly folder = mkdtempSync(join(tmpdir(), 'tawny-disk-'));
  readonly #holder: ChildProcess;

  private constructor(megabytes: number) {
    const mount = `mount -t tmpfs -o size=${megabytes}m none ${this.folder} && echo there && exec sleep 100000`;
    this.#holder = spawn('unshare', ['--user', '--map-root-user', '--mount', 'sh', '-c', mount]);
  }

  static async of(megabytes: number): Promise<SmallDisk> {
    const disk = new SmallDisk(megabytes);
    await new Promise<void>((resolve, reject) => {
      disk.#holder.stdout!.once('data', () => resolve());
      disk.#holder.once('exit', () => reject(new Error('no disk could be made')));
    });
    return disk;
  }

  /** What starts a command where the disk is seen. */
  get within(): string[] {
    return ['nsenter', `--target=${this.#holder.pid}`, '--user', '--mount', `--wd=${process.cwd()}`];
  }

  /** Its folder as it is seen from here: for reading and writing files, not for databases, which look for their true path. */
  get outside(): string {
    return `/proc/${this.#holder.pid}/root${this.folder}`;
  }

  /** Fills it to the last block. */
  fill(): void {
    const file = openSync(join(this.outside, 'filler'), 'w');
    for (const size of [megabyte, 4096]) {
      try {
        while (writeSync(file, Buffer.alloc(size)) > 0);
      } catch (error) {
        if ((error as { code?: string }).code !== 'ENOSPC') throw error;
      }
    }
    closeSync(file);
  }

  get free(): number {
    const { bavail, bsize } = statfsSync(this.outside);
    return bavail * bsize;
  }

  remove(): void {
    this.#holder.kill('SIGKILL');
    rmSync(this.folder, { recursive: true, force: true });
  }
}

/** Whether this machine lets anyone make a disk of their own: some are shut against it. */
const canMakeDisks =
  spawnSync(
    'unshare',
    ['--user', '--map-root-user', '--mount', 'sh', '-c', 'mount -t tmpfs none /mnt && command -v nsenter'],
    { stdio: 'ignore' },
  ).status === 0;

/** Brings the database to a place where it can be opened from here. */
function copyOut({ outside, folder }: SmallDisk) {
  for (const name of readdirSync(outside).filter((one) => one.startsWith('tawny.sqlite')))
    copyFileSync(join(outside, name), join(folder, name));
}

/** Leaves of a database its one file: the next start must make the two beside it, and needs room for them. */
function closeDatabase(disk: SmallDisk) {
  copyOut(disk);
  const file = join(disk.folder, 'tawny.sqlite');
  const database = new Database(file);
  database.pragma('wal_checkpoint(TRUNCATE)');
  database.close();
  copyFileSync(file, join(disk.outside, 'tawny.sqlite'));
  for (const beside of ['-wal', '-shm']) rmSync(join(disk.outside, `tawny.sqlite${beside}`), { force: true });
}

test('on a full disk the program starts, shows what is there and takes entries; on one nearly full Today says so', async ({
  page,
}) => {
  test.skip(!canMakeDisks, 'no disk can be made here without rights');
  // Above 100 MB room is laid aside for the day it is full.
  const disk = await SmallDisk.of(160);
  const server = await TestServer.unstarted(['--demo'], disk.folder);
  server.within = disk.within;
  try {
    await server.up();
    await page.goto(server.url);
    await expect(page.getByText('Little room is left on the disk of the server')).toBeVisible();
    const runs = await server.json<RunSummary[]>(routes.runs);
    const { id } = runs.find(({ status }) => status === 'planned')!;
    await server.send('POST', routes.runStart(id), {});
    await server.down();
    expect(readdirSync(disk.outside)).toEqual(expect.arrayContaining(['ballast', 'tawny.sqlite']));
    closeDatabase(disk);
    disk.fill();
    expect(disk.free).toBe(0);

    await server.up();
    const entry = {
      ...{ id: uuid(), station: null, at: Date.now(), offset: 0 },
      body: { kind: 'observation', text: 'The disk is full.', when: 'during', sense: null },
    };
    await server.send('POST', routes.log(id), { entries: [entry] });
    await page.reload();
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    // What was laid aside has made room for it, and nothing half-written is left.
    expect(readdirSync(disk.outside).filter((one) => /ballast|\.part$/.test(one))).toEqual([]);
    await server.down();
    copyOut(disk);
    expect(server.query('SELECT id FROM log WHERE id = ?', entry.id)).toHaveLength(1);
  } finally {
    await server.down();
    disk.remove();
  }
});
