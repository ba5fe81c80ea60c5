import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { farthestIn, type Stretch } from './farthest';
import { ReadingTrace } from './reading-trace';

/** By the definition, all of it anew: the middle of each reading and its neighbours, of two the less far. */
function byDefinition({ seconds, celsius }: ReadingTrace, { from, until, cooled }: Stretch): number | null {
  const middles = celsius.flatMap((_, i) => {
    if (seconds[i]! <= from || seconds[i]! > until) return [];
    const around = celsius.slice(Math.max(0, i - 1), i + 2).sort((a, b) => a - b);
    return [around[Math.floor(cooled ? around.length / 2 : (around.length - 1) / 2)]!];
  });
  if (middles.length === 0) return null;
  return cooled ? Math.min(...middles) : Math.max(...middles);
}

const moment = fc.oneof(fc.integer({ min: -5, max: 70 }), fc.constantFrom(-Infinity, Infinity));
const done = fc.oneof(
  {
    weight: 6,
    arbitrary: fc.record({ do: fc.constant('read' as const), celsius: fc.integer({ min: 90, max: 99 }) }),
  },
  fc.record({
    ...{ do: fc.constant('late' as const), second: fc.integer({ min: 0, max: 60 }) },
    celsius: fc.integer({ min: 80, max: 120 }),
  }),
  fc.record({ do: fc.constant('strike' as const), which: fc.nat(80) }),
);

describe('the farthest reading of a stretch', () => {
  it('asked again and again while the trace grows and is corrected, is what it is by the definition', () => {
    fc.assert(
      fc.property(
        fc.array(fc.record({ from: moment, until: moment, cooled: fc.boolean() }), {
          minLength: 1,
          maxLength: 4,
        }),
        fc.array(done, { maxLength: 60 }),
        (stretches, all) => {
          const trace = new ReadingTrace();
          let second = 0;
          for (const [i, one] of all.entries()) {
            if (one.do === 'read') trace.insert(`r${i}`, (second += i % 3), one.celsius);
            else if (one.do === 'late') trace.insert(`r${i}`, one.second, one.celsius);
            else trace.remove(`r${one.which}`);
            expect(trace.seconds).toEqual([...trace.seconds].sort((a, b) => a - b));
            for (const stretch of stretches)
              expect(farthestIn(trace, stretch)).toBe(byDefinition(trace, stretch));
          }
        },
      ),
      { numRuns: 400 },
    );
  });

  it('is not looked for among what was looked through: an hour of readings costs as much as its last', () => {
    const trace = new ReadingTrace();
    const read: number[] = [];
    const watched = new Proxy(trace.celsius, {
      get: (of, key) => {
        if (typeof key === 'string' && /^\d+$/.test(key)) read.push(Number(key));
        return Reflect.get(of, key) as unknown;
      },
    });
    Object.defineProperty(trace, 'celsius', { value: watched });
    const stretch = { from: -Infinity, until: Infinity, cooled: false };
    for (let second = 0; second < 3600; second += 1) {
      trace.insert(`r${second}`, second, 20 + second / 40);
      farthestIn(trace, stretch);
    }
    expect(read.length).toBeLessThan(3600 * 8);
    expect(farthestIn(trace, stretch)).toBe(20 + 3598 / 40);
  });
});
