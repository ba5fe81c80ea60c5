import { indexAt, type Trace } from '../trace';

/** The readings of one thermometer, in order of time; a trace that grows. */
export class ReadingTrace implements Trace {
  readonly ids: string[] = [];
  /** Seconds since the notebook’s zero. */
  readonly seconds: number[] = [];
  readonly celsius: number[] = [];
  #rewritten = 0;

  /** How often something was changed but for readings put at its end: what was worked out before holds while it stays. */
  get rewritten(): number {
    return this.#rewritten;
  }

  insert(id: string, second: number, celsius: number): void {
    const end = this.seconds.length;
    if (end === 0 || this.seconds[end - 1]! <= second) {
      this.ids.push(id);
      this.seconds.push(second);
      this.celsius.push(celsius);
      return;
    }
    const index = indexAt(this, second);
    this.ids.splice(index, 0, id);
    this.seconds.splice(index, 0, second);
    this.celsius.splice(index, 0, celsius);
    this.#rewritten += 1;
  }

  remove(id: string): void {
    const index = this.ids.lastIndexOf(id);
    if (index < 0) return;
    this.ids.splice(index, 1);
    this.seconds.splice(index, 1);
    this.celsius.splice(index, 1);
    this.#rewritten += 1;
  }
}
