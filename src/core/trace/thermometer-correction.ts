import { RefusedValue, requireWithin } from '../bounds';
import type { Source } from '../working';

/** Turns what a thermometer shows into what is true: true = gain × reading + offset. */
export interface ThermometerCorrection {
  gain: number;
  offsetC: number;
}

export const twoPointSource: Source = {
  kind: 'common-practice',
  text: 'Two-point check of a thermometer: melting ice is 0 °C, boiling water is the local boiling point',
};

/**
 * Correction from a check in melting ice and in boiling water.
 *
 * @param iceReadingC what it showed in melting ice, −15 to 15 °C
 * @param boilReadingC what it showed in boiling water, 60 to 120 °C
 * @param localBoilingC where water boils there, °C
 */
export function twoPointCorrection(
  iceReadingC: number,
  boilReadingC: number,
  localBoilingC: number,
): ThermometerCorrection {
  requireWithin('iceReadingC', iceReadingC, -15, 15, '°C');
  requireWithin('boilReadingC', boilReadingC, 60, 120, '°C');
  if (localBoilingC <= 0) throw new RefusedValue('localBoilingC', localBoilingC, 'a number above 0 °C');
  const gain = localBoilingC / (boilReadingC - iceReadingC);
  // 0 − x keeps a plain zero for a thermometer that reads true.
  return { gain, offsetC: 0 - gain * iceReadingC };
}

export function correctedC(readingC: number, { gain, offsetC }: ThermometerCorrection): number {
  return gain * readingC + offsetC;
}
