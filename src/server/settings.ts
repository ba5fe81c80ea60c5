import { readFileSync } from 'node:fs';
import { networkInterfaces } from 'node:os';
import { resolve } from 'node:path';
import type { Identity } from './listen';

/** Where the program listens, for whom, and where it keeps its data. */
export interface Settings {
  data: string;
  host: string;
  port: number;
  /** Names a school has given this machine. */
  names: string[];
  /** The invented school is loaded on the first start. */
  demo: boolean;
  /** Nobody need sign in while there is no teacher; only where this machine alone can reach it. */
  open: boolean;
  identity: Identity | null;
}

/** Something that was asked for is not possible; the message says why. */
export class NotPossible extends Error {}

const alone = new Set(['127.0.0.1', '::1', 'localhost']);

/**
 * Reads what was asked for on the command line (`--demo`, `--lan`, `--open`) and in the environment (`TAWNY_DATA`,
 * `TAWNY_HOST`, `TAWNY_PORT`, `TAWNY_NAMES`, `TAWNY_CERT`, `TAWNY_KEY`).
 *
 * @throws NotPossible where something asked for is not possible
 */
export function settingsFrom(given: readonly string[], env: NodeJS.ProcessEnv): Settings {
  const unknown = given.filter((one) => !['--demo', '--lan', '--open'].includes(one));
  if (unknown.length > 0)
    throw new NotPossible(`${unknown[0]} is not known; allowed: --demo, --lan, --open.`);
  const host = given.includes('--lan') ? '0.0.0.0' : (env.TAWNY_HOST ?? '127.0.0.1');
  const own = alone.has(host);
  if (given.includes('--open') && !own) {
    throw new NotPossible(
      '--open is for this machine alone; in a network teachers sign in. Leave one of the two out.',
    );
  }
  const port = Number(env.TAWNY_PORT ?? 4173);
  if (!Number.isInteger(port) || port < 0 || port > 65_535) {
    throw new NotPossible(`TAWNY_PORT is “${env.TAWNY_PORT}”; allowed: a whole number from 0 to 65535.`);
  }
  if ((env.TAWNY_CERT === undefined) !== (env.TAWNY_KEY === undefined)) {
    throw new NotPossible('TAWNY_CERT and TAWNY_KEY go together: the files of a certificate and of its key.');
  }
  return {
    data: resolve(env.TAWNY_DATA ?? 'data'),
    host,
    port,
    names: (env.TAWNY_NAMES ?? '').split(','),
    demo: given.includes('--demo'),
    open: own && (given.includes('--open') || given.includes('--demo')),
    identity:
      env.TAWNY_CERT === undefined
        ? null
        : { cert: readFileSync(env.TAWNY_CERT), key: readFileSync(env.TAWNY_KEY!) },
  };
}

/** Where other machines of the network reach it, as addresses to type; none where it listens to this machine alone. */
export function lanAddresses({ host, identity, names }: Settings, port: number): string[] {
  if (alone.has(host)) return [];
  const scheme = identity ? 'https' : 'http';
  const everywhere = host === '0.0.0.0' || host === '::';
  const own = Object.values(networkInterfaces())
    .flatMap((one) => one ?? [])
    .filter(({ family, internal }) => family === 'IPv4' && !internal)
    .map(({ address }) => address);
  const called = names.map((name) => name.trim()).filter(Boolean);
  return [...called, ...(everywhere ? own : [host])].map((name) => `${scheme}://${name}:${port}`);
}
