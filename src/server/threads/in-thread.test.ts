import { describe, expect, it } from 'vitest';
import { inThread, KeptThread } from './in-thread';

/** A thread that counts what it was given, in the way threads of the server speak. */
const program = new URL(
  `data:text/javascript,${encodeURIComponent(`
    import { parentPort, threadId, workerData } from 'node:worker_threads';
    let times = 0;
    function work({ say, fail, leave }) {
      times += 1;
      if (leave) process.exit(3);
      if (fail) return parentPort.postMessage({ failed: fail, code: null });
      for (const outcome of say) parentPort.postMessage({ outcome: [outcome, times, threadId] });
      parentPort.postMessage({ done: true });
    }
    parentPort.on('message', (said) => { if (said !== 'taken') work(said.given); });
    if (!workerData.stays) { work(workerData); parentPort.close(); }
  `)}`,
);
type Told = [word: string, times: number, thread: number];
async function all(told: AsyncGenerator<Told>): Promise<Told[]> {
  const out: Told[] = [];
  for await (const one of told) out.push(one);
  return out;
}

describe('a thread that stays', () => {
  it('does one piece of work after another, and ends when nothing came for a while', async () => {
    const thread = new KeptThread(program, 1);
    const first = await all(thread.work<Told>({ say: ['a', 'b'] }));
    const second = await all(thread.work<Told>({ say: ['c'] }));
    expect([...first, ...second].map(([word, times]) => [word, times])).toEqual([
      ['a', 1],
      ['b', 1],
      ['c', 2],
    ]);
    expect(second[0]![2]).toBe(first[0]![2]);
    await new Promise((resolve) => setTimeout(resolve, 50));
    const [third] = await all(thread.work<Told>({ say: ['d'] }));
    expect([third![1], third![2] === first[0]![2]]).toEqual([1, false]);
  });

  it('stays where its work failed, and is begun anew where it died or was left', async () => {
    const thread = new KeptThread(program);
    const [[, , was]] = (await all(thread.work<Told>({ say: ['a'] }))) as [Told];
    await expect(all(thread.work<Told>({ fail: 'no flour' }))).rejects.toThrow('no flour');
    const [[, times, stayed]] = (await all(thread.work<Told>({ say: ['b'] }))) as [Told];
    expect([times, stayed]).toEqual([3, was]);
    await expect(all(thread.work<Told>({ leave: true }))).rejects.toThrow('ended before its work');
    const [[, again]] = (await all(thread.work<Told>({ say: ['c'] }))) as [Told];
    expect(again).toBe(1);
    for await (const one of thread.work<Told>({ say: ['d', 'e'] })) if (one[0] === 'd') break;
    // Nothing of what was left comes into what is asked next.
    expect((await all(thread.work<Told>({ say: ['f'] }))).map(([word, at]) => [word, at])).toEqual([
      ['f', 1],
    ]);
  });

  it('one of its own does one thing and is gone', async () => {
    const told = await all(inThread<Told>(program, { say: ['a', 'b'] }));
    expect(told.map(([word]) => word)).toEqual(['a', 'b']);
    await expect(all(inThread<Told>(program, { fail: 'no flour' }))).rejects.toThrow('no flour');
  });
});
