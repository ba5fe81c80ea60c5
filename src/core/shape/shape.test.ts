import { describe, expect, it } from 'vitest';
import {
  accepts,
  filled,
  flag,
  isFull,
  jsonSchemaOf,
  later,
  list,
  longest,
  made,
  number,
  oneOf,
  optional,
  orNull,
  range,
  record,
  refined,
  refusalsOf,
  text,
  union,
  whole,
} from '.';

const item = record('Item', { name: text(5, 1), tags: later(['new'], list(text(5), 3)) });
const shape = record('Box', {
  title: text(10),
  note: later('none', text(20)),
  items: list(item, 2),
  best: orNull(item),
  kind: union('Kind', 'is', { full: { of: later(7, number(0, 9)) }, empty: {} }),
  spare: optional(flag()),
});
/** As it was written before `note`, `tags` and `of` were there. */
const old = { title: 'a', items: [{ name: 'x' }, { name: 'y', tags: [] }], best: null, kind: { is: 'full' } };

describe('a field that came later', () => {
  it('may be missing in what is stored, and is there once it is read, wherever it stands', () => {
    expect(accepts(shape, old)).toBe(true);
    expect(refusalsOf(shape, old)).toEqual([]);
    const before = JSON.stringify(old);
    const read = filled(shape, old);
    expect(read).toEqual({
      title: 'a',
      note: 'none',
      items: [
        { name: 'x', tags: ['new'] },
        { name: 'y', tags: [] },
      ],
      best: null,
      kind: { is: 'full', of: 7 },
    });
    expect(JSON.stringify(old)).toBe(before);
    expect(filled(shape, { ...old, best: { name: 'z' } }).best).toEqual({ name: 'z', tags: ['new'] });
    // Nobody’s default is shared.
    read.items[0]!.tags.push('mine');
    expect(filled(shape, old).items[0]!.tags).toEqual(['new']);
  });

  it('copies nothing of a document that has all it needs', () => {
    const full = filled(shape, old);
    expect(filled(shape, full)).toBe(full);
  });

  it('is checked where it is there, and may be left out where a record is made', () => {
    expect(accepts(shape, { ...old, note: 3 })).toBe(false);
    expect(refusalsOf(shape, { ...old, items: [{ name: 'x', tags: ['toolong'] }] })).toMatchObject([
      { pointer: '/items/0/tags/0', allowed: 'text of up to 5 characters' },
    ]);
    expect(accepts(shape, { ...old, other: 1 })).toBe(false);
    expect(accepts(shape, { ...old, title: undefined })).toBe(false);
    expect(made(item, { name: 'x' })).toEqual({ name: 'x', tags: ['new'] });
  });

  it('stands in the schema with its default, and is not required', () => {
    const named: Record<string, Record<string, unknown>> = {};
    jsonSchemaOf(shape, named);
    expect(named.Box!.required).toEqual(['title', 'items', 'best', 'kind']);
    expect((named.Box!.properties as Record<string, unknown>).note).toMatchObject({ default: 'none' });
  });
});

describe('limits for the fields they are typed into', () => {
  it('are those of the shape, whatever stands around it', () => {
    expect(longest(text(12))).toBe(12);
    expect(range(orNull(number(0.5, 9)))).toEqual({ low: 0.5, high: 9, whole: false });
    expect(range(refined(whole(1, 4), () => null))).toEqual({ low: 1, high: 4, whole: true });
    expect(() => range(oneOf([1, 2]))).toThrow('not a number');
    expect(() => longest(oneOf(['a']))).toThrow('not a text');
    const two = refined(list(text(3), 2), () => null);
    expect([isFull(two, ['a']), isFull(two, ['a', 'b']), isFull(text(3), ['a'])]).toEqual([
      false,
      true,
      false,
    ]);
  });
});
