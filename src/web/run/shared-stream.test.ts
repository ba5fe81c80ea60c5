// @vitest-environment jsdom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { ServerClock } from './server-clock';
import { SharedStream } from './shared-stream';
import { mostStreams } from './stream-turn';

/** Tabs of one browser hear each other, at once. */
class Channel extends EventTarget {
  static all = new Set<Channel>();
  constructor(readonly name: string) {
    super();
    Channel.all.add(this);
  }
  postMessage(data: unknown) {
    for (const one of Channel.all) {
      if (one !== this && one.name === this.name) one.dispatchEvent(new MessageEvent('message', { data }));
    }
  }
  close() {
    Channel.all.delete(this);
  }
}

class Stream extends EventTarget {
  static CLOSED = 2;
  static all: Stream[] = [];
  readyState = 1;
  constructor(readonly url: string) {
    super();
    Stream.all.push(this);
  }
  say(type: string, data?: string) {
    this.dispatchEvent(data === undefined ? new Event(type) : new MessageEvent(type, { data }));
  }
  close() {
    this.readyState = Stream.CLOSED;
  }
}
const open = () => Stream.all.filter((one) => one.readyState === 1);

/** A tab that watches, and what it was told. */
function tab(name = 'run r') {
  const told: string[] = [];
  const stream = new SharedStream(name, () => `/live/${name}`, {
    event: (kind, data) => told.push(`${kind} ${data}`),
    open: (is) => told.push(is ? 'open' : 'broken'),
    refused: () => told.push('refused'),
    follows: () => told.push('follows'),
    fetch: () => Promise.resolve(told.push('fetched') > 0),
  });
  return { told, stream };
}

beforeEach(() => {
  vi.useFakeTimers();
  vi.stubGlobal('BroadcastChannel', Channel);
  vi.stubGlobal('EventSource', Stream);
  Stream.all = [];
  Channel.all.clear();
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});
const pass = (ms: number) => vi.advanceTimersByTimeAsync(ms);

describe('one stream for all tabs', () => {
  it('seven tabs share one, each is told everything, and another run has its own', async () => {
    const first = tab();
    await pass(1000);
    open()[0]!.say('open');
    const others = Array.from({ length: 6 }, () => tab());
    const elsewhere = tab('run s');
    await pass(1000);
    expect(open().map(({ url }) => url)).toEqual(['/live/run r', '/live/run s']);
    open()[0]!.say('entries', '[1]');
    open()[0]!.say('beat', '5');
    expect(first.told).toEqual(['open', 'entries [1]', 'beat 5']);
    for (const { told } of others) expect(told).toEqual(['open', 'follows', 'entries [1]', 'beat 5']);
    expect(elsewhere.told).toEqual([]);
    [first, ...others, elsewhere].forEach(({ stream }) => stream.close());
    expect(open()).toEqual([]);
  });

  it('eight stations in eight tabs leave connections for what is sent: some listen, the others ask, and all hear', async () => {
    const tabs = Array.from({ length: 8 }, (_, i) => tab(`station ${i}`));
    await vi.advanceTimersByTimeAsync(1000);
    expect(open()).toHaveLength(mostStreams);
    const asking = () => tabs.filter(({ told }) => told.splice(0).includes('fetched')).length;
    asking();
    await vi.advanceTimersByTimeAsync(2500);
    expect(asking()).toBe(8 - mostStreams);
    // One is closed: one that asked listens in its place.
    tabs.find(({ stream }) => stream)!.stream.close();
    for (const one of tabs.slice(1, 3)) one.stream.close();
    await vi.advanceTimersByTimeAsync(30_000);
    expect(open()).toHaveLength(mostStreams);
    tabs.forEach(({ told }) => told.splice(0));
    await vi.advanceTimersByTimeAsync(4000);
    expect(asking()).toBe(5 - mostStreams);
    for (const one of tabs.slice(3)) one.stream.close();
    expect(open()).toEqual([]);
  });

  it('when the tab that listens is closed another one listens, until the last', async () => {
    const tabs: ReturnType<typeof tab>[] = [];
    for (let i = 0; i < 3; i += 1) {
      tabs.push(tab());
      await pass(1000);
    }
    expect(open()).toHaveLength(1);
    const [first] = open();
    tabs[0]!.stream.close();
    await pass(1000);
    expect(open()).toHaveLength(1);
    tabs[1]!.stream.close();
    await pass(1000);
    expect(open()).toHaveLength(1);
    // Left without a word from the page: the browser says so.
    window.dispatchEvent(new Event('pagehide'));
    expect(open()).toEqual([]);
    window.dispatchEvent(Object.assign(new Event('pageshow'), { persisted: true }));
    await pass(1000);
    expect(open()).toHaveLength(1);
    tabs[2]!.stream.close();
    expect([open(), Stream.all.length > 1, first!.readyState]).toEqual([[], true, 2]);
  });

  it('when the tab that listens is put to sleep, another one listens', async () => {
    const asleep = tab();
    await pass(1000);
    const awake = tab();
    await pass(1000);
    expect(Stream.all).toHaveLength(1);
    const [channel] = Channel.all;
    channel!.close();
    channel!.postMessage = () => undefined;
    await pass(60_000);
    awake.told.length = 0;
    const before = Stream.all[0]!;
    open().forEach((one) => one !== before && one.say('beat', '1'));
    expect(awake.told).toEqual(['beat 1']);
    awake.stream.close();
    asleep.stream.close();
  });

  it('a line that says nothing for 25 s is dead and opened anew; one that beats is not', async () => {
    const { told, stream } = tab();
    await pass(1000);
    open()[0]!.say('open');
    for (let i = 0; i < 6; i += 1) {
      await pass(10_000);
      open()[0]!.say('beat', '1');
    }
    expect(Stream.all).toHaveLength(1);
    await pass(31_000);
    expect(told.filter((one) => one === 'broken')).toHaveLength(1);
    expect([Stream.all.length, open().length]).toEqual([2, 1]);
    stream.close();
  });

  it('one that was refused is asked for again after pauses that grow, and all tabs are told', async () => {
    const [a, b] = [tab(), tab()];
    await pass(1000);
    const tries = Stream.all.length;
    const [stream] = open();
    stream!.readyState = 2;
    stream!.say('error');
    expect([a.told.at(-1), b.told.at(-1)]).toEqual(['refused', 'refused']);
    await pass(1900);
    expect(Stream.all.length).toBe(tries);
    await pass(200);
    expect(Stream.all.length).toBe(tries + 1);
    a.stream.close();
    b.stream.close();
  });

  it('a browser without channels has a stream a tab', async () => {
    vi.stubGlobal('BroadcastChannel', undefined);
    Reflect.deleteProperty(window, 'BroadcastChannel');
    const [a, b] = [tab(), tab()];
    await pass(1);
    expect(open()).toHaveLength(2);
    a.stream.close();
    b.stream.close();
  });
});

describe('the server’s clock, read on this device', () => {
  it('goes on when the device’s own is set, and jumps ahead at once when the device slept', () => {
    const zero = Date.UTC(2026, 0, 1);
    let [steady, device] = [1000, zero];
    vi.spyOn(performance, 'now').mockImplementation(() => steady);
    vi.setSystemTime(device);
    const pass = (steadyMs: number, deviceMs: number) => {
      steady += steadyMs;
      device += deviceMs;
      vi.setSystemTime(device);
    };
    const clock = new ServerClock(zero + 60_000);
    pass(5000, 5000);
    expect(clock.now()).toBe(zero + 65_000);
    // Ten minutes asleep: the steady clock stood still.
    pass(0, 600_000);
    expect(clock.now()).toBe(zero + 665_000);
    // Set back an hour by hand: no matter.
    pass(1000, -3_600_000);
    expect(clock.now()).toBe(zero + 666_000);
    // Old news, long on its way, does not set it back; fresh news sets it on.
    clock.hear(zero + 600_000);
    expect(clock.now()).toBe(zero + 666_000);
    clock.hear(zero + 700_000);
    expect(clock.now()).toBe(zero + 700_000);
    clock.set(zero);
    expect(clock.now()).toBe(zero);
    vi.restoreAllMocks();
  });
});
