import type { Counted, Library } from '../../contract/library';

/** A way to narrow what is found. */
export interface Way {
  field: 'phenomenon' | 'equipment' | 'minutes' | 'tag';
  says: string;
  label: string;
  any: string;
  options(library: Library): (readonly [value: string, words: string])[];
}

const withCounts = (counts: readonly Counted[]) =>
  counts.map(([name, count]) => [name, `${name} (${count})`] as const);

export const ways: readonly Way[] = [
  {
    field: 'phenomenon',
    says: 'about',
    label: 'Phenomenon',
    any: 'anything',
    options: ({ phenomena }) => withCounts(phenomena),
  },
  {
    field: 'equipment',
    says: 'with',
    label: 'Equipment',
    any: 'any equipment',
    options: ({ equipment }) => withCounts(equipment),
  },
  {
    field: 'minutes',
    says: 'in',
    label: 'Longest',
    any: 'any time',
    options: () => [45, 60, 75, 100].map((minutes) => [String(minutes), `at most ${minutes} min`] as const),
  },
  { field: 'tag', says: 'tagged', label: 'Tag', any: 'anything', options: ({ tags }) => withCounts(tags) },
];
