import {
  boilingTableSource,
  duhringSource,
  strongestSyrupPercent,
  syrupBoilingC,
  syrupConcentration,
} from '../sugar';
import { mediumOf } from '../practical';
import { knownOf, predicted, type Model } from './prediction';

/** Strength of a syrup when it boils at its target. */
export const syrupStrength: Model = (asked) => {
  const { plan, boiling } = asked;
  const division = (id: string | null) =>
    plan.thermometers.find((one) => one.id === id)?.smallestDivisionC ?? 1;
  return predicted(
    asked,
    { id: 'syrup', what: 'Sugar in the syrup at its target', unit: '%', decimals: 1 },
    (station) => {
      const step = station.own.steps.findLast(
        (one) => one.target !== null && mediumOf(plan, one) === 'syrup',
      );
      if (!step?.target || !knownOf(station).some(({ entry }) => entry.syrupShare === 1)) return null;
      const either = division(step.thermometerId) / 2 + boiling.uncertaintyC;
      const { localC } = step.target;
      const at = (celsius: number) => syrupConcentration(celsius, boiling.boilingC);
      const strongestC = syrupBoilingC(strongestSyrupPercent, boiling.boilingC);
      return {
        low: at(localC - either),
        middle: at(localC),
        high: at(Math.min(strongestC, localC + either)),
      };
    },
    [
      'sucrose that boils at the target, the table read backwards',
      { text: 'water boils here at', value: boiling.boilingC, unit: '°C' },
      {
        text: 'the boiling point is known to',
        value: boiling.uncertaintyC,
        unit: '°C',
      },
      'half a division of the thermometer and the boiling point’s doubt either way for the band',
    ],
    [boilingTableSource, duhringSource],
  );
};
