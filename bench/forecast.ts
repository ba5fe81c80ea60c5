import { seededRandom } from '../src/core/random';
import { forecastSyrup, heatSyrup, type SyrupBatch } from '../src/core/sugar';
import { findPlateaus, presentPlateau, timeToTarget } from '../src/core/trace';

const stations = 30;
const seconds = 90 * 60;

/** A 90-minute trace at 1 Hz: syrup on a low hob, with the noise of a probe. */
function longTrace(seed: number, batch: SyrupBatch) {
  const random = seededRandom(seed);
  const trace = { seconds: new Float64Array(seconds), celsius: new Float64Array(seconds) };
  let state = { seconds: 0, celsius: 21, waterG: batch.waterG };
  for (let i = 0; i < seconds; i += 1) {
    state = heatSyrup(state, batch, { powerW: 165, lossWPerK: 0.85, roomC: 21 }, 1);
    trace.seconds[i] = state.seconds;
    trace.celsius[i] = state.celsius + 0.15 * random.normal();
  }
  return trace;
}

const medianMs = (work: () => void, times = 25) => {
  const taken = Array.from({ length: times }, () => {
    const start = performance.now();
    work();
    return performance.now() - start;
  }).sort((a, b) => a - b);
  return Number(taken[Math.floor(times / 2)]!.toFixed(3));
};

/** Ninety minutes of a pan of syrup, second by second. */
function simulate(batch: SyrupBatch) {
  let state = { seconds: 0, celsius: 21, waterG: batch.waterG };
  for (let i = 0; i < seconds; i += 1)
    state = heatSyrup(state, batch, { powerW: 165, lossWPerK: 0.85, roomC: 21 }, 1);
}

/** Forecasts and plateaus for 30 stations together, as the board asks twice a second; and over whole traces. */
export function forecasts() {
  const batch: SyrupBatch = { solidsG: 132, waterG: 148, localBoilingC: 96, panJPerK: 200 };
  const traces = Array.from({ length: stations }, (_, i) => longTrace(i, batch));
  // Half-way: the pans stand on the plateau, where the forecast has most to do.
  const now = seconds / 2;
  let reaching = 0;
  const syrup = medianMs(() => {
    reaching = traces.filter((trace) => forecastSyrup(trace, batch, 150, now).kind === 'reaching').length;
  });
  return [
    { figure: 'forecast-syrup-30-stations', value: syrup, unit: 'ms', expected: 'under 20', reaching },
    {
      figure: 'forecast-line-30-stations',
      value: medianMs(() => traces.forEach((trace) => timeToTarget(trace, 150, now))),
      unit: 'ms',
      expected: 'under 20',
    },
    {
      figure: 'plateau-now-30-stations',
      value: medianMs(() => traces.forEach((trace) => presentPlateau(trace, now))),
      unit: 'ms',
      expected: 'under 20',
    },
    {
      figure: 'plateaus-whole-90-min-trace',
      value: medianMs(() => findPlateaus(traces[0]!)),
      unit: 'ms',
    },
    {
      figure: 'simulation-90-min-at-1-s',
      value: medianMs(() => simulate(batch)),
      unit: 'ms',
      expected: 'under 10',
    },
  ];
}
