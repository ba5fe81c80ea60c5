import { v7 as uuid } from 'uuid';

interface HasId {
  id: string;
}

/** The list with one item changed. */
export function withItem<T extends HasId>(list: readonly T[], id: string, patch: Partial<T>): T[] {
  return list.map((item) => (item.id === id ? { ...item, ...patch } : item));
}

export function without<T extends HasId>(list: readonly T[], id: string): T[] {
  return list.filter((item) => item.id !== id);
}

/** The list with what stands at one place changed, for things without an id. */
export const withPatchAt = <T extends object>(list: readonly T[], at: number, patch: Partial<T>): T[] =>
  list.map((item, i) => (i === at ? { ...item, ...patch } : item));

export const withoutAt = <T>(list: readonly T[], at: number): T[] => list.filter((_, i) => i !== at);

/** A short id for a new line of a plan. */
export const newId = () => uuid();
