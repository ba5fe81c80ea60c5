import { RefusedValue } from '../bounds';
import { formatNumber } from '../format';
import { choiOkosSource, diffusivity, foodComponents, foodProperties } from '../heat';
import { defineCalculator } from './definition';

const share = (about: string) =>
  ({ kind: 'number', unit: '%', low: 0, high: 100, optional: true, fallback: 0, about }) as const;

export const foodPropertiesCalculator = defineCalculator({
  id: 'food-properties',
  title: 'Thermal properties of a food',
  keywords: 'conductivity density specific heat diffusivity composition choi okos',
  example: { waterPercent: 74, proteinPercent: 21, fatPercent: 4, ashPercent: 1, temperatureC: 20 },
  inputs: {
    waterPercent: share('water'),
    proteinPercent: share('protein'),
    fatPercent: share('fat'),
    carbohydratePercent: share('sugars and starch'),
    fibrePercent: share('fibre'),
    ashPercent: share('minerals'),
    temperatureC: { kind: 'number', unit: '°C', low: 0, high: 150, about: 'at what temperature, unfrozen' },
  },
  compute({ temperatureC, ...percents }) {
    const composition = Object.fromEntries(
      foodComponents.map((component) => [component, percents[`${component}Percent`] / 100]),
    );
    const total = Object.values(composition).reduce((sum, one) => sum + one, 0);
    if (Math.abs(total - 1) > 0.02) {
      throw new RefusedValue(
        'waterPercent',
        percents.waterPercent,
        `shares that add up to 100 %, not ${formatNumber(100 * total, 1)} %`,
      );
    }
    const material = foodProperties(composition, temperatureC);
    return {
      result: { ...material, diffusivityMm2PerS: diffusivity(material) * 1e6 },
      working: [
        { text: 'specific heat by mass, density and conductivity by volume of the components' },
        { text: 'conductivity', value: material.conductivityWmK, unit: 'W/m·K' },
        { text: 'density', value: material.densityKgM3, unit: 'kg/m³' },
        { text: 'specific heat', value: material.specificHeatJkgK, unit: 'J/kg·K' },
        {
          text: 'diffusivity = conductivity / (density × specific heat)',
          value: diffusivity(material) * 1e6,
          unit: 'mm²/s',
        },
      ],
      sources: [choiOkosSource],
      warnings: ['Without air: foams and crumb conduct and weigh far less.'],
    };
  },
});
