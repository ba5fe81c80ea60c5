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

/** A short id for a new line of a plan. */
export const newId = () => uuid();
