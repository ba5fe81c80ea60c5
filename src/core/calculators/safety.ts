import { RefusedValue } from '../bounds';
import { formatNumber } from '../format';
import {
  authorities,
  authorityCalled,
  checkCooling,
  checkCore,
  coolingStages,
  coreRequirements,
  equivalentMinutes,
  foodKindCalled,
  foodKinds,
  lethalitySource,
  ukReferenceC,
  ukZC,
  whoDecides,
  type AuthorityId,
} from '../safety';
import type { Source } from '../working';
import { defineCalculator } from './definition';
import { readingsInput } from './inputs';

const authorityInput = {
  kind: 'text',
  most: 40,
  example: 'fda',
  about: `whose limits: ${authorities.map((one) => one.id).join(', ')}`,
} as const;

function authorityNamed(word: string): AuthorityId {
  const id = authorityCalled(word);
  if (!id) throw new RefusedValue('authority', word, `one of ${authorities.map((one) => one.id).join(', ')}`);
  return id;
}

const sourceOf = (id: AuthorityId): Source => {
  const { name, edition } = authorities.find((one) => one.id === id)!;
  return { kind: 'from-memory', text: `${name}, ${edition}` };
};

export const lethality = defineCalculator({
  id: 'lethality',
  title: 'Heat treatment as minutes at one temperature',
  keywords: 'lethality pasteurise pasteurisation f value z kill equivalent core',
  example: {
    readings: [
      { minute: 0, celsius: 60 },
      { minute: 5, celsius: 72 },
      { minute: 8, celsius: 72 },
    ],
    referenceC: 70,
    zC: 7.5,
  },
  inputs: {
    readings: readingsInput(2),
    referenceC: {
      kind: 'number',
      unit: '°C',
      low: 40,
      high: 130,
      optional: true,
      fallback: ukReferenceC,
      about: 'temperature to compare with',
    },
    zC: {
      kind: 'number',
      unit: '°C',
      low: 2,
      high: 20,
      optional: true,
      fallback: ukZC,
      about: 'degrees for a tenfold rate',
    },
  },
  compute({ readings, referenceC, zC }) {
    const minutes = equivalentMinutes(readings, referenceC, zC);
    return {
      result: { equivalentMinutes: minutes },
      working: [
        {
          text: `F = ∫ 10^((T − ${formatNumber(referenceC)})/${formatNumber(zC)}) dt, straight lines between the readings`,
        },
        {
          text: 'highest reading',
          value: readings.reduce((top, one) => Math.max(top, one.celsius), -Infinity),
          unit: '°C',
        },
        { text: `as many minutes at ${formatNumber(referenceC)} °C`, value: minutes, unit: 'min' },
      ],
      sources: [lethalitySource],
      warnings: ['Only as true as the probe’s place: the coldest spot counts.', whoDecides],
    };
  },
});

export const coreTemperatureCheck = defineCalculator({
  id: 'core-temperature-check',
  title: 'Is the core hot enough?',
  keywords: 'chicken turkey poultry beef pork fish egg minced burger core safe internal temperature cooked',
  example: { food: 'chicken', celsius: 75, heldSeconds: 30, authority: 'uk-fsa' },
  oneOf: ['readings', 'celsius'],
  inputs: {
    food: {
      kind: 'text',
      most: 60,
      example: 'chicken',
      about: `what: ${foodKinds.map((one) => one.id).join(', ')}, or its name`,
    },
    authority: authorityInput,
    celsius: {
      kind: 'number',
      unit: '°C',
      low: -90,
      high: 130,
      optional: true,
      about: 'temperature held in the core',
    },
    heldSeconds: {
      kind: 'number',
      unit: 's',
      low: 0,
      high: 86_400,
      optional: true,
      fallback: 0,
      about: 'for how long',
    },
    readings: { ...readingsInput(1), optional: true },
  },
  compute({ food, authority, celsius, heldSeconds, readings }) {
    const kind = foodKindCalled(food);
    if (!kind)
      throw new RefusedValue(
        'food',
        food,
        `one of ${foodKinds.map((one) => one.id).join(', ')}, or a name such as chicken, burger, salmon`,
      );
    const id = authorityNamed(authority);
    const evidence = readings ? { readings } : { celsius: celsius!, heldSeconds };
    if (readings && readings.length < 2 && id === 'uk-fsa') {
      throw new RefusedValue('readings', readings, 'at least 2 readings');
    }
    const { safe, required, achieved } = checkCore(id, kind, evidence);
    return {
      result: { safe, required, achieved },
      working: [
        { text: `${food} counts as ${foodKinds.find((one) => one.id === kind)!.name}` },
        { text: `required: ${required}` },
        { text: `achieved: ${achieved}` },
        ...coreRequirements
          .filter((one) => one.food === kind && one.authority !== id)
          .map((one) => ({
            text: `${authorities.find((other) => other.id === one.authority)!.name} asks`,
            value: one.celsius,
            unit: `°C${one.holdS > 0 ? ` for ${one.holdS} s` : ''}`,
          })),
      ],
      sources: [sourceOf(id), ...(id === 'uk-fsa' ? [lethalitySource] : [])],
      warnings: [`Not a permission. ${whoDecides}`],
    };
  },
});

export const coolingCheckCalculator = defineCalculator({
  id: 'cooling-check',
  title: 'Did it cool fast enough?',
  keywords: 'cooling chill danger zone two hours rice soup leftovers limits',
  example: {
    readings: [
      { minute: 0, celsius: 63 },
      { minute: 45, celsius: 30 },
      { minute: 80, celsius: 9 },
      { minute: 88, celsius: 8 },
    ],
    authority: 'uk-fsa',
  },
  inputs: { readings: readingsInput(2), authority: authorityInput },
  compute({ readings, authority }) {
    const id = authorityNamed(authority);
    if (id === 'usda')
      throw new RefusedValue(
        'authority',
        authority,
        `one of ${Object.keys(coolingStages).join(', ')}: it gives no cooling stages here`,
      );
    const { passes, stages, soFarMinutes } = checkCooling(readings, id);
    return {
      result: {
        passes,
        stages: stages.map(({ fromC, toC, limitMinutes, takenMinutes, passes: met }) => ({
          fromC,
          toC,
          limitMinutes,
          takenMinutes,
          passes: met,
        })),
      },
      working: stages.flatMap(({ fromC, toC, limitMinutes, takenMinutes }) => [
        { text: `${fromC} to ${toC} °C: allowed`, value: limitMinutes, unit: 'min' },
        takenMinutes === null
          ? { text: 'not there yet, after', value: soFarMinutes, unit: 'min' }
          : { text: 'taken', value: takenMinutes, unit: 'min' },
      ]),
      sources: [sourceOf(id)],
      warnings: [
        ...(readings[0]!.celsius < stages[0]!.fromC
          ? [`The readings begin below ${stages[0]!.fromC} °C: the time before them is not counted.`]
          : []),
        `Not a permission. ${whoDecides}`,
      ],
    };
  },
});
