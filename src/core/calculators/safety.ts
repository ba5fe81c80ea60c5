import { RefusedValue } from '../bounds';
import { formatNumber } from '../format';
import {
  authorities,
  authorityCalled,
  checkCooling,
  checkCore,
  coolingStages,
  equivalentMinutes,
  foodKinds,
  lethalitySource,
  longestCoolingGapMinutes,
  longestCoreGapMinutes,
  printedEquivalentsSource,
  requirementFor,
  treatmentOf,
  ukReferenceC,
  ukZC,
  whoDecides,
  type AuthorityId,
} from '../safety';
import { celsiusFromFahrenheit } from '../units';
import type { Source } from '../working';
import { defineCalculator } from './definition';
import { readingsInput } from './inputs';
import { foodWorking } from './plausible-food';

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
      warnings: [
        'A comparison, not a verdict: authorities count nothing below their own table (60 °C in the UK), and one z does not meet all of its lines. Ask “Is the core hot enough?” for that.',
        'Only as true as the probe’s place: the coldest spot counts.',
        whoDecides,
      ],
    };
  },
});

export const coreTemperatureCheck = defineCalculator({
  id: 'core-temperature-check',
  title: 'Is the core hot enough?',
  keywords:
    'chicken turkey poultry beef pork fish egg minced burger core safe internal temperature cooked reheat leftovers',
  example: { food: 'chicken', celsius: 75, heldSeconds: 30, authority: 'uk-fsa' },
  oneOf: ['readings', 'celsius', 'fahrenheit'],
  inputs: {
    food: {
      kind: 'text',
      most: 120,
      example: 'chicken',
      about: 'what it is and what was done to it: “stuffed fish”, “leftover rice”',
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
    fahrenheit: {
      kind: 'number',
      unit: '°F',
      low: -130,
      high: 266,
      optional: true,
      about: 'the same, read in °F',
    },
    heldSeconds: {
      kind: 'number',
      unit: 's',
      low: 0,
      high: 86_400,
      optional: true,
      about: 'for how long; left out, it is not known',
    },
    readings: { ...readingsInput(1), optional: true },
  },
  compute({ food, authority, celsius, fahrenheit, heldSeconds, readings }) {
    const id = authorityNamed(authority);
    if (celsius !== undefined && fahrenheit !== undefined) {
      throw new RefusedValue('fahrenheit', fahrenheit, 'nothing beside celsius: one of the two');
    }
    const held = celsius ?? (fahrenheit === undefined ? undefined : celsiusFromFahrenheit(fahrenheit));
    const evidence = readings ? { readings } : { celsius: held!, heldSeconds };
    const check = checkCore(id, food, evidence);
    const { verdict, safe, required, achieved, missing, requirement } = check;
    const kind = foodKinds.find((one) => one.id === check.food);
    return {
      result: { verdict, safe, required, achieved, ...(missing && { missing }) },
      working: [
        {
          text: kind ? `“${food}” counts as ${kind.name}` : `“${food}” is not known: no limit can be chosen`,
        },
        ...foodWorking(food),
        { text: `required: ${required}` },
        { text: `achieved: ${achieved}` },
        ...(readings && requirement.addsUp
          ? [
              {
                text: `share of the treatment that was seen: Σ time / printed time at the cooler of two readings, at most ${longestCoreGapMinutes} min apart`,
                value: treatmentOf(readings, longestCoreGapMinutes).least * 100,
                unit: '%',
              },
            ]
          : []),
        ...(kind
          ? authorities
              .filter((one) => one.id !== id)
              .map((one) => ({
                text: `${one.name} asks for ${requirementFor(one.id as AuthorityId, kind.id)}`,
              }))
          : []),
      ],
      sources: [sourceOf(id), ...(requirement.addsUp ? [printedEquivalentsSource] : [])],
      warnings: [...(missing ? [`Can’t tell. Missing: ${missing}.`] : []), `Not a permission. ${whoDecides}`],
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
    if (!(id === 'fda' || id === 'uk-fsa'))
      throw new RefusedValue(
        'authority',
        authority,
        `one of ${Object.keys(coolingStages).join(', ')}: it gives no cooling stages here`,
      );
    const { verdict, passes, stages, soFarMinutes, missing } = checkCooling(readings, id);
    return {
      result: {
        verdict,
        passes,
        ...(missing && { missing }),
        stages: stages.map(
          ({ fromC, toC, limitMinutes, takenMinutes, passes: met, verdict: stageVerdict }) => ({
            fromC,
            toC,
            limitMinutes,
            takenMinutes,
            verdict: stageVerdict,
            passes: met,
          }),
        ),
      },
      working: [
        { text: `the clock starts at the first fall below ${stages[0]!.fromC} °C; nothing sets it back` },
        ...stages.flatMap((stage) => {
          const { fromC, toC, limitMinutes, takenMinutes } = stage;
          return [
            { text: `${fromC} to ${toC} °C: allowed`, value: limitMinutes, unit: 'min' },
            {
              text: 'readings may be apart by',
              value: longestCoolingGapMinutes(stage),
              unit: 'min',
            },
            takenMinutes === null
              ? { text: `${stage.missing ?? 'not there yet'}; so far`, value: soFarMinutes, unit: 'min' }
              : { text: 'taken, straight lines between the readings', value: takenMinutes, unit: 'min' },
          ];
        }),
      ],
      sources: [sourceOf(id)],
      warnings: [...(missing ? [`Can’t tell. Missing: ${missing}.`] : []), `Not a permission. ${whoDecides}`],
    };
  },
});
