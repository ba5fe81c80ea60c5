import {
  familywiseKinds,
  judgeLevels,
  judgeTrend,
  simulateFamilywise,
  stationsForPair,
  stationsForTrend,
} from '../src/core/inference';
import { seededRandom } from '../src/core/random';

/** Classes of each design; TAWNY_BENCH_CLASSES for a quick look. */
const classes = Number(process.env.TAWNY_BENCH_CLASSES ?? 10_000);

/** False “higher”, “lower”, “rose” or “fell” in classes in which nothing differs, from 2 × 2 to 8 × 3. */
export function familywiseErrors() {
  return familywiseKinds.flatMap((kind) =>
    [2, 3, 4, 5, 6, 7, 8].flatMap((levels) =>
      [2, 3].map((replicates) => ({
        figure: `familywise-${kind}-${levels}x${replicates}`,
        value: simulateFamilywise({ levels, replicates }, kind, classes, 1).falsePercent,
        unit: '%',
        expected: 'at most 5',
      })),
    ),
  );
}

/** “About N stations would show it”: how many classes of N stations a level really do. */
export function powerChecks() {
  const random = seededRandom(7);
  const found = (told: () => boolean) => {
    let count = 0;
    const runs = Math.min(classes, 4000);
    for (let i = 0; i < runs; i += 1) if (told()) count += 1;
    return Number(((100 * count) / runs).toFixed(1));
  };
  return [1.2, 1.6, 2.4, 4].flatMap((effect) => {
    const trendN = stationsForTrend(effect / 3, 1, [0, 1, 2, 3])!;
    const pairN = stationsForPair(effect, 1, 3, true)!;
    return [
      {
        figure: `power-trend-${effect}`,
        value: found(
          () =>
            judgeTrend(
              [0, 1, 2, 3].flatMap((x) =>
                Array.from({ length: trendN }, () => ({
                  x,
                  y: (effect * x) / 3 + random.normal(),
                  level: String(x),
                })),
              ),
              0,
              false,
            )!.told,
        ),
        unit: '%',
        expected: '79 to 83, where a station more or less is no larger step',
        stations: trendN,
      },
      {
        figure: `power-control-${effect}`,
        value: found(() =>
          judgeLevels({
            levels: [0, 0, effect].map((mean, i) => ({
              name: `l${i}`,
              values: Array.from({ length: pairN }, () => mean + random.normal()),
            })),
            control: 'l0',
            leastSd: 0,
            ordinal: false,
          })!.pairs.some((pair) => pair.told && pair.name === 'l2'),
        ),
        unit: '%',
        expected: '79 to 83, where a station more or less is no larger step',
        stations: pairN,
      },
    ];
  });
}
