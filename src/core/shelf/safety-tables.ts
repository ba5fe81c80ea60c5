import {
  authorities,
  coolingStages,
  coreRequirements,
  dangerZones,
  foodKinds,
  whoDecides,
  type AuthorityId,
  type FoodKind,
} from '../safety';
import type { Source } from '../working';
import { celsius, type Cell, type ShelfTable } from './table';

const authoritySources: Source[] = authorities.map(({ name, edition }) => ({
  kind: 'from-memory',
  text: `${name}, ${edition}`,
}));

function requirementCell(authority: AuthorityId, food: FoodKind): Cell {
  const { main, addsUp, rest } = coreRequirements.find(
    (one) => one.authority === authority && one.food === food,
  )!;
  const { holdS } = main;
  const hold = holdS === 0 ? 'at once' : holdS < 100 ? `for ${holdS} s` : `for ${holdS / 60} min`;
  const note = `${hold}${rest ? ', rest counted' : ''}${addsUp ? ' or equivalent' : ''}`;
  return main.celsius === undefined
    ? { value: main.fahrenheit!, unit: '°F', text: note }
    : celsius(main.celsius, note);
}

export const coreTable: ShelfTable = {
  id: 'core-temperatures',
  title: 'Core temperatures',
  keywords: 'safe cooked internal probe temperature food safety',
  columns: authorities.map((one) => one.name),
  sources: authoritySources,
  note: whoDecides,
  rows: () =>
    foodKinds.map(({ id, name, names }) => ({
      id,
      name,
      keywords: names.join(' '),
      cells: authorities.map((one) => requirementCell(one.id as AuthorityId, id)),
    })),
};

export const coolingTable: ShelfTable = {
  id: 'cooling-limits',
  title: 'Cooling limits',
  keywords: 'cool chill refrigerator leftovers soup rice two hours',
  columns: ['from', 'to', 'within'],
  sources: authoritySources.filter((_, i) => authorities[i]!.id in coolingStages),
  note: whoDecides,
  rows: () =>
    Object.entries(coolingStages).flatMap(([authority, stages]) =>
      stages.map(({ fromC, toC, limitMinutes }) => ({
        id: `${authority}-${toC}`,
        name: authorities.find((one) => one.id === authority)!.name,
        keywords: 'cooling limit',
        cells: [celsius(fromC), celsius(toC), { value: limitMinutes, unit: 'min' }],
      })),
    ),
};

export const dangerTable: ShelfTable = {
  id: 'danger-zone',
  title: 'Danger zone',
  keywords: 'microbes grow warm bacteria two four hour rule',
  columns: ['from', 'to'],
  sources: [
    {
      kind: 'from-memory',
      text: 'As the places named draw it; under 2 h use or chill, 2 to 4 h use now, over 4 h throw away',
    },
  ],
  note: whoDecides,
  rows: () =>
    dangerZones.map(({ where, lowC, highC }) => ({
      id: where,
      name: where,
      keywords: 'zone',
      cells: [celsius(lowC), celsius(highC)],
    })),
};
