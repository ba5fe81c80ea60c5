import { RefusedValue, requireWithin } from '../bounds';
import { fitLine, type LinearFit } from '../statistics';
import type { Source } from '../working';

const gasConstant = 8.31446261815324;

export const kineticsSource: Source = {
  kind: 'handbook',
  text: 'Zero and first order rates; Arrhenius, ln k = ln A − E/(R T); Q₁₀ = (k₂/k₁)^(10/(T₂ − T₁))',
};

/** How much faster at 10 °C more. */
export function q10(rate1: number, temperature1C: number, rate2: number, temperature2C: number): number {
  requireWithin('rate1', rate1, 1e-12, 1e12);
  requireWithin('rate2', rate2, 1e-12, 1e12);
  requireWithin('temperature1C', temperature1C, -40, 400, '°C');
  requireWithin('temperature2C', temperature2C, -40, 400, '°C');
  if (Math.abs(temperature1C - temperature2C) < 0.5) {
    throw new RefusedValue(
      'temperature2C',
      temperature2C,
      `at least 0.5 °C from temperature1C (${temperature1C})`,
    );
  }
  return (rate2 / rate1) ** (10 / (temperature2C - temperature1C));
}

export interface RatePoint {
  temperatureC: number;
  /** Any unit, the same for all. */
  rate: number;
}

export interface Arrhenius {
  kJPerMol: number;
  r2: number;
  /** Rate at a temperature by the fitted line. */
  rateAt(celsius: number): number;
}

/** Activation energy from rates at several temperatures. @param points at least three, rates above 0 */
export function fitArrhenius(points: readonly RatePoint[]): Arrhenius {
  if (points.length < 3) throw new RefusedValue('points', points, 'at least 3 points');
  points.forEach(({ temperatureC, rate }, i) => {
    requireWithin(`points[${i}].temperatureC`, temperatureC, -40, 400, '°C');
    requireWithin(`points[${i}].rate`, rate, 1e-12, 1e12);
  });
  if (new Set(points.map((point) => point.temperatureC)).size < 2) {
    throw new RefusedValue('points', points, 'at least two temperatures');
  }
  const line = fitLine(
    points.map(({ temperatureC }) => 1 / (temperatureC + 273.15)),
    points.map(({ rate }) => Math.log(rate)),
  );
  return {
    kJPerMol: (-line.slope * gasConstant) / 1000,
    r2: line.r2,
    rateAt: (celsius) => Math.exp(line.intercept + line.slope / (celsius + 273.15)),
  };
}

export interface OrderFit {
  /** Rate constant: units a minute for zero order, 1/minute for first. */
  k: number;
  line: LinearFit;
}

/** Zero order: y falls or rises in a straight line with time. */
export function fitZeroOrder(minutes: readonly number[], y: readonly number[]): OrderFit {
  const line = fitLine(minutes, y);
  return { k: line.slope, line };
}

/** First order towards an end value: ln |y − end| falls in a straight line. */
export function fitFirstOrder(minutes: readonly number[], y: readonly number[], end = 0): OrderFit {
  const side = Math.sign((y[0] ?? 0) - end);
  y.forEach((value, i) => {
    if (Math.sign(value - end) !== side || side === 0) {
      throw new RefusedValue(`y[${i}]`, value, `on one side of the end value ${end}, as the first is`);
    }
  });
  const line = fitLine(
    minutes,
    y.map((value) => Math.log(Math.abs(value - end))),
  );
  return { k: -line.slope, line };
}
