import { formatNumber } from '../format';
import {
  bakingPowderSource,
  equivalentYeastG,
  powderForPlainFlour,
  sachetG,
  yeastKinds,
  type YeastKind,
} from '../leavening';
import { defineCalculator } from './definition';

export const selfRaisingFlour = defineCalculator({
  id: 'self-raising',
  title: 'Self-raising flour from plain flour',
  keywords: 'self raising baking powder plain flour make replace',
  example: { plainFlourG: 225 },
  inputs: { plainFlourG: { kind: 'number', unit: 'g', low: 0, high: 100_000, about: 'plain flour' } },
  compute({ plainFlourG }) {
    const bakingPowderG = powderForPlainFlour(plainFlourG);
    return {
      result: { bakingPowderG },
      working: [
        {
          text: `gas that self-raising flour must give: 0.40 % of ${formatNumber(plainFlourG)} g`,
          value: 0.004 * plainFlourG,
          unit: 'g CO₂',
        },
        { text: 'baking powder gives at least 12 % of itself', value: bakingPowderG, unit: 'g' },
      ],
      sources: [bakingPowderSource],
      warnings: ['The least the law asks; kitchens take up to half as much again.'],
    };
  },
});

export const yeastEquivalent = defineCalculator({
  id: 'yeast-equivalent',
  title: 'Fresh, dry and instant yeast',
  keywords: 'yeast sachet fresh dried instant convert',
  example: { massG: 20, from: 'fresh', to: 'instant' },
  inputs: {
    massG: { kind: 'number', unit: 'g', low: 0, high: 10_000, about: 'yeast' },
    from: { kind: 'choice', options: Object.keys(yeastKinds), about: 'what it is' },
    to: { kind: 'choice', options: Object.keys(yeastKinds), about: 'what there is' },
  },
  compute({ massG, from, to }) {
    const equivalentG = equivalentYeastG(massG, from as YeastKind, to as YeastKind);
    const sachets = equivalentYeastG(massG, from as YeastKind, 'instant') / sachetG;
    return {
      result: { equivalentG, sachets },
      working: [
        { text: 'fresh : active dry : instant = 3 : 1.25 : 1' },
        { text: `${formatNumber(massG)} g ${from} is, ${to}`, value: equivalentG, unit: 'g' },
        { text: 'sachets of 7 g instant', value: sachets },
      ],
      sources: [{ kind: 'common-practice', text: 'Equivalents as bakers use them' }],
    };
  },
});
