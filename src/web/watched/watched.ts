/** Something whose state others follow, as `useSyncExternalStore` asks for it: a new object with every change. */
export class Watched<S extends object> {
  readonly #listeners = new Set<() => void>();
  #state: S;

  constructor(state: S) {
    this.#state = state;
  }

  readonly subscribe = (listener: () => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  readonly state = (): S => this.#state;

  protected set(change: Partial<S>): void {
    this.#state = { ...this.#state, ...change };
    this.#listeners.forEach((listener) => listener());
  }
}
