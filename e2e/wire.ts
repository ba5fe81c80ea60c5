import { connect, createServer, type Server, type Socket } from 'node:net';
import type { AddressInfo } from 'node:net';

/** The network between one tablet and the server: it can be cut and mended, for this tablet alone. */
export class Wire {
  readonly #server: Server;
  readonly #sockets = new Set<Socket>();
  #cut = false;

  private constructor(server: Server) {
    this.#server = server;
  }

  /** A way to `port` of this machine that listens on all its addresses. */
  static async to(port: number): Promise<Wire> {
    const server = createServer();
    const wire = new Wire(server);
    server.on('connection', (here: Socket) => {
      if (wire.#cut) {
        here.destroy();
        return;
      }
      const there = connect(port, '127.0.0.1');
      for (const socket of [here, there]) {
        wire.#sockets.add(socket);
        socket.on('error', () => socket.destroy());
        socket.on('close', () => {
          wire.#sockets.delete(socket);
          here.destroy();
          there.destroy();
        });
      }
      here.pipe(there).pipe(here);
    });
    await new Promise<void>((resolve) => server.listen(0, '0.0.0.0', resolve));
    return wire;
  }

  get port(): number {
    return (this.#server.address() as AddressInfo).port;
  }

  cut(): void {
    this.#cut = true;
    this.#sockets.forEach((socket) => socket.destroy());
  }

  mend(): void {
    this.#cut = false;
  }

  async remove(): Promise<void> {
    this.cut();
    await new Promise((resolve) => this.#server.close(resolve));
  }
}
