import { request as ask } from 'node:http';
import { brotliDecompressSync, gunzipSync, inflateSync } from 'node:zlib';
import { inLine, type Wired } from './requests';
import { stolenMs, stolenSince } from './stolen';

/** An answer is late after this, ms of a machine that is there. */
const lateMs = 2000;
/** What is worked at one after another may wait for those before. */
const lateInLineMs = 60_000;

export interface Answer {
  status: number;
  type: string;
  text: string;
  ms: number;
}

/** Requests that took longer than they may only because the machine was away. */
export const slowed = new Set<object>();

/** Sends a request as it is, and waits for its answer as long as it may take. */
export function send(
  port: number,
  { method, path, headers, body, cutAt }: Wired,
): Promise<Answer | 'late' | 'broken off'> {
  return new Promise((resolve) => {
    const started = performance.now();
    let request: ReturnType<typeof ask>;
    try {
      request = ask({
        host: '127.0.0.1',
        port,
        method,
        // What no address may hold as it is, an address says in percent.
        path: path.replace(/[^\x21-\x7e]+/gu, encodeURIComponent),
        headers: {
          host: `127.0.0.1:${port}`,
          ...headers,
          ...(body && !('transfer-encoding' in headers) && { 'content-length': String(body.length) }),
        },
      });
    } catch {
      // The asking side will not even write such a request.
      resolve('broken off');
      return;
    }
    const least = inLine.test(path) ? lateInLineMs : lateMs;
    const away = stolenMs();
    const late = () => {
      const left = least + stolenSince(away) - (performance.now() - started);
      if (left > 1) {
        slowed.add(request);
        timer = setTimeout(late, left);
        return;
      }
      request.destroy();
      resolve('late');
    };
    let timer = setTimeout(late, least);
    const done = (answer: Answer | 'broken off') => {
      clearTimeout(timer);
      request.destroy();
      resolve(answer);
    };
    request.on('error', () => done('broken off'));
    request.on('response', (response) => {
      const type = response.headers['content-type'] ?? '';
      const about = { status: response.statusCode!, type, ms: performance.now() - started };
      // A stream has no end: that it began is its answer.
      if (type.startsWith('text/event-stream')) return done({ ...about, text: '' });
      const chunks: Buffer[] = [];
      response.on('data', (chunk: Buffer) => chunks.push(chunk));
      response.on('end', () => {
        const text = unpacked(Buffer.concat(chunks), response.headers['content-encoding']).toString();
        done({ ...about, text, ms: performance.now() - started });
      });
    });
    if (body === null) request.end();
    else if (cutAt === null) request.end(body);
    else {
      request.write(body.subarray(0, cutAt));
      setTimeout(() => done('broken off'), 50);
    }
  });
}

/** What was sent, as the asker asked for it to be packed. */
function unpacked(bytes: Buffer, packed: string | undefined): Buffer {
  if (packed === 'br') return brotliDecompressSync(bytes);
  return packed === 'gzip' ? gunzipSync(bytes) : packed === 'deflate' ? inflateSync(bytes) : bytes;
}
