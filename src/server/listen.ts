import {
  createServer as createPlain,
  type IncomingMessage,
  type RequestListener,
  type Server,
  type ServerResponse,
} from 'node:http';
import { createServer as createSecure } from 'node:https';
import type { Duplex } from 'node:stream';
import { problemType, type ProblemDocument } from '../contract/problem';
import { keepRoom } from './door/connections';

/** Key and certificate of a school that has its own; with them tablets open pages without the network too. */
export interface Identity {
  key: Buffer;
  cert: Buffer;
}

const limits = {
  /** Names and cookies of a request, bytes; a browser of ours sends less than one. */
  maxHeaderSize: 16_384,
  /** A request that dawdles is let go, ms: so long for its head, so long in all (a large run file over school Wi-Fi). */
  headersTimeout: 15_000,
  requestTimeout: 120_000,
  connectionsCheckingInterval: 5_000,
  keepAliveTimeout: 30_000,
};
/** The program as a server, with bounds on what a connection may cost; what is refused before Express sees it is a problem too. */
export function serverFor(handle: RequestListener, identity: Identity | null = null): Server {
  const server = identity ? createSecure({ ...limits, ...identity }, handle) : createPlain(limits, handle);
  keepRoom(server);
  server.maxRequestsPerSocket = 0;
  server.on('checkExpectation', (_request: IncomingMessage, response: ServerResponse) => {
    const document = problem(
      417,
      'Not expected',
      'The header Expect may only be “100-continue”. Nothing was changed.',
    );
    const body = JSON.stringify(document);
    response
      .writeHead(417, {
        'Content-Type': problemType,
        'Content-Length': Buffer.byteLength(body),
        Connection: 'close',
      })
      .end(body);
  });
  server.on('clientError', (error: NodeJS.ErrnoException, socket: Duplex) => {
    if (error.code === 'ECONNRESET' || !socket.writable) {
      socket.destroy();
      return;
    }
    const { status, title, detail } = unreadable(error.code);
    const body = JSON.stringify(problem(status, title, detail));
    socket.end(
      `HTTP/1.1 ${status} ${title}\r\nContent-Type: ${problemType}\r\nContent-Length: ${Buffer.byteLength(body)}\r\nConnection: close\r\n\r\n${body}`,
    );
  });
  return server;
}

const problem = (status: number, title: string, detail: string): ProblemDocument => ({
  ...{ type: 'about:blank', title, status, detail },
});

function unreadable(code: string | undefined): { status: number; title: string; detail: string } {
  switch (code) {
    case 'HPE_HEADER_OVERFLOW':
      return {
        status: 431,
        title: 'Header too large',
        detail: `The head of a request may be ${limits.maxHeaderSize} bytes.`,
      };
    case 'ERR_HTTP_REQUEST_TIMEOUT':
      return {
        status: 408,
        title: 'Too slow',
        detail: 'The request did not arrive in time. Nothing was changed.',
      };
    case undefined:
    default:
      return {
        status: 400,
        title: 'Not HTTP',
        detail: 'This could not be read as a request. Nothing was changed.',
      };
  }
}
