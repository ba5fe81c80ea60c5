import { correctedC, readingRangeC, twoPointCorrection, twoPointSource } from '../trace';
import { absoluteZeroC, convertTemperature, temperatureUnits } from '../units';
import { localBoiling, saturationSource } from '../water';
import { defineCalculator } from './definition';
import { placeInputs } from './inputs';

export const temperature = defineCalculator({
  id: 'temperature',
  title: 'Temperature from one unit to another',
  keywords: 'celsius fahrenheit kelvin convert degrees',
  example: { value: 350, from: 'F', to: 'C' },
  inputs: {
    value: {
      kind: 'number',
      unit: '',
      low: -459.67,
      high: 1e6,
      about: 'temperature, not below absolute zero',
    },
    from: { kind: 'choice', options: temperatureUnits, about: 'its unit' },
    to: { kind: 'choice', options: temperatureUnits, about: 'the unit wanted' },
  },
  compute({ value, from, to }) {
    const converted = convertTemperature(value, from, to);
    return {
      result: { value: converted },
      working: [
        { text: '°F = 9/5 °C + 32; K = °C + 273.15' },
        { text: `${value} ${from} in ${to}`, value: converted, unit: to === 'K' ? 'K' : `°${to}` },
        { text: 'absolute zero', value: absoluteZeroC, unit: '°C' },
      ],
      sources: [
        { kind: 'standard', text: 'BIPM, SI Brochure, 9th edition: °C and K by definition; °F exact' },
      ],
    };
  },
});

export const thermometerCorrection = defineCalculator({
  id: 'thermometer-correction',
  title: 'What a thermometer should have shown',
  keywords: 'calibrate ice boiling check probe',
  example: { iceReadingC: 0.5, boilReadingC: 97.1, readingC: 118, altitudeM: 1200 },
  inputs: {
    iceReadingC: { kind: 'number', unit: '°C', low: -15, high: 15, about: 'what it showed in melting ice' },
    boilReadingC: {
      kind: 'number',
      unit: '°C',
      low: 60,
      high: 120,
      about: 'what it showed in boiling water',
    },
    ...placeInputs,
    readingC: { kind: 'number', unit: '°C', ...readingRangeC, about: 'the reading to correct' },
  },
  compute({ iceReadingC, boilReadingC, altitudeM, localBoilingC, readingC }) {
    const { boilingC } = localBoiling({ altitudeM, measuredBoilingC: localBoilingC });
    const correction = twoPointCorrection(iceReadingC, boilReadingC, boilingC);
    const trueC = correctedC(readingC, correction);
    const beyond = readingC < iceReadingC - 5 || readingC > boilReadingC + 30;
    return {
      result: { trueC, offsetC: correction.offsetC, gain: correction.gain },
      working: [
        { text: 'water boils here at', value: boilingC, unit: '°C' },
        {
          text: 'gain = local boiling / (reading in boiling water − reading in ice)',
          value: correction.gain,
        },
        { text: 'offset = −gain × reading in ice', value: correction.offsetC, unit: '°C' },
        { text: 'true = gain × reading + offset', value: trueC, unit: '°C' },
      ],
      sources: [twoPointSource, saturationSource],
      warnings: beyond ? ['Far outside the two check points: the correction is stretched there.'] : [],
    };
  },
});
