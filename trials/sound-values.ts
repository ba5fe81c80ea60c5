import { mayBeMissing, type Spec } from '../src/core/shape';
import type { Draw } from './junk';

const words = [
  'flour',
  'Butter, cold',
  'golden',
  'Åsa’s tray',
  'œuf',
  '½ tsp',
  '9B',
  'oven 2',
  'stir, then wait',
];

/** Ids that are there, and texts that mean something to the program, by the field they stand in. */
export type KnownIds = Readonly<Record<string, string | number>>;

/** A value that a shape takes: usual ones, and now and then the least or the most there may be. */
export function soundValue(spec: Spec, draw: Draw, ids: KnownIds, field = ''): unknown {
  const inside = (inner: Spec, name = field) => soundValue(inner, draw, ids, name);
  switch (spec.kind) {
    case 'text': {
      if (field in ids) return ids[field];
      const word = words[draw(words.length)]!;
      const long = draw(12) === 0 ? 'm '.repeat(spec.most) : `${word} ${draw(100)}`;
      const short = spec.least <= 1 && draw(12) === 0 ? 'x'.repeat(spec.least) : long;
      const cut = short.slice(0, spec.most).trim();
      return cut.length >= spec.least ? cut : 'x'.repeat(spec.least);
    }
    case 'id':
      return ids[field] ?? `${field || 'id'}-${draw(40)}`;
    case 'number': {
      if (typeof ids[field] === 'number') return ids[field];
      const { low, high } = spec;
      const drawn = [
        low,
        high,
        Math.min(high, Math.max(low, draw(90))),
        low + ((high - low) * draw(1000)) / 1000,
      ];
      const value = drawn[draw(8) ? 2 + draw(2) : draw(2)]!;
      return spec.whole ? Math.round(value) : value;
    }
    case 'choice':
      return spec.options[draw(spec.options.length)]!;
    case 'flag':
      return draw(2) === 0;
    case 'nullable':
      return draw(4) === 0 ? null : inside(spec.inner);
    case 'list': {
      const usual = Math.min(spec.most, spec.least + draw(4));
      return Array.from({ length: draw(40) === 0 ? Math.min(spec.most, 60) : usual }, () => inside(spec.of));
    }
    case 'record':
      return Object.fromEntries(
        Object.entries(spec.fields).flatMap(([name, of]) =>
          mayBeMissing(of) && draw(3) === 0 ? [] : [[name, inside(of, name)]],
        ),
      );
    case 'union': {
      const variants = Object.values(spec.variants);
      return inside(variants[draw(variants.length)]!);
    }
    case 'refined':
      return inside(spec.inner);
  }
}
