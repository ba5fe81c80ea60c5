import { formatNumber } from '../format';
import {
  cookEgg,
  donenessAt,
  donenessSource,
  eggClosedFormSource,
  eggMethods,
  eggMinutes,
  eggModelSource,
  yolkDoneness,
} from '../heat';
import { boilingAtAltitude, saturationSource, standardAtmosphereSource } from '../water';
import { defineCalculator } from './definition';
import { altitudeInput } from './inputs';

const eggInputs = {
  massG: { kind: 'number', unit: 'g', low: 20, high: 200, about: 'the egg with its shell' },
  startC: { kind: 'number', unit: '°C', low: 0, high: 40, about: 'its temperature before' },
} as const;

export const eggTime = defineCalculator({
  id: 'egg-time',
  title: 'Minutes to boil an egg',
  keywords: 'egg boil soft hard yolk time minutes',
  example: { massG: 60, startC: 21, yolkC: 65, altitudeM: 1200 },
  inputs: {
    ...eggInputs,
    yolkC: {
      kind: 'number',
      unit: '°C',
      low: 20,
      high: 99,
      about: 'wanted at the edge of the yolk: 63 soft, 75 firm',
    },
    altitudeM: altitudeInput,
  },
  compute({ massG, startC, yolkC, altitudeM }) {
    const waterC = boilingAtAltitude(altitudeM);
    const minutes = eggMinutes(massG, startC, yolkC, waterC);
    return {
      result: { minutes },
      working: [
        { text: 'water boils here at', value: waterC, unit: '°C' },
        { text: 't = M^⅔ c ρ^⅓ / (K π² (4π/3)^⅔) · ln(0.76 (T₀ − T_w)/(T_y − T_w))' },
        { text: `M = ${formatNumber(massG)} g, c = 3.7 J/g·K, ρ = 1.038 g/cm³, K = 0.0054 W/cm·K` },
        { text: 'logarithm', value: Math.log((0.76 * (startC - waterC)) / (yolkC - waterC)) },
        { text: 't', value: minutes, unit: 'min' },
      ],
      sources: [eggClosedFormSource, saturationSource, standardAtmosphereSource],
      warnings: [
        'First term only: it runs ahead of the whole sphere, by up to 3 °C for soft yolks.',
        ...(minutes > 15 ? ['Long: the outer white turns rubbery.'] : []),
      ],
    };
  },
});

export const eggDoneness = defineCalculator({
  id: 'egg-doneness',
  title: 'How done an egg is',
  keywords: 'egg yolk soft medium hard boil stand doneness',
  example: { massG: 60, startC: 21, method: 'boiling-start', minutes: 7.5, altitudeM: 1200 },
  inputs: {
    ...eggInputs,
    method: {
      kind: 'choice',
      options: eggMethods,
      about: 'into boiling water; from cold, timed from the boil; boiled up and left standing covered',
    },
    minutes: { kind: 'number', unit: 'min', low: 0, high: 60, about: 'as that school counts them' },
    altitudeM: altitudeInput,
  },
  compute({ massG, startC, method, minutes, altitudeM }) {
    const localBoilingC = boilingAtAltitude(altitudeM);
    const { yolkCentreC, yolkPeakC } = cookEgg({ massG, localBoilingC }, startC, method, minutes);
    const step = donenessAt(yolkDoneness, yolkPeakC);
    return {
      result: { yolkCentreC, yolkPeakC, doneness: step.name },
      working: [
        { text: 'water boils here at', value: localBoilingC, unit: '°C' },
        {
          text: 'a sphere of the egg’s mass in 30 shells, heated through its surface, then quenched in water of 15 °C',
        },
        { text: 'centre of the yolk when it is taken out', value: yolkCentreC, unit: '°C' },
        { text: 'highest it gets in the quench', value: yolkPeakC, unit: '°C' },
        { text: `${step.name}: ${step.why}` },
      ],
      sources: [eggModelSource, donenessSource, saturationSource],
      warnings: [
        'Teaching model: eggs differ; without the quench it cooks on further. Food safety is decided by the probe and the authority.',
      ],
    };
  },
});
