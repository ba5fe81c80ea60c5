import { usCupMl } from '../formula';
import { gellingAgents, gelsSource, proteaseFruits, starches, starchSource } from '../gels';
import {
  allergens,
  allergenSource,
  ingredientItems,
  ingredientsSource,
  itemById,
  substitutes,
  substitutesSource,
} from '../ingredients';
import { leaveningAcids, neutralisingSource } from '../leavening';
import { celsius, span, words, type ShelfTable } from './table';

export const densityTable: ShelfTable = {
  id: 'densities',
  title: 'Densities and cups',
  keywords: 'cup gram weight volume convert',
  columns: ['a US cup', 'a metric cup', 'loose to packed', 'density'],
  sources: [ingredientsSource],
  rows: () =>
    ingredientItems.flatMap(({ id, name, names, density }) =>
      density
        ? [
            {
              id,
              name,
              keywords: names.slice(1).join(' '),
              cells: [
                { value: Math.round(density.gPerMl * usCupMl), unit: 'g' },
                { value: Math.round(density.gPerMl * 250), unit: 'g' },
                words(
                  `${Math.round(density.low * usCupMl)} to ${Math.round(density.high * usCupMl)} g a US cup`,
                ),
                { value: density.gPerMl, unit: 'g/ml' },
              ],
            },
          ]
        : [],
    ),
};

export const substitutionTable: ShelfTable = {
  id: 'substitutions',
  title: 'One thing for another',
  keywords: 'substitute replace instead ran out',
  columns: ['take', 'for 100 g', 'also', 'what it does'],
  sources: [substitutesSource],
  rows: () =>
    substitutes.map(({ from, to, gramsPerGram, also, consequence }) => ({
      id: `${from}-${to}`,
      name: itemById(from).name,
      keywords: `${itemById(from).names.slice(0, 6).join(' ')} ${itemById(to).name} instead`,
      cells: [
        words(itemById(to).name),
        { value: Number((100 * gramsPerGram).toFixed(0)), unit: 'g' },
        words(
          also
            .map(
              ({ item, per100G }) =>
                `${per100G < 0 ? 'leave out ' : ''}${Math.abs(per100G)} g ${itemById(item).name}`,
            )
            .join(', ') || '—',
        ),
        words(consequence),
      ],
    })),
};

export const acidTable: ShelfTable = {
  id: 'leavening-acids',
  title: 'Leavening acids',
  keywords: 'soda bicarbonate neutralise baking powder acid',
  columns: ['100 g take', 'for 5 g bicarbonate', 'worth knowing'],
  sources: [neutralisingSource],
  rows: () =>
    leaveningAcids.map(({ id, name, neutralisingValue, about }) => ({
      id,
      name,
      keywords: about,
      cells: [
        { value: Number(neutralisingValue.toFixed(1)), unit: 'g', text: 'bicarbonate' },
        { value: Number((500 / neutralisingValue).toFixed(1)), unit: 'g' },
        words(about),
      ],
    })),
};

export const gelTable: ShelfTable = {
  id: 'gels',
  title: 'Gelling agents',
  keywords: 'gel jelly set melt',
  columns: ['usual dose', 'sets', 'melts', 'worth knowing'],
  sources: [gelsSource],
  rows: () =>
    gellingAgents.map(({ id, name, usualPercent, setsC, meltsC, about }) => ({
      id,
      name,
      keywords: about,
      cells: [
        { value: usualPercent[0], high: usualPercent[1], unit: '%' },
        setsC ? span(setsC[0], setsC[1]) : words('—'),
        meltsC ? span(meltsC[0], meltsC[1]) : words('does not melt'),
        words(about),
      ],
    })),
};

export const proteaseTable: ShelfTable = {
  id: 'gelatine-fruits',
  title: 'Fruits that ruin gelatine',
  keywords: 'pineapple kiwi papaya enzyme protease gelatine jelly raw',
  columns: ['because of', 'what helps'],
  sources: [gelsSource],
  rows: () =>
    Object.entries(proteaseFruits).map(([fruit, protease]) => ({
      id: fruit,
      name: fruit,
      keywords: `gelatine ${protease}`,
      cells: [words(protease), words('heat it first, use it from a tin, or set it with agar')],
    })),
};

/** Common practice of kitchens; the date and the nose decide. */
const floats = [
  ['lies flat', 'fresh: about a week', 'thick white that stands; best poached or fried in its shape'],
  ['tilts, big end up', 'one to two weeks', 'for most dishes; whites foam more easily'],
  ['stands on its tip', 'about three weeks', 'cook through; peels easily when hard'],
  [
    'floats',
    'old: much water lost',
    'not proven bad: read the date, break into a separate bowl, smell; in doubt throw away',
  ],
] as const;

export const eggFloatTable: ShelfTable = {
  id: 'egg-float',
  title: 'Age of an egg in cold water',
  keywords: 'egg float test fresh old air cell age',
  columns: ['its age', 'good for'],
  sources: [{ kind: 'common-practice', text: 'The float test: the air cell grows as water is lost' }],
  note: 'How old is not how safe: storage, date and clean shells count. The country’s authority and the school decide.',
  rows: () =>
    floats.map(([name, age, use]) => ({
      id: name.replaceAll(' ', '-'),
      name: `it ${name}`,
      keywords: 'egg float',
      cells: [words(age), words(use)],
    })),
};

export const starchTable: ShelfTable = {
  id: 'starches',
  title: 'Starches',
  keywords: 'thicken sauce gelatinisation swell',
  columns: ['begins', 'is done', 'worth knowing'],
  sources: [starchSource],
  rows: () =>
    starches.map(({ id, name, names, onsetC, conclusionC, about }) => ({
      id,
      name,
      keywords: `${names.join(' ')} ${about}`,
      cells: [celsius(onsetC), celsius(conclusionC), words(about)],
    })),
};

export const allergenTable: ShelfTable = {
  id: 'allergens',
  title: 'Allergens that law names',
  keywords: 'allergy intolerance label',
  columns: ['UK and EU (14)', 'US (9)'],
  sources: [allergenSource],
  note: 'The label on the packet decides.',
  rows: () =>
    allergens.map(({ id, name, ukEu, us }) => ({
      id,
      name,
      keywords: 'allergen',
      cells: [words(ukEu ? 'yes' : '—'), words(us ? 'yes' : '—')],
    })),
};
