import type { Teachers } from './teachers';

/** Names are read again after so long, ms. */
const believedMs = 5000;

/** Who wrote something, in words. */
export class Authors {
  readonly #teachers: Teachers;
  #names = new Map<string, string>();
  #readAt = -Infinity;

  constructor(teachers: Teachers) {
    this.#teachers = teachers;
  }

  /** A function that names authors, as the log has them, without asking again for each. */
  async namer(): Promise<(author: string | null) => string | undefined> {
    if (performance.now() - this.#readAt > believedMs) {
      this.#readAt = performance.now();
      this.#names = await this.#teachers.names();
    }
    const names = this.#names;
    return (author) => {
      if (author === null) return undefined;
      const [kind, id] = author.split(':', 2);
      switch (kind) {
        case 'teacher':
          return names.get(id!) ?? 'teacher';
        case 'import':
          return 'file';
        case 'station':
        case 'probe':
          return kind;
        case undefined:
        default:
          return undefined;
      }
    };
  }
}
