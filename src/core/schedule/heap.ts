/** A binary heap: what comes before all others is on top. */
export class Heap<T> {
  readonly #items: T[] = [];
  constructor(readonly before: (a: T, b: T) => number) {}

  get top(): T | undefined {
    return this.#items[0];
  }

  push(item: T): void {
    const items = this.#items;
    let at = items.push(item) - 1;
    while (at > 0) {
      const up = (at - 1) >> 1;
      if (this.before(items[up]!, item) <= 0) break;
      items[at] = items[up]!;
      at = up;
    }
    items[at] = item;
  }

  pop(): T | undefined {
    const items = this.#items;
    const top = items[0];
    const last = items.pop();
    if (top === undefined || last === undefined || items.length === 0) return top;
    let at = 0;
    for (;;) {
      let down = 2 * at + 1;
      if (down >= items.length) break;
      if (down + 1 < items.length && this.before(items[down + 1]!, items[down]!) < 0) down += 1;
      if (this.before(items[down]!, last) >= 0) break;
      items[at] = items[down]!;
      at = down;
    }
    items[at] = last;
    return top;
  }
}
