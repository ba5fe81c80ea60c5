import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { differenceCiede2000 } from 'culori';
import * as simple from 'simple-statistics';
import { build } from 'vite';
import { ciede2000 } from '../src/core/browning';
import {
  biotNumber,
  centreOf,
  conductionStep,
  fourierNumber,
  unaccomplished,
  uniformBody,
  type Body,
} from '../src/core/heat';
import { seededRandom } from '../src/core/random';
import { equivalentMinutes } from '../src/core/safety';
import { fitLine, oneWayAnova } from '../src/core/statistics';
import { findPlateaus } from '../src/core/trace';
import { jstatAnova } from './jstat-anova';

/** Median time of some work, ms. */
function medianMs(work: () => void, times = 15): number {
  const taken = Array.from({ length: times }, () => {
    const start = performance.now();
    work();
    return performance.now() - start;
  }).sort((a, b) => a - b);
  return taken[Math.floor(times / 2)]!;
}

const ratio = (figure: string, ours: number, theirs: number, expected: string) => ({
  figure,
  value: Number((theirs / ours).toFixed(2)),
  unit: 'times as fast',
  oursMs: Number(ours.toFixed(3)),
  theirsMs: Number(theirs.toFixed(3)),
  expected,
});

/** The conduction grid against the series, both good to 0.05 °C in the centre of a slab, by the second for 30 min. */
function conduction() {
  const body: Body = {
    shape: 'slab',
    halfThicknessM: 0.02,
    material: { conductivityWmK: 0.48, densityKgM3: 1060, specificHeatJkgK: 3500 },
  };
  const [film, medium, start] = [25, 180, 5];
  const biot = biotNumber(film, body.halfThicknessM, body.material.conductivityWmK);
  const bySeries = (seconds: number) =>
    medium +
    (start - medium) *
      unaccomplished('slab', biot, fourierNumber(body.material, body.halfThicknessM, seconds));
  const times = Array.from({ length: 180 }, (_, i) => 10 * (i + 1));
  let worst = 0;
  const grid = medianMs(() => {
    let state = uniformBody(start, 24);
    worst = 0;
    times.forEach((seconds, i) => {
      state = conductionStep(state, body, medium, film, 10, i < 3 ? 1 : 0.5);
      if (i % 30 === 29) worst = Math.max(worst, Math.abs(centreOf(state) - bySeries(seconds)));
    });
  });
  const series = medianMs(() => times.forEach(bySeries), 7);
  return {
    ...ratio('conduction-grid-against-series', grid, series, 'reported'),
    worstC: Number(worst.toFixed(4)),
  };
}

function colours() {
  const random = seededRandom(1);
  const labs = Array.from({ length: 20_000 }, () => ({
    mode: 'lab65' as const,
    l: 100 * random.uniform(),
    a: 80 * random.normal(),
    b: 80 * random.normal(),
  }));
  const ours = labs.map(({ l, a, b }) => ({ L: l, a, b }));
  const theirs = differenceCiede2000();
  let sum = 0;
  const time = (difference: (i: number) => number) =>
    medianMs(() => {
      for (let i = 1; i < labs.length; i += 1) sum += difference(i);
    });
  const [mine, other] = [
    time((i) => ciede2000(ours[i - 1]!, ours[i]!)),
    time((i) => theirs(labs[i - 1]!, labs[i]!)),
  ];
  return { ...ratio('ciede2000-against-culori', mine, other, 'at least 1'), sum: Number.isFinite(sum) };
}

function statistics() {
  const random = seededRandom(2);
  const groups = Object.fromEntries(
    ['a', 'b', 'c', 'd'].map((name, i) => [name, Array.from({ length: 2500 }, () => i + random.normal())]),
  );
  const x = Array.from({ length: 10_000 }, (_, i) => i);
  const y = x.map((one) => 2 * one + random.normal());
  const pairs = x.map((one, i) => [one, y[i]!] as [number, number]);
  return [
    ratio(
      'anova-against-jstat',
      medianMs(() => void oneWayAnova(groups)),
      medianMs(() => void jstatAnova(Object.values(groups))),
      'reported',
    ),
    ratio(
      'regression-against-simple-statistics',
      medianMs(() => void fitLine(x, y)),
      medianMs(() => {
        const line = simple.linearRegression(pairs);
        simple.rSquared(pairs, simple.linearRegressionLine(line));
      }),
      'reported',
    ),
  ];
}

function traces() {
  const random = seededRandom(3);
  const readings = Array.from({ length: 100_000 }, (_, i) => ({
    minute: i / 60,
    celsius: 60 + 15 * Math.sin(i / 9000) + 0.1 * random.normal(),
  }));
  const trace = {
    seconds: Float64Array.from(readings, (one) => one.minute * 60),
    celsius: Float64Array.from(readings, (one) => one.celsius),
  };
  return [
    {
      figure: 'lethality-100000-readings',
      value: Number(medianMs(() => void equivalentMinutes(readings, 70, 7.5)).toFixed(2)),
      unit: 'ms',
      expected: 'under 20',
    },
    {
      figure: 'plateaus-100000-readings',
      value: Number(medianMs(() => void findPlateaus(trace)).toFixed(2)),
      unit: 'ms',
      expected: 'under 20',
    },
  ];
}

/** The registry with its tables, bundled as a browser would get it: its size, and how long Node takes to import it. */
async function bundle() {
  const folder = mkdtempSync(join(tmpdir(), 'tawny-bench-'));
  try {
    await build({
      configFile: false,
      logLevel: 'silent',
      build: {
        outDir: folder,
        emptyOutDir: true,
        minify: true,
        target: 'es2022',
        lib: { entry: 'bench/core-entry.ts', formats: ['es'], fileName: () => 'core.mjs' },
      },
    });
    const file = join(folder, 'core.mjs');
    const gzipped = gzipSync(readFileSync(file)).length / 1000;
    const script = `const s = performance.now(); await import(${JSON.stringify(file)}); console.log(performance.now() - s);`;
    const imports = Array.from({ length: 7 }, () =>
      Number(spawnSync(process.execPath, ['--input-type=module', '-e', script], { encoding: 'utf8' }).stdout),
    ).sort((a, b) => a - b);
    return [
      { figure: 'core-bundle-gzipped', value: Number(gzipped.toFixed(1)), unit: 'kB', expected: 'under 80' },
      { figure: 'registry-import', value: Number(imports[3]!.toFixed(1)), unit: 'ms', expected: 'under 100' },
    ];
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/** The core against other libraries and its own limits. */
export async function core() {
  return [conduction(), colours(), ...statistics(), ...traces(), ...(await bundle())];
}
