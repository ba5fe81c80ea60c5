import { Tries } from '../watched/tries';
import { StreamTurn } from './stream-turn';

/** What a stream tells. */
export interface StreamEvents {
  /** An event of the server, as it was sent. */
  event(name: string, data: string): void;
  /** Whether the line is open. */
  open(is: boolean): void;
  /** It was refused or broken off for good; asked again later all the same. */
  refused(): void;
  /** Another tab listens from here on: what came before is to be fetched. */
  follows(): void;
  /** There is no line to be had: what is new is to be fetched. Whether the server was reached. */
  fetch(): Promise<boolean>;
}

type Said =
  | { kind: 'who'; from: number }
  | { kind: 'mine'; from: number; open: boolean | null }
  | { kind: 'event'; name: string; data: string }
  | { kind: 'open'; is: boolean }
  | { kind: 'refused' }
  | { kind: 'gone' };

/** Nothing heard for so long and the line is taken for dead, ms; the server says something every ten seconds. */
const deadMs = 25_000;
/** A tab that asks who listens waits so long for an answer, ms. */
const answerMs = 250;
/** A tab that can have no line asks what is new so often, ms. */
const fetchEveryMs = 2000;
const names = ['entries', 'run', 'beat'];

/**
 * One stream of server-sent events for all tabs of a browser: browsers open six connections to a server in all, and a
 * stream holds one. One tab listens and tells the others; when it is gone or falls silent, another listens. Where tabs of
 * other stations have all the lines there may be, it asks instead, until one of them is free.
 */
export class SharedStream {
  readonly #address: () => string;
  readonly #to: StreamEvents;
  readonly #channel: BroadcastChannel | null;
  readonly #self = Math.random();
  readonly #tries = new Tries(() => this.#listen(), { firstMs: 2000, longestMs: 15_000 });
  readonly #watchdog: ReturnType<typeof setInterval>;
  readonly #turn = new StreamTurn(
    () => {
      this.#drop();
      this.#fetchInstead();
    },
    () => this.#fetching && this.#elect(),
  );
  #stream: EventSource | null = null;
  #fetching: ReturnType<typeof setInterval> | null = null;
  #election: ReturnType<typeof setTimeout> | null = null;
  /** Which tab listens for this one. */
  #leader: number | null = null;
  /** Not known while it has not been tried. */
  #isOpen: boolean | null = null;
  #heardAt = performance.now();

  /**
   * @param name the same for all tabs that listen to the same
   * @param address where to listen, from where on
   */
  constructor(name: string, address: () => string, to: StreamEvents) {
    this.#address = address;
    this.#to = to;
    this.#channel = 'BroadcastChannel' in window ? new BroadcastChannel(`tawny ${name}`) : null;
    this.#channel?.addEventListener('message', ({ data }: MessageEvent<Said>) => this.#hear(data));
    this.#watchdog = setInterval(() => this.#watch(), 5000);
    window.addEventListener('pagehide', this.#handOn);
    window.addEventListener('pageshow', this.#back);
    this.#elect();
  }

  /** Listens anew, now: for instance when the network is back. */
  readonly again = () => {
    if (this.#stream) this.#listen();
    else this.#elect();
  };

  close(): void {
    clearInterval(this.#watchdog);
    if (this.#election) clearTimeout(this.#election);
    this.#tries.end();
    this.#handOn();
    this.#endFetching();
    this.#turn.close();
    window.removeEventListener('pagehide', this.#handOn);
    window.removeEventListener('pageshow', this.#back);
    this.#channel?.close();
  }

  /** The tab is closed or left: another one listens at once. */
  readonly #handOn = () => {
    const listened = this.#stream !== null;
    this.#drop();
    if (listened) this.#say({ kind: 'gone' });
  };

  /** It was left and is shown again, as it was. */
  readonly #back = ({ persisted }: PageTransitionEvent) => {
    if (persisted) this.#elect();
  };

  #say(said: Said) {
    this.#channel?.postMessage(said);
  }

  /** Asks who listens; where nobody answers, this tab does. */
  #elect() {
    if (!this.#channel) {
      this.#listen();
      return;
    }
    if (this.#election) clearTimeout(this.#election);
    this.#election = setTimeout(() => this.#listen(), answerMs + Math.random() * answerMs);
    this.#say({ kind: 'who', from: this.#self });
  }

  #hear(said: Said) {
    switch (said.kind) {
      case 'who':
        if (this.#stream) this.#say({ kind: 'mine', from: this.#self, open: this.#isOpen });
        return;
      case 'mine':
        if (this.#election) clearTimeout(this.#election);
        // Two that began at once: one stays.
        if (this.#stream && said.from < this.#self) this.#drop();
        this.#endFetching();
        if (!this.#stream) {
          if (said.open !== null) this.#opened(said.open);
          if (this.#leader !== said.from) this.#to.follows();
          this.#leader = said.from;
        }
        break;
      case 'gone':
        if (!this.#stream) this.#elect();
        return;
      case 'open':
        if (!this.#stream) this.#opened(said.is);
        break;
      case 'refused':
        if (!this.#stream) this.#to.refused();
        break;
      case 'event':
        if (!this.#stream) this.#told(said.name, said.data);
    }
    this.#heardAt = performance.now();
  }

  #told(name: string, data: string) {
    this.#heardAt = performance.now();
    this.#to.event(name, data);
  }

  #opened(is: boolean) {
    if (is === this.#isOpen) return;
    this.#isOpen = is;
    this.#to.open(is);
  }

  #listen() {
    this.#drop();
    if (!this.#turn.hold()) {
      this.#fetchInstead();
      return;
    }
    this.#endFetching();
    const stream = new EventSource(this.#address());
    this.#stream = stream;
    this.#heardAt = performance.now();
    this.#leader = null;
    this.#say({ kind: 'mine', from: this.#self, open: null });
    const opened = (is: boolean) => {
      this.#opened(is);
      this.#say({ kind: 'open', is });
    };
    stream.addEventListener('open', () => {
      this.#tries.succeeded();
      opened(true);
    });
    for (const name of names) {
      stream.addEventListener(name, ({ data }: MessageEvent<string>) => {
        this.#told(name, data);
        this.#say({ kind: 'event', name, data });
      });
    }
    stream.addEventListener('error', () => {
      if (this.#stream !== stream) return;
      opened(false);
      // The browser reconnects by itself after a break, but gives up after an answer that is no stream.
      if (stream.readyState !== EventSource.CLOSED) return;
      this.#to.refused();
      this.#say({ kind: 'refused' });
      this.#tries.later();
    });
  }

  #drop() {
    this.#stream?.close();
    this.#stream = null;
    this.#turn.free();
  }

  #fetchInstead() {
    if (this.#fetching) return;
    const fetch = () =>
      void this.#to.fetch().then((reached) => {
        if (!this.#fetching) return;
        this.#heardAt = performance.now();
        this.#opened(reached);
      });
    this.#fetching = setInterval(fetch, fetchEveryMs);
    fetch();
  }

  #endFetching() {
    if (this.#fetching) clearInterval(this.#fetching);
    this.#fetching = null;
  }

  /** A line that says nothing is dead, whatever the browser believes. */
  #watch() {
    if (performance.now() - this.#heardAt < deadMs) return;
    this.#heardAt = performance.now();
    this.#opened(false);
    this.again();
  }
}
