/**
 * A function of a text that remembers what it answered: for what is asked of the same few sentences with every letter that
 * is typed elsewhere. It forgets all at once when it holds too much.
 *
 * @param of pure; what it answers is not to be changed by whoever asks
 */
export function remembered<V>(of: (text: string) => V, most = 4000): (text: string) => V {
  const known = new Map<string, { value: V }>();
  return (text) => {
    const found = known.get(text);
    if (found) return found.value;
    if (known.size >= most) known.clear();
    const value = of(text);
    known.set(text, { value });
    return value;
  };
}
