import { gelatineForBloom, gelsSource, highMethoxylWindow, jamAboveBoilingC } from '../gels';
import { boilingAtAltitude, saturationSource } from '../water';
import { defineCalculator } from './definition';
import { altitudeInput } from './inputs';

export const pectinSet = defineCalculator({
  id: 'pectin-set',
  title: 'Will jam set, and where is it done?',
  keywords: 'jam jelly pectin set sugar acid endpoint marmalade',
  example: { solidsPercent: 65, pH: 3.1, altitudeM: 1200 },
  inputs: {
    solidsPercent: { kind: 'number', unit: '%', low: 0, high: 90, about: 'soluble solids' },
    pH: { kind: 'number', unit: '', low: 1, high: 9, about: 'of the jam' },
    altitudeM: altitudeInput,
  },
  compute({ solidsPercent, pH, altitudeM }) {
    const { sets, why } = highMethoxylWindow(solidsPercent, pH);
    const boilingC = boilingAtAltitude(altitudeM);
    return {
      result: { sets, doneC: boilingC + jamAboveBoilingC },
      working: [
        { text: 'high-methoxyl pectin sets from 55 to 65 % soluble solids up, at pH 2.8 to 3.5' },
        ...why.map((text) => ({ text })),
        { text: 'water boils here at', value: boilingC, unit: '°C' },
        { text: 'done 4 to 5 °C above that', value: boilingC + jamAboveBoilingC, unit: '°C' },
      ],
      sources: [gelsSource, saturationSource],
      warnings: ['The set develops over a day or two. Preserving for keeping: use tested local procedures.'],
    };
  },
});

export const gelatineGrade = defineCalculator({
  id: 'gelatine-grade',
  title: 'Gelatine of another grade',
  keywords: 'gelatine gelatin bloom grade leaf powder swap',
  example: { massG: 10, fromBloom: 200, toBloom: 160 },
  inputs: {
    massG: { kind: 'number', unit: 'g', low: 0, high: 10_000, about: 'as the formula says' },
    fromBloom: { kind: 'number', unit: 'Bloom', low: 50, high: 320, about: 'its grade' },
    toBloom: { kind: 'number', unit: 'Bloom', low: 50, high: 320, about: 'the grade there is' },
  },
  compute({ massG, fromBloom, toBloom }) {
    const neededG = gelatineForBloom(massG, fromBloom, toBloom);
    return {
      result: { neededG },
      working: [
        { text: 'strength ∝ concentration² × Bloom' },
        { text: 'needed = mass × √(Bloom / Bloom)', value: neededG, unit: 'g' },
      ],
      sources: [gelsSource],
      warnings: ['Teaching model: the shape is right; try a small batch first.'],
    };
  },
});
