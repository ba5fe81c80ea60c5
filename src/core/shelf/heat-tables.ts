import { caramelisation } from '../browning';
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
import { boilingIn } from '../practical';
import { duhringSource, fallBelowSeaLevel, sugarStages, sugarStagesSource } from '../sugar';
import { celsius, span, words, type ShelfTable } from './table';

export const sugarStageTable: ShelfTable = {
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

export const ovenTable: ShelfTable = {
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

export const donenessTables: readonly ShelfTable[] = [
  donenessTable('egg-yolk', 'Egg yolks, by the hottest the centre gets', 'egg yolk', yolkDoneness),
  donenessTable('meat', 'Whole cuts of beef and lamb', 'meat beef lamb steak', meatDoneness),
  donenessTable('fish', 'Fish', 'fish salmon', fishDoneness),
];

export const caramelTable: ShelfTable = {
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
