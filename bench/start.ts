import { TestServer } from '../e2e/server';

/** From starting the process to its first answer: an empty database, then one that is there. */
export async function serverStart() {
  const begun = performance.now();
  const server = await TestServer.start();
  const first = performance.now() - begun;
  const again: number[] = [];
  for (let i = 0; i < 5; i += 1) {
    await server.down();
    const start = performance.now();
    await server.up();
    again.push(performance.now() - start);
  }
  await server.remove();
  again.sort((a, b) => a - b);
  return [
    { figure: 'server-start-empty', value: Math.round(first), unit: 'ms' },
    { figure: 'server-start', value: Math.round(again[2]!), unit: 'ms', expected: 'under 1000' },
  ];
}
