import type { IncomingMessage, Server, ServerResponse } from 'node:http';
import type { Socket } from 'node:net';

/** Connections at once, of all and of one address; a class has a few hundred at most, also behind one address. */
const mostConnections = { inAll: 1500, anAddress: 500 };

interface Connection {
  socket: Socket;
  address: string;
  /** Requests that are being answered on it. */
  busy: number;
  /** When it last had something to do, ms on a clock that only goes forward. */
  idleSince: number;
}

const keyOf = ({ remoteAddress, remotePort }: Socket) => `${remoteAddress} ${remotePort}`;

/**
 * Keeps room for who comes. Where there are too many connections, the one that has said nothing for longest is let go,
 * of the address that has the most of them: silent connections keep nobody out.
 */
export function keepRoom(server: Server, most = mostConnections): void {
  const all = new Map<string, Connection>();
  const byAddress = new Map<string, Set<Connection>>();
  // Where even these are reached, every one of them is being answered.
  server.maxConnections = most.inAll + 100;

  server.on('connection', (socket: Socket) => {
    const address = socket.remoteAddress ?? '';
    const own = byAddress.get(address) ?? new Set<Connection>();
    if (own.size >= most.anAddress && !letGo(own)) {
      socket.destroy();
      return;
    }
    if (all.size >= most.inAll && !letGo(largest(byAddress))) {
      socket.destroy();
      return;
    }
    const connection: Connection = { socket, address, busy: 0, idleSince: performance.now() };
    const key = keyOf(socket);
    all.set(key, connection);
    byAddress.set(address, own.add(connection));
    socket.once('close', () => {
      if (all.get(key) === connection) all.delete(key);
      own.delete(connection);
      if (own.size === 0 && byAddress.get(address) === own) byAddress.delete(address);
    });
  });

  server.on('request', ({ socket }: IncomingMessage, response: ServerResponse) => {
    // Over TLS a request names another socket of the same ends.
    const connection = all.get(keyOf(socket));
    if (!connection) return;
    connection.busy += 1;
    response.once('close', () => {
      connection.busy -= 1;
      connection.idleSince = performance.now();
    });
  });
}

/** The connections of the address that has the most with nothing to do. */
function largest(byAddress: ReadonlyMap<string, ReadonlySet<Connection>>): Iterable<Connection> {
  let found: Connection[] = [];
  for (const own of byAddress.values()) {
    const idle = [...own].filter(({ busy }) => busy === 0);
    if (idle.length > found.length) found = idle;
  }
  return found;
}

/** Lets the one go that has had nothing to do for longest; whether there was one. */
function letGo(connections: Iterable<Connection>): boolean {
  let longest: Connection | null = null;
  for (const one of connections) {
    if (one.busy === 0 && !one.socket.destroyed && (longest === null || one.idleSince < longest.idleSince))
      longest = one;
  }
  longest?.socket.destroy();
  return longest !== null;
}
