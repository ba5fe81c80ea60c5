import { caramelisation } from '../browning';
import {
  allergens,
  allergenSource,
  bulkDensities,
  densitySource,
  substitutions,
  substitutionSource,
  usCupMl,
} from '../formula';
import { formatNumber } from '../format';
import { gellingAgents, gelsSource, proteaseFruits, starches, starchSource } from '../gels';
import {
  donenessSource,
  fishDoneness,
  gasMarks,
  meatDoneness,
  ovenSource,
  usualFanOffsetC,
  yolkDoneness,
  type DonenessStep,
} from '../heat';
import { leaveningAcids, neutralisingSource } from '../leavening';
import { boilingIn } from '../practical';
import {
  authorities,
  coolingStages,
  coreRequirements,
  dangerZones,
  foodKinds,
  whoDecides,
  type AuthorityId,
} from '../safety';
import { duhringSource, fallBelowSeaLevel, sugarStages, sugarStagesSource } from '../sugar';
import { celsiusFromFahrenheit, fahrenheitFromCelsius, metresPerFoot } from '../units';
import type { Source } from '../working';
import { celsius, span, words, type Cell, type ShelfTable } from './table';

const authoritySources: Source[] = authorities.map(({ name, edition }) => ({
  kind: 'from-memory',
  text: `${name}, ${edition}`,
}));

const sugarStageTable: ShelfTable = {
  id: 'sugar-stages',
  title: 'Sugar stages',
  keywords: 'candy toffee fudge caramel syrup thermometer cold water',
  columns: ['here', 'at sea level', 'in cold water', 'used for'],
  sources: [sugarStagesSource, duhringSource],
  note: 'Hot sugar: long spoon, sleeves down, dry equipment, an adult in charge.',
  rows(place) {
    const fall = fallBelowSeaLevel(boilingIn(place).boilingC);
    return sugarStages.map(({ id, name, lowC, highC, inColdWater, usedFor }) => ({
      id,
      name,
      keywords: `${usedFor} ${inColdWater}`,
      cells: [
        span(Number((lowC - fall).toFixed(1)), highC === null ? null : highC - fall),
        span(lowC, highC),
        words(inColdWater),
        words(usedFor),
      ],
    }));
  },
};

const ovenTable: ShelfTable = {
  id: 'oven-settings',
  title: 'Oven settings',
  keywords: 'gas mark fan convection oven dial',
  columns: ['still oven', 'dial in °F', 'fan oven', 'in words'],
  sources: [ovenSource],
  rows: () =>
    gasMarks.map(({ mark, celsius: c, fahrenheit, words: said }) => ({
      id: `gas-${mark}`,
      name: `gas ${mark === 0.25 ? '¼' : mark === 0.5 ? '½' : mark}`,
      keywords: `gas mark ${mark} ${c} ${fahrenheit} ${said}`,
      cells: [celsius(c), { value: fahrenheit, unit: '°F' }, celsius(c - usualFanOffsetC), words(said)],
    })),
};

function requirementCell(authority: AuthorityId, food: string): Cell {
  const found = coreRequirements.find((one) => one.authority === authority && one.food === food);
  if (!found) return words('—');
  const hold =
    found.holdS === 0
      ? 'at once'
      : found.holdS < 100
        ? `for ${found.holdS} s`
        : `for ${found.holdS / 60} min`;
  return celsius(
    found.celsius,
    `${hold}${found.rest ? ', rest counted' : ''}${found.equivalentZC ? ' or equivalent' : ''}`,
  );
}

const coreTable: ShelfTable = {
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

const coolingTable: ShelfTable = {
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

const dangerTable: ShelfTable = {
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

const gelTable: ShelfTable = {
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

const proteaseTable: ShelfTable = {
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

const starchTable: ShelfTable = {
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

const acidTable: ShelfTable = {
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

const densityTable: ShelfTable = {
  id: 'densities',
  title: 'Densities and cups',
  keywords: 'cup gram weight volume convert',
  columns: ['a US cup', 'a metric cup', 'loose to packed', 'density'],
  sources: [densitySource],
  rows: () =>
    bulkDensities.map(({ id, name, names, gPerMl, low, high }) => ({
      id,
      name,
      keywords: names.join(' '),
      cells: [
        { value: Math.round(gPerMl * usCupMl), unit: 'g' },
        { value: Math.round(gPerMl * 250), unit: 'g' },
        words(`${Math.round(low * usCupMl)} to ${Math.round(high * usCupMl)} g a US cup`),
        { value: gPerMl, unit: 'g/ml' },
      ],
    })),
};

const allergenTable: ShelfTable = {
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

const donenessTable = (
  id: string,
  title: string,
  keywords: string,
  scale: readonly DonenessStep[],
): ShelfTable => ({
  id,
  title,
  keywords: `doneness done cooked ${keywords}`,
  columns: ['from', 'why'],
  sources: [donenessSource],
  note: 'Where food safety is at stake the probe and the authority decide, not the eye.',
  rows: () =>
    scale.map(({ fromC, name, why }) => ({
      id: name,
      name,
      keywords: why,
      cells: [Number.isFinite(fromC) ? celsius(fromC) : words('below'), words(why)],
    })),
});

const caramelTable: ShelfTable = {
  id: 'caramelisation',
  title: 'Where sugars caramelise',
  keywords: 'caramel brown sugar',
  columns: ['from about'],
  sources: [{ kind: 'from-memory', text: 'Handbook onsets of caramelisation of dry sugars' }],
  rows: () =>
    caramelisation.map(({ sugar, fromC }) => ({
      id: sugar,
      name: sugar,
      keywords: 'caramelise',
      cells: [celsius(fromC)],
    })),
};

const substitutionTable: ShelfTable = {
  id: 'substitutions',
  title: 'One thing for another',
  keywords: 'substitute replace instead ran out',
  columns: ['take', 'for 100 g', 'also', 'what it does'],
  sources: [substitutionSource],
  rows: () =>
    substitutions.map(({ from, to, gramsPerGram, also, consequence }) => ({
      id: `${from}-${to}`,
      name: from,
      keywords: `${to} instead`,
      cells: [
        words(to),
        { value: Number((100 * gramsPerGram).toFixed(0)), unit: 'g' },
        words(also ?? '—'),
        words(consequence),
      ],
    })),
};

/** Every table of the shelf, in the order of the work. A new one is a new line. */
export const tables: readonly ShelfTable[] = [
  sugarStageTable,
  ovenTable,
  densityTable,
  substitutionTable,
  acidTable,
  gelTable,
  proteaseTable,
  starchTable,
  donenessTable('egg-yolk', 'Egg yolks, by the hottest the centre gets', 'egg yolk', yolkDoneness),
  donenessTable('meat', 'Whole cuts of beef and lamb', 'meat beef lamb steak', meatDoneness),
  donenessTable('fish', 'Fish', 'fish salmon', fishDoneness),
  caramelTable,
  coreTable,
  coolingTable,
  dangerTable,
  allergenTable,
];

const ounce = 28.349523125;

/** A unit of the other world: what it is called, how a number becomes one of it, and with how many decimals it is said. */
function otherUnit(
  value: number,
  unit: string,
): { to: string; of(value: number): number; decimals: number } | null {
  switch (unit) {
    case '°C':
      return { to: '°F', of: fahrenheitFromCelsius, decimals: 0 };
    case '°F':
      return { to: '°C', of: celsiusFromFahrenheit, decimals: 0 };
    case 'g':
      return value >= 1000
        ? { to: 'lb', of: (grams) => grams / (16 * ounce), decimals: 2 }
        : { to: 'oz', of: (grams) => grams / ounce, decimals: value < 28 ? 2 : 1 };
    case 'ml':
      return { to: 'US cups', of: (ml) => ml / usCupMl, decimals: 2 };
    case 'L':
      return { to: 'US gal', of: (litres) => litres / 3.785411784, decimals: 2 };
    case 'mm':
      return { to: 'in', of: (mm) => mm / 25.4, decimals: 2 };
    case 'm':
      return { to: 'ft', of: (metres) => metres / metresPerFoot, decimals: 0 };
    default:
      return null;
  }
}

/** How a number of a table or a result, or a range, reads in the other unit world; null where there is none. */
export function otherWorld(value: number, unit: string, high?: number): string | null {
  const other = otherUnit(value, unit);
  if (!other) return null;
  const shown = [value, ...(high === undefined ? [] : [high])].map((one) =>
    formatNumber(other.of(one), other.decimals),
  );
  return `${shown.join(' to ')} ${other.to}`;
}
