import { createServer } from 'node:http';
import { connect, type AddressInfo, type Socket } from 'node:net';
import { describe, expect, it, vi } from 'vitest';
import { keepRoom } from './connections';

async function listening(most: { inAll: number; anAddress: number }) {
  const held: (() => void)[] = [];
  const server = createServer((request, response) => {
    if (request.url === '/held') held.push(() => response.end('held'));
    else response.end('here');
  });
  keepRoom(server, most);
  server.listen(0, '127.0.0.1');
  await new Promise((resolve) => server.once('listening', resolve));
  const { port } = server.address() as AddressInfo;
  const silent = async (from: string): Promise<Socket> => {
    const socket = connect({ port, host: '127.0.0.1', localAddress: from });
    socket.on('error', () => undefined);
    await new Promise((resolve) => socket.once('connect', resolve));
    return socket;
  };
  /** What a request from an address is answered; null where it was cut off. */
  const ask = async (from: string, path = '/'): Promise<string | null> => {
    const socket = await silent(from);
    let said = '';
    socket.on('data', (bytes) => (said += bytes.toString()));
    socket.write(`GET ${path} HTTP/1.1\r\nHost: x\r\nConnection: close\r\n\r\n`);
    await new Promise((resolve) => socket.once('close', resolve));
    return said === '' ? null : said.slice(said.lastIndexOf('\n') + 1);
  };
  return {
    ...{ server, silent, ask, held },
    close: () => {
      server.closeAllConnections();
      server.close();
    },
  };
}

describe('room for connections', () => {
  it('silent ones keep nobody out, from whatever address; who is being answered stays', async () => {
    const { silent, ask, held, close } = await listening({ inAll: 40, anAddress: 30 });
    const waiting = ask('127.0.0.9', '/held');
    await vi.waitFor(() => expect(held).toHaveLength(1));
    const sockets: Socket[] = [];
    for (let i = 0; i < 120; i += 1) sockets.push(await silent(i % 3 === 0 ? '127.0.0.2' : '127.0.0.3'));
    expect(await ask('127.0.0.4')).toBe('here');
    expect(await ask('127.0.0.2')).toBe('here');
    // The first came first and went first.
    await vi.waitFor(() => expect(sockets.slice(0, 60).every(({ destroyed }) => destroyed)).toBe(true));
    expect(sockets.at(-1)!.destroyed).toBe(false);
    held[0]!();
    expect(await waiting).toBe('held');
    close();
  });

  it('one address has its share and no more, whatever it does', async () => {
    const { ask, held, server, close } = await listening({ inAll: 40, anAddress: 10 });
    const busy = Array.from({ length: 25 }, () => ask('127.0.0.2', '/held'));
    await vi.waitFor(() => expect(held).toHaveLength(10));
    expect(await ask('127.0.0.3')).toBe('here');
    const count = await new Promise<number>((resolve) => server.getConnections((_, n) => resolve(n)));
    expect(count).toBe(10);
    held.forEach((end) => end());
    const answers = await Promise.all(busy);
    expect(answers.filter((one) => one === 'held')).toHaveLength(10);
    close();
  });
});
