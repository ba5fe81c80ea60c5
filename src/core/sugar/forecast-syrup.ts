import { WeightedEquations } from '../numeric';
import { windowOf, type Forecast, type Trace } from '../trace';
import { heatScaleOf, type HeatScale } from './heat-to-go';
import { smallPanLossWPerK, type SyrupBatch } from './syrup-batch';

/** How far back the line is drawn, s, the most readings it is drawn through, and how fast the past fades, s. */
const windowS = 420;
const mostReadings = 60;
const fadingS = 200;
/** Spread of single readings in a boiling pan, and what a school thermometer's calibration leaves open, °C. */
const readingSpreadC = 0.25;
const calibrationC = 0.3;
/** Hob, lid and stirring change: the rate is not known better than this share. */
const rateSpread = 0.08;
/** z for a two-sided 95 % interval. */
const z95 = 1.96;
const horizonS = 4 * 3600;

/** Heat a small pan loses to a room of 21 °C, W. */
const lossW = (celsius: number) => smallPanLossWPerK * (celsius - 21);

/**
 * Time until a boiling syrup reaches `targetC` on its thermometer, plateau included.
 *
 * Each reading is turned into the heat the batch must have taken up, and lost, to show it. Under steady power
 * that grows in a straight line, whatever the temperature does; a line through it, weighted by how much each
 * reading tells (little on the plateau, much in the climb), runs to the target. The thermometer's own error is
 * a third unknown beside power and present heat, held near 0 by what a school thermometer can be off.
 *
 * @param nowS the present moment on the trace's clock, s
 */
export function forecastSyrup(trace: Trace, batch: SyrupBatch, targetC: number, nowS: number): Forecast {
  const recentReadings = windowOf(trace, nowS - windowS, nowS, mostReadings);
  const n = recentReadings.seconds.length;
  if (n < 3) return { kind: 'too-few-readings' };
  const recentC = recentReadings.celsius.slice(-3).sort((a, b) => a - b)[1]!;
  if (recentC >= targetC - 0.05) return { kind: 'reached', byC: recentC - targetC };

  const scale = heatScaleOf(batch);
  const { equations, lost } = heatEquations(recentReadings, scale, nowS);
  const fit = equations.solve();
  if (!fit) return { kind: 'too-few-readings' };
  const secondsTo = ([powerW, heat, offsetC]: readonly number[]) =>
    scale.secondsBetween(heat! - lost, targetC - offsetC!, (celsius) => powerW! - lossW(celsius));

  const seconds = Math.max(1, secondsTo(fit.estimates));
  if (!(seconds < horizonS)) return { kind: 'not-approaching' };
  const spreadS = Math.hypot(spreadOf(secondsTo, fit.estimates, fit.covariance), seconds * rateSpread, 1);
  const high = seconds + z95 * spreadS;
  return {
    kind: 'reaching',
    seconds,
    low: Math.max(0, seconds - z95 * spreadS),
    high: high < horizonS ? high : null,
  };
}

/** One equation a reading: heat taken up and lost = power × time + heat now + thermometer error × heat a degree. */
function heatEquations(
  { seconds, celsius }: { seconds: number[]; celsius: number[] },
  scale: HeatScale,
  nowS: number,
) {
  const equations = new WeightedEquations(3);
  let lost = 0;
  seconds.forEach((at, i) => {
    const here = celsius[i]!;
    if (i > 0) lost += lossW((here + celsius[i - 1]!) / 2) * (at - seconds[i - 1]!);
    // Taken a little to both sides, so that a reading at the corner where boiling begins claims no precision.
    const [below, above] = [scale.joulesAt(here - calibrationC), scale.joulesAt(here + calibrationC)];
    const perDegree = (above - below) / (2 * calibrationC);
    const age = at - nowS;
    equations.add(
      [age, 1, perDegree],
      (above + below) / 2 + lost,
      Math.exp(age / fadingS) / (perDegree * readingSpreadC) ** 2,
    );
  });
  equations.add([0, 0, 1], 0, 1 / calibrationC ** 2);
  return { equations, lost };
}

/** Standard deviation of a function of the estimates, by its slopes (propagation of error). */
function spreadOf(
  of: (estimates: readonly number[]) => number,
  estimates: readonly number[],
  covariance: readonly (readonly number[])[],
): number {
  const centre = of(estimates);
  const slopes = estimates.map((_, i) => {
    const step = 0.1 * Math.sqrt(covariance[i]![i]!);
    const moved = of(estimates.map((value, j) => (i === j ? value - step : value)));
    return Number.isFinite(moved) ? (centre - moved) / step : 0;
  });
  const variance = slopes.reduce(
    (sum, a, i) => sum + slopes.reduce((part, b, j) => part + a * b * covariance[i]![j]!, 0),
    0,
  );
  return Math.sqrt(Math.max(0, variance));
}
