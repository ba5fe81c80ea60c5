import { networkInterfaces } from 'node:os';
import type { RequestHandler } from 'express';
import { pictureTypes } from '../../contract/pictures';
import { routes } from '../../contract/routes';
import { Problem } from '../problems/problem';

/** Names by which this machine calls itself. */
const loopback = ['localhost', '127.0.0.1', '::1'];

/**
 * Names under which the program is reached: its own of this machine, and where it listens to the network, the addresses
 * it has there.
 *
 * @param listensOn the address it listens on; one of all networks is `0.0.0.0` or `::`
 * @param also names a school has given it, such as `kitchen.school.lan`
 */
export function ownNames(listensOn: string, also: readonly string[] = []): ReadonlySet<string> {
  const everywhere = listensOn === '0.0.0.0' || listensOn === '::';
  const addresses = Object.values(networkInterfaces()).flatMap((one) => one ?? []);
  return new Set([
    ...loopback,
    ...(everywhere ? addresses.map(({ address }) => address.toLowerCase()) : [listensOn.toLowerCase()]),
    ...also.map((name) => name.trim().toLowerCase()).filter(Boolean),
  ]);
}

/** The name in a Host header, without its port; null where it is none. */
function nameIn(host: string | undefined): string | null {
  const match = /^(?:\[([0-9a-f:.]+)\]|([^:[\]]+))(?::\d+)?$/i.exec(host ?? '');
  return match ? (match[1] ?? match[2]!).toLowerCase() : null;
}

/**
 * Answers only to its own names: a page that had a name of its own lead to this machine (DNS rebinding) is of the same
 * origin to a browser, and would read and write all there is.
 */
export function onlyOwnNames(names: ReadonlySet<string>): RequestHandler {
  return (request, _response, next) => {
    const name = nameIn(request.headers.host);
    if (name !== null && names.has(name)) {
      next();
      return;
    }
    throw new Problem(
      421,
      'Not this machine',
      `This program is not called “${request.headers.host ?? ''}”. Open it by the address it printed when it started; another name is allowed by TAWNY_NAMES.`,
    );
  };
}

const reads = new Set(['GET', 'HEAD', 'OPTIONS']);

/** Whether a browser says that the request comes from another page than the program’s own. */
function isFromElsewhere(origin: string | undefined, site: string | undefined, host: string): boolean {
  if (site !== undefined && site !== 'same-origin' && site !== 'none') return true;
  if (origin === undefined) return false;
  return !URL.canParse(origin) || new URL(origin).host !== host.toLowerCase();
}

/** What a write to a path may be. */
function typesFor(path: string): readonly string[] {
  if (/\/pictures\/[^/]+$/.test(path)) return pictureTypes;
  return path === routes.imports ? ['application/json', 'application/zip'] : ['application/json'];
}

/**
 * Writes come from the program’s own page or from a program that is no browser, and say what they are: a form of another
 * page can send neither JSON nor a picture without asking first.
 */
export const onlyOwnWrites: RequestHandler = (request, _response, next) => {
  if (reads.has(request.method)) {
    next();
    return;
  }
  const { origin, host = '' } = request.headers;
  if (isFromElsewhere(origin, request.get('sec-fetch-site'), host)) {
    throw new Problem(
      403,
      'From elsewhere',
      'Another page asked for this. Only the pages of this program may. Nothing was changed.',
    );
  }
  const type = (request.get('content-type') ?? '').split(';')[0]!.trim().toLowerCase();
  const allowed = typesFor(request.path);
  if (!allowed.includes(type)) {
    throw new Problem(
      415,
      'Not readable here',
      `The content type is “${type}”; allowed: ${allowed.join(', ')}. Nothing was changed.`,
    );
  }
  next();
};
