import { describe, expect, it } from 'vitest';
import { Notebook, type Entry, type EntryBody } from '.';

const saw = (text: string): EntryBody => ({ kind: 'observation', text, when: 'during', sense: null });
const at = (id: string, ms: number, body: EntryBody, station: number | null = 1): Entry => ({
  ...{ id, station, at: ms, offset: 0, body },
});

describe('the order of a notebook', () => {
  it('does not hang on what arrived first, not even within one millisecond', () => {
    const entries = ['a', 'b', 'c', 'd'].map((id, i) => at(id, i < 3 ? 5 : 4, saw(id)));
    const orders = [entries, [...entries].reverse(), [entries[2]!, entries[0]!, entries[3]!, entries[1]!]];
    for (const order of orders) {
      const notebook = new Notebook(0, [1]);
      order.forEach((one) => notebook.add([one]));
      expect(notebook.station(1).observations.map(({ id }) => id)).toEqual(['d', 'a', 'b', 'c']);
      expect(notebook.lastWritten(1)?.id).toBe('c');
    }
  });

  it('keeps what belongs to a station that was not named, and lists it', () => {
    const notebook = new Notebook(0, [1, 2]);
    expect(notebook.stations).toEqual([1, 2]);
    notebook.add([at('x', 1, saw('steam'), 7)]);
    expect(notebook.stations).toEqual([1, 2, 7]);
    expect(notebook.station(7).observations).toHaveLength(1);
    expect(notebook.station(8).observations).toEqual([]);
  });

  it('of several things of one kind the last is the last written', () => {
    const notebook = new Notebook(0, [1]);
    const event = (id: string, ms: number) => at(id, ms, { kind: 'event', text: id, stepId: null });
    notebook.add([event('one', 1), event('two', 2), event('three', 3), at('w', 2, saw('golden'))]);
    expect(notebook.lastWritten(1)?.id).toBe('three');
    expect(new Notebook(0, [1]).lastWritten(1)).toBeNull();
  });
});
