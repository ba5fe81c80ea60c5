/** “1 station”, “3 stations”. */
export function counted(count: number, one: string, many = `${one}s`): string {
  return `${count} ${count === 1 ? one : many}`;
}

/** “a”, “a and b”, “a, b and c”. */
export function listed(items: readonly string[]): string {
  if (items.length < 2) return items.join('');
  return `${items.slice(0, -1).join(', ')} and ${items.at(-1)}`;
}

/** The same words with a capital at the beginning. */
export function capitalised(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** The beginning of a sentence, where it is named and not read: “Roast the bones until they are brown a…”. */
export const excerpt = (text: string): string => (text.length > 40 ? `${text.slice(0, 38)}…` : text);
