import { syrupOfFormula } from '../../batch';
import { capitalised, formatNumber, formatTemperature, listed } from '../../format';
import {
  boilingIn,
  localTarget,
  mediumOf,
  sayingTheTarget,
  syrupAtSeaLevelC,
  targetOfLevel,
  temperatureEnd,
  workingOfTarget,
  type Level,
  type Medium,
  type Plan,
  type Step,
} from '../../practical';
import { mentionsOven } from '../../safety';
import { sugarStages, sugarStagesSource } from '../../sugar';
import { seaLevelBoilingC } from '../../water';
import { workingOf } from '../../working';
import { hottestEnd, ownPlans } from '../own-plans';
import type { Rule } from '../plan-remark';

/** Smallest shift worth a word, °C. */
const smallestShiftC = 0.5;
const typedTemperature = /(\d{2,3}(?:[.,]\d)?)\s*°?\s*(C|F|degrees)\b/;

const inSyrup = (plan: Plan) => plan.thermometers.find((one) => one.in === 'syrup');

/** A sea-level temperature written into a method that is done higher up. */
export const endpointsAreLocal: Rule = ({ plan, place }) => {
  const syrup = inSyrup(plan);
  if (!syrup) return [];
  const { boilingC } = boilingIn(place);
  if (Math.abs(seaLevelBoilingC - boilingC) < smallestShiftC) return [];
  return plan.steps.flatMap((step) => {
    const celsius = uncorrected(plan, step);
    if (celsius === null || celsius < 100) return [];
    const target = localTarget(celsius, true, place);
    return [
      {
        id: `endpoint-not-local:${step.id}`,
        rank: 'check' as const,
        at: { section: 'method' as const, item: step.id },
        what: `${formatNumber(celsius)} °C is not corrected for ${place?.name ?? 'this place'}`,
        why: `Water boils at ${formatTemperature(boilingC)} here. The same syrup shows ${formatTemperature(target.localC)}; at ${formatNumber(celsius)} °C it has gone too far.`,
        working: workingOfTarget(target, place),
        remedy: {
          label: `stop at ${formatTemperature(target.localC)} here`,
          apply: (was: Plan): Plan => ({
            ...was,
            steps: was.steps.map((one) =>
              one.id === step.id
                ? {
                    ...one,
                    text: withoutTemperature(one),
                    ends: [
                      ...one.ends.filter((end) => end.kind === 'sign'),
                      { kind: 'temperature', celsius, basis: 'sea-level' },
                    ],
                    thermometerId: mediumOf(was, one) === 'syrup' ? one.thermometerId : syrup.id,
                  }
                : one,
            ),
          }),
        },
      },
    ];
  });
};

/** The temperature a step ends at as it stands, °C, where nothing corrects it; else null. */
function uncorrected(plan: Plan, step: Step): number | null {
  const end = temperatureEnd(step);
  // What is read in chocolate, meat or water is what it is anywhere.
  const medium = mediumOf(plan, step);
  if (medium !== null && medium !== 'syrup') return null;
  if (end) return end.basis === 'as-read' ? end.celsius : null;
  const typed = typedTemperature.exec(step.text);
  if (!typed || mentionsOven(step.text)) return null;
  const value = Number(typed[1]!.replace(',', '.'));
  return typed[2] === 'F' ? Math.round(((value - 32) * 50) / 9) / 10 : value;
}

/** Words that lead up to a temperature and go with it: “until the syrup reaches”, “to about”. */
const leadingUp =
  '(?:[Uu]ntil|[Tt]ill|[Ww]hen)(?:\\s+(?:it|they|the\\s+\\p{L}+))?(?:\\s+(?:reach(?:es)?|shows?|reads?|is|are|gets? to|comes? to|hits?))?(?:\\s+about)?|(?:up )?to(?: about)?|at(?: about)?|reaches|about';

function withoutTemperature(step: Step): string {
  if (temperatureEnd(step)) return sayingTheTarget(step);
  const left = step.text
    .replace(new RegExp(`,?\\s*\\b(${leadingUp})?\\s*${typedTemperature.source}`, 'u'), '')
    .replace(/(?<!\s)\s+([.,;])/g, '$1')
    .replace(/^[\s.,;]+/, '')
    .trim();
  return left === '' ? step.text : capitalised(left);
}

/** Levels that leave what syrup can do: burnt sugar, or water still boiling off. */
export const levelsAreSyrup: Rule = ({ plan, place }) =>
  plan.factors.flatMap((factor) => {
    const { acts } = factor;
    if (acts.on !== 'end-temperature') return [];
    const step = plan.steps.find((one) => one.id === acts.stepId);
    if ((step ? mediumOf(plan, step) : (inSyrup(plan)?.in ?? null)) !== 'syrup') return [];
    const burnt = sugarStages.at(-1)!.lowC;
    const isBurnt = (level: Level) => {
      const target = targetOfLevel(plan, factor, level, place);
      return target !== null && syrupAtSeaLevelC(target, place) >= burnt;
    };
    const hot = factor.levels.filter(isBurnt);
    if (hot.length === 0) return [];
    return [
      {
        id: 'level-burnt',
        rank: 'stop' as const,
        at: { section: 'fair-test' as const },
        what: `${listed(hot.map((level) => `${formatNumber(level.value ?? 0)} °C`))} ${hot.length === 1 ? 'is' : 'are'} burnt sugar`,
        why: 'It smokes, catches and cannot be eaten. Keep levels below the burnt stage.',
        working: workingOf([{ text: 'burnt from about', value: burnt, unit: '°C' }], [sugarStagesSource]),
        remedy: {
          label: hot.length === 1 ? 'take it out' : 'take them out',
          apply: (was: Plan): Plan => ({
            ...was,
            factors: was.factors.map((one) =>
              one.id === factor.id ? { ...one, levels: one.levels.filter((level) => !isBurnt(level)) } : one,
            ),
          }),
        },
      },
    ];
  });

const dippedIn = (id: string, medium: Medium) => (was: Plan) => ({
  ...was,
  thermometers: was.thermometers.map((one) => (one.id === id ? { ...one, in: medium } : one)),
});

/** A thermometer said to be in boiling syrup where none boils, or in food where a syrup does. */
export const thermometerSuitsTheFormula: Rule = ({ plan, place }) => {
  const { boilingC } = boilingIn(place);
  const boils = ownPlans(plan, place).some(
    ({ ingredients }) => syrupOfFormula(ingredients, boilingC) !== null,
  );
  const syrup = inSyrup(plan);
  if (syrup) {
    if (plan.formula.length === 0 || boils) return [];
    return [
      {
        id: 'syrup-not-in-formula',
        rank: 'check',
        at: { section: 'fair-test', item: syrup.id },
        what: 'No syrup boils in this formula',
        why: 'Only boiling syrup follows the local boiling point. In any other food a temperature is the same everywhere.',
        working: workingOf(['a syrup needs an amount of sugar and an amount of water in the formula']),
        remedy: { label: 'the thermometer is in food', apply: dippedIn(syrup.id, 'food') },
      },
    ];
  }
  if (!boils || plan.steps.some((step) => mentionsOven(step.text))) return [];
  return plan.thermometers.flatMap((thermometer) => {
    if (thermometer.in !== 'food') return [];
    const steps = plan.steps.filter((step) => step.thermometerId === thermometer.id && temperatureEnd(step));
    const hottest = Math.max(-Infinity, ...steps.map((step) => hottestEnd(plan, step.id, place)));
    if (!(hottest >= sugarStages[0]!.lowC && hottest < sugarStages.at(-1)!.lowC)) return [];
    return [
      {
        id: 'syrup-not-followed',
        rank: 'check' as const,
        at: { section: 'fair-test' as const, item: thermometer.id },
        what: `${formatNumber(hottest)} °C is a stage of boiling syrup`,
        why: `Water boils at ${formatTemperature(boilingC)} here, and syrup as much lower than at sea level; a thermometer in food is not corrected for that.`,
        working: workingOf(
          [
            { text: 'water boils here at', value: boilingC, unit: '°C' },
            { text: 'lower than at sea level by', value: seaLevelBoilingC - boilingC, unit: '°C' },
          ],
          [sugarStagesSource],
        ),
        remedy: { label: 'the thermometer is in the syrup', apply: dippedIn(thermometer.id, 'syrup') },
      },
    ];
  });
};

/** Targets rest on an altitude alone. */
export const boilingPointIsMeasured: Rule = ({ plan, place }) => {
  const syrup = inSyrup(plan);
  if (!syrup) return [];
  const boiling = boilingIn(place);
  if (boiling.basis === 'measured') return [];
  const what =
    boiling.basis === 'altitude'
      ? 'Targets rest on the altitude alone'
      : 'No place chosen: targets are sea-level ones';
  return [
    {
      id: 'boiling-not-measured',
      rank: 'note',
      at: { section: 'fair-test', item: syrup.id },
      what,
      why: 'Weather moves boiling water by up to 1 °C, and thermometers differ. Boil some before the lesson and write down what it shows.',
      working: workingOf([
        { text: 'Water boils here at', value: boiling.boilingC, unit: '°C' },
        { text: 'give or take', value: boiling.uncertaintyC, unit: '°C' },
      ]),
    },
  ];
};
