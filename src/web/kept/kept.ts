/** What a browser refuses to keep, in a private window or with no room, is kept in this page. */
const inThisPage = new Map<string, string>();

interface Shelf {
  get(key: string): string | null;
  /** @returns false where the browser would not keep it */
  set(key: string, value: string): boolean;
  remove(key: string): void;
  keys(): string[];
}

/** A storage of the browser that never throws: some refuse even to be looked at. */
function shelfOf(storage: () => Storage): Shelf {
  const trying = <T>(work: (of: Storage) => T, otherwise: () => T): T => {
    try {
      return work(storage());
    } catch {
      return otherwise();
    }
  };
  return {
    get: (key) =>
      inThisPage.get(key) ??
      trying(
        (of) => of.getItem(key),
        () => null,
      ),
    set: (key, value) =>
      trying(
        (of) => {
          of.setItem(key, value);
          inThisPage.delete(key);
          return true;
        },
        () => {
          inThisPage.set(key, value);
          return false;
        },
      ),
    remove: (key) => {
      inThisPage.delete(key);
      trying(
        (of) => of.removeItem(key),
        () => undefined,
      );
    },
    keys: () =>
      trying(
        (of) => Object.keys(of),
        () => [],
      ),
  };
}

/** Kept in this browser. */
export const onDevice = shelfOf(() => localStorage);
/** Kept in this window, over a reload. */
export const inWindow = shelfOf(() => sessionStorage);
